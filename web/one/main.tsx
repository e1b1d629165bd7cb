import { OneBreak } from '@kotabi/core/model';
import { createRoot } from 'react-dom/client';
import '../theme/global.css';
import { OnePage } from './OnePage';

// The server puts the break into the page when the file is taken away; the file is opened without any server.
const { textContent } = document.getElementById('break') as HTMLElement;

createRoot(document.getElementById('root') as HTMLElement).render(
  <OnePage one={OneBreak.parse(JSON.parse(textContent ?? ''))} />,
);
