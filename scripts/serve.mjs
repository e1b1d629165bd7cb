import { spawn } from 'node:child_process';
import { root, toolPath } from './setup.mjs';

/** Starts the server and stays with it: Ctrl-C reaches it, and its end is ours. */
export const serve = (args) => {
  const child = spawn(process.execPath, [toolPath('tsx'), 'server/main.ts', ...args], {
    cwd: root,
    stdio: 'inherit',
  });
  // A terminal sends Ctrl-C to both; the server closes its database, and this waits for it.
  process.on('SIGINT', () => {});
  process.on('SIGTERM', () => child.kill('SIGTERM'));
  child.on('exit', (code, signal) =>
    process.exit(code ?? (signal === 'SIGINT' || signal === 'SIGTERM' ? 0 : 1)),
  );
};
