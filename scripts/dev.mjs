import './node-version.mjs';
import { spawn } from 'node:child_process';
import { whenAbandoned } from './serve.mjs';
import { install, root, toolPath } from './setup.mjs';

// For work on Kotabi: the server starts anew when it changes, the interface shows changes at once.
install();
const start = (tool, args) =>
  spawn(process.execPath, [toolPath(tool), ...args], { cwd: root, stdio: 'inherit' });
const children = [start('tsx', ['watch', 'server/main.ts', '--demo']), start('vite', ['web'])];
const end = () => {
  for (const child of children) child.kill('SIGTERM');
};
process.on('SIGINT', end);
process.on('SIGTERM', end);
whenAbandoned(end);
for (const child of children) child.on('exit', end);
