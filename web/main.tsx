import { createRoot } from 'react-dom/client';
import './theme/global.css';
import { App } from './App';

createRoot(document.getElementById('root') as HTMLElement).render(<App />);
