import { type ReactNode, Suspense } from 'react';
import { createRoot } from 'react-dom/client';
import '../theme/global.css';
import { later } from '../later/later';
import { LeadPage } from './LeadPage';
import { pageAt } from './place';

const GroupPage = later(async () => (await import('./live/GroupPage')).GroupPage);
const JoinPage = later(async () => (await import('./live/JoinPage')).JoinPage);
const RemotePage = later(async () => (await import('./live/RemotePage')).RemotePage);

/** What stands at an address of this page. */
const shown = (): ReactNode => {
  const page = pageAt(location);
  switch (page.page) {
    case 'lead':
      return <LeadPage place={page.place} />;
    case 'group':
      return <GroupPage breakId={page.breakId} />;
    case 'join':
      return <JoinPage token={page.token} />;
    case 'remote':
      return <RemotePage />;
  }
};

// Leading has a page of its own, without the component kit: it is opened in front of people, also on a phone.
createRoot(document.getElementById('root') as HTMLElement).render(
  <Suspense fallback={null}>{shown()}</Suspense>,
);
