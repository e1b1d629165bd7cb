import { spawnSync } from 'node:child_process';
import { existsSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { join, resolve } from 'node:path';

export const root = resolve(import.meta.dirname, '..');
const npm = process.platform === 'win32' ? 'npm.cmd' : 'npm';

/** Runs a command to its end, showing what it prints; ends this program when it fails. */
export const run = (command, args, options = {}) => {
  const { status, error } = spawnSync(command, args, { cwd: root, stdio: 'inherit', ...options });
  if (error) console.error(`${command} could not be started: ${error.message}`);
  if (status !== 0) process.exit(status ?? 1);
};

/** Runs a tool from the installed packages. */
export const runTool = (name, args, options) => run(process.execPath, [toolPath(name), ...args], options);

const TOOLS = {
  vite: 'vite/bin/vite.js',
  tsc: 'typescript/bin/tsc',
  vitest: 'vitest/vitest.mjs',
  tsx: 'tsx/dist/cli.mjs',
  biome: '@biomejs/biome/bin/biome',
};
export const toolPath = (name) => join(root, 'node_modules', TOOLS[name]);

/** Installs the packages when they are not there, or when the lock file has changed since. */
export const install = () => {
  const lock = readFileSync(join(root, 'package-lock.json'), 'utf8');
  const stamp = join(root, 'node_modules', '.kotabi-lock');
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === lock) return;
  console.log('Installing packages …');
  run(npm, ['ci', '--no-fund', '--no-audit', '--loglevel=error']);
  writeFileSync(stamp, lock);
};

const newest = (path) => {
  const stat = statSync(path);
  if (!stat.isDirectory()) return stat.mtimeMs;
  const names = readdirSync(path).filter(
    (n) => n !== 'node_modules' && n !== 'dist' && !n.endsWith('.test.ts'),
  );
  return Math.max(0, ...names.map((n) => newest(join(path, n))));
};

/** Builds the interface when it is not there, or when something it is built from is newer. */
export const build = () => {
  const built = join(root, 'web', 'dist', 'index.html');
  const sources = ['web', 'core', 'package-lock.json'].map((name) => join(root, name));
  if (existsSync(built) && statSync(built).mtimeMs >= Math.max(...sources.map(newest))) return;
  console.log('Building the interface …');
  runTool('vite', ['build', 'web', '--logLevel', 'warn']);
};
