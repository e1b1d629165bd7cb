import { createRoot } from 'react-dom/client';
import '../theme/global.css';
import { LeadPage } from './LeadPage';

// Leading has a page of its own, without the component kit: it is opened in front of people, also on a phone.
const breakId = decodeURIComponent(location.pathname.split('/')[2] ?? '');
createRoot(document.getElementById('root') as HTMLElement).render(<LeadPage breakId={breakId} />);
