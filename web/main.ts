import 'virtual:component-styles.css';
import './theme/global.css';
import { loadScreen } from './screens/screens';
import { screenAt } from './screens/table';
import { start } from './start';

// The page names what its screen needs; only what depends on the address itself is asked for here. Nothing waits for
// one thing to find out about the next.
const here = screenAt(location.pathname === '/' ? '/breaks' : location.pathname);
for (const address of here?.reads.filter((read) => !here.row.reads.includes(read)) ?? []) {
  const link = document.createElement('link');
  Object.assign(link, { rel: 'preload', as: 'fetch', href: address, crossOrigin: 'anonymous' });
  document.head.append(link);
}
// The frame is shown with its screen in it, not before; where that cannot be fetched the frame says so.
void (here ? loadScreen(here.row) : Promise.resolve()).then(start, start);
