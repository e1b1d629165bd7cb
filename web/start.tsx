import { createRoot } from 'react-dom/client';
import { App } from './App';

/** Shows the interface. */
export const start = (): void => createRoot(document.getElementById('root') as HTMLElement).render(<App />);
