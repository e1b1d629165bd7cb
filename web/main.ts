import './theme/global.css';
import { screenAt } from './screens/screens';

// What the screen at this address needs is asked for before anything runs: all of it then comes at once, instead of
// one thing finding out about the next.
const here = screenAt(location.pathname === '/' ? '/breaks' : location.pathname);
for (const address of here?.reads ?? []) {
  const link = document.createElement('link');
  Object.assign(link, { rel: 'preload', as: 'fetch', href: address, crossOrigin: 'anonymous' });
  document.head.append(link);
}
void Promise.all([import('./start'), here?.load()]).then(([{ start }]) => start());
