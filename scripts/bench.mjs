import './node-version.mjs';
import { install, runTool } from './setup.mjs';

install();
for (const name of ['retime', 'fit', 'suggest', 'plan-day', 'figure']) runTool('tsx', [`bench/${name}.ts`]);
