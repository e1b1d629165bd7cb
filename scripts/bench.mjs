import './node-version.mjs';
import { install, runTool } from './setup.mjs';

install();
for (const file of ['bench/retime.ts', 'bench/plan-day.ts']) runTool('tsx', [file]);
