import './node-version.mjs';
import { install, runTool } from './setup.mjs';

// Changes timing, needs and schedule in one small way at a time and says which changes no test noticed.
install();
runTool('stryker', ['run', 'stryker.config.mjs', ...process.argv.slice(2)]);
