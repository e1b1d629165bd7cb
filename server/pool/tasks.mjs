// For work on Kotabi: a thread does not take over how its parent reads TypeScript, so it is told here.
import { tsImport } from 'tsx/esm/api';

const { default: run } = await tsImport('./tasks.ts', import.meta.url);
export default run;
