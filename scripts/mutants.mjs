import './node-version.mjs';
import { join } from 'node:path';
import { install, root, runInstalled } from './setup.mjs';

// Changes timing, needs and schedule in one small way at a time and says which changes no test noticed. The tool is
// installed when it is first wanted: nothing else needs it, and it is a sixth of all packages.
install();
const folder = join(root, 'mutants');
install(folder);
runInstalled(join(folder, 'node_modules', '@stryker-mutator', 'core', 'bin', 'stryker.js'), [
  'run',
  'mutants/stryker.config.mjs',
  ...process.argv.slice(2),
]);
