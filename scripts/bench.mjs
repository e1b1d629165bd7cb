import './node-version.mjs';
import { buildAll, install, runTool } from './setup.mjs';

install();
await buildAll();
const BENCHES = [
  'sizes',
  'load',
  'edit',
  'health',
  'live',
  'office',
  'records',
  'retime',
  'fit',
  'suggest',
  'plan-day',
  'plan-week',
  'simulate',
  'calendars',
  'figure',
];
for (const name of BENCHES) runTool('tsx', [`bench/${name}.ts`]);
