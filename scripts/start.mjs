import './node-version.mjs';
import { serve } from './serve.mjs';
import { buildAll, install, runsAsBuilt } from './setup.mjs';

// The application on the user's own database. Where it was built elsewhere, it runs as it is.
if (!runsAsBuilt()) {
  install();
  await buildAll();
}
// What stands behind the command goes to the server: --backup, --restore FILE.
serve(process.argv.slice(2));
