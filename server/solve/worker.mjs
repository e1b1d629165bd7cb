// A thread does not take over how its parent reads TypeScript: it is told here.
import { tsImport } from 'tsx/esm/api';

await tsImport('./worker.ts', import.meta.url);
