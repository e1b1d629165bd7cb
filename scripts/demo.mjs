import './node-version.mjs';
import { serve } from './serve.mjs';
import { buildAll, install } from './setup.mjs';

// The application with demo data in a database of its own; `-- --fresh` starts over.
const unknown = process.argv.slice(2).filter((a) => a !== '--fresh');
if (unknown.length > 0) {
  console.error(`Unknown: ${unknown.join(' ')}. The demo knows only --fresh (npm run demo -- --fresh).`);
  process.exit(1);
}
install();
await buildAll();
serve(['--demo', ...process.argv.slice(2)]);
