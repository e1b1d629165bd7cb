import { createRoot } from 'react-dom/client';
import '../theme/global.css';
import { DeskPage } from './DeskPage';

const token = decodeURIComponent(location.pathname.split('/')[2] ?? '');

if ('serviceWorker' in navigator && import.meta.env.PROD)
  navigator.serviceWorker
    .register('/desk-worker.js', { scope: '/me/' })
    .catch((error: unknown) => console.error('The page is not kept for when there is no connection', error));

createRoot(document.getElementById('root') as HTMLElement).render(<DeskPage token={token} />);
