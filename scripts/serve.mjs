import { spawn } from 'node:child_process';
import { root } from './setup.mjs';

/**
 * Tells when whoever started this program is gone: npm ends its shell on a signal, and the shell passes nothing
 * on, which would leave a server behind that nobody sees.
 */
export const whenAbandoned = (then) => {
  const parent = process.ppid;
  setInterval(() => process.ppid !== parent && then(), 500).unref();
};

/** Starts the server and stays with it: Ctrl-C reaches it, and its end is ours. */
export const serve = (args) => {
  const child = spawn(process.execPath, ['server/dist/main.js', ...args], {
    cwd: root,
    stdio: 'inherit',
    env: { ...process.env, NODE_ENV: 'production' },
  });
  // A terminal sends Ctrl-C to both; the server closes its database, and this waits for it.
  process.on('SIGINT', () => {});
  process.on('SIGTERM', () => child.kill('SIGTERM'));
  whenAbandoned(() => child.kill('SIGTERM'));
  child.on('exit', (code, signal) =>
    process.exit(code ?? (signal === 'SIGINT' || signal === 'SIGTERM' ? 0 : 1)),
  );
};
