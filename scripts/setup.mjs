import { spawnSync } from 'node:child_process';
import { existsSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { brotliCompressSync, constants, gzipSync } from 'node:zlib';

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
  tsc: 'typescript-7/bin/tsc',
  vitest: 'vitest/vitest.mjs',
  tsx: 'tsx/dist/cli.mjs',
  biome: '@biomejs/biome/bin/biome',
  knip: 'knip/bin/knip.js',
  depcruise: 'dependency-cruiser/bin/dependency-cruise.mjs',
  stryker: '@stryker-mutator/core/bin/stryker.js',
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

/** Every file below a folder that something is built from. */
const sourcesIn = (path) => {
  if (!statSync(path).isDirectory()) return [path];
  return readdirSync(path)
    .filter((n) => !['node_modules', 'dist', 'test'].includes(n) && !n.includes('.test.'))
    .flatMap((n) => sourcesIn(join(path, n)));
};
const newest = (paths) => Math.max(0, ...paths.flatMap(sourcesIn).map((p) => statSync(p).mtimeMs));
const at = (...parts) => join(root, ...parts);

const SMALL = 1024;
const COMPRESSED = /\.(js|css|html|svg|json|wasm)$/;
/** Puts a compressed copy beside each built file, so that nothing has to be compressed when it is asked for. */
const compressBuilt = (folder) => {
  for (const path of readdirSync(folder, { recursive: true, withFileTypes: true })) {
    const file = join(path.parentPath, path.name);
    if (!path.isFile() || !COMPRESSED.test(path.name) || statSync(file).size < SMALL) continue;
    const content = readFileSync(file);
    writeFileSync(`${file}.gz`, gzipSync(content, { level: 9 }));
    // The highest quality takes a minute for the solver and saves a few bytes in a thousand.
    const quality = { [constants.BROTLI_PARAM_QUALITY]: content.length > 1_000_000 ? 7 : 10 };
    writeFileSync(`${file}.br`, brotliCompressSync(content, { params: quality }));
  }
};

/** What is built: from which folders, to which file, and how. */
const PARTS = [
  {
    name: 'interface',
    from: ['web', 'core', 'package-lock.json'],
    to: at('web', 'dist', 'index.html'),
    make: () => {
      runTool('vite', ['build', 'web', '--logLevel', 'warn'], BUILT);
      runTool('vite', ['build', 'web', '--mode', 'lead', '--logLevel', 'warn'], BUILT);
      runTool('vite', ['build', 'web', '--mode', 'desk', '--logLevel', 'warn'], BUILT);
      run(process.execPath, [at('scripts', 'desk-worker.mjs')], BUILT);
      runTool('vite', ['build', 'web', '--mode', 'one', '--logLevel', 'warn'], BUILT);
      compressBuilt(at('web', 'dist'));
    },
  },
  {
    name: 'server',
    from: ['server', 'core', 'package-lock.json'],
    to: at('server', 'dist', 'main.js'),
    make: () => runTool('vite', ['build', 'server', '--logLevel', 'warn'], BUILT),
  },
];
/** Whatever this program runs in, what it builds is for use. */
const BUILT = { env: { ...process.env, NODE_ENV: 'production' } };

/** Builds the interface and the server where they are not there, or when something they are built from is newer. */
export const build = () => {
  for (const { name, from, to, make } of PARTS) {
    if (existsSync(to) && statSync(to).mtimeMs >= newest(from.map((f) => at(f)))) continue;
    console.log(`Building the ${name} …`);
    make();
  }
};

/** True where everything is built and only what it needs to run is installed, so that nothing can be built anew. */
export const runsAsBuilt = () => PARTS.every(({ to }) => existsSync(to)) && !existsSync(toolPath('vite'));
