import './node-version.mjs';
import { install, runTool } from './setup.mjs';

install();
const BENCHES = ['retime', 'fit', 'suggest', 'plan-day', 'plan-week', 'simulate', 'figure'];
for (const name of BENCHES) runTool('tsx', [`bench/${name}.ts`]);
