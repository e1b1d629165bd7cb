import { createRoot } from 'react-dom/client';
import '../theme/global.css';
import { LeadPage } from './LeadPage';
import { readLeadAddress } from './place';

// Leading has a page of its own, without the component kit: it is opened in front of people, also on a phone.
createRoot(document.getElementById('root') as HTMLElement).render(
  <LeadPage place={readLeadAddress(location)} />,
);
