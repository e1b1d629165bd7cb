import { spawn, spawnSync } from 'node:child_process';
import { existsSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { promisify } from 'node:util';
import { brotliCompress, constants, gzip } from 'node:zlib';

export const root = resolve(import.meta.dirname, '..');
const npm = process.platform === 'win32' ? 'npm.cmd' : 'npm';

/** Runs a command to its end, showing what it prints; ends this program when it fails. */
const run = (command, args, options = {}) => {
  const { status, error } = spawnSync(command, args, { cwd: root, stdio: 'inherit', ...options });
  if (error) console.error(`${command} could not be started: ${error.message}`);
  if (status !== 0) process.exit(status ?? 1);
};

/** Runs a program of Node from the installed packages to its end. */
export const runInstalled = (path, args, options) => run(process.execPath, [path, ...args], options);

/** Runs a tool from the installed packages. */
export const runTool = (name, args, options) => runInstalled(toolPath(name), args, options);

const TOOLS = {
  vite: 'vite/bin/vite.js',
  tsc: 'typescript/bin/tsc',
  vitest: 'vitest/vitest.mjs',
  tsx: 'tsx/dist/cli.mjs',
  biome: '@biomejs/biome/bin/biome',
  knip: 'knip/bin/knip.js',
};
export const toolPath = (name) => join(root, 'node_modules', TOOLS[name]);

/** Installs the packages of a folder when they are not there, or when its lock file has changed since. */
export const install = (folder = root) => {
  const lock = readFileSync(join(folder, 'package-lock.json'), 'utf8');
  const stamp = join(folder, 'node_modules', '.kotabi-lock');
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === lock) return;
  console.log('Installing packages …');
  // What a tool expects beside itself is there, one folder up.
  const more = folder === root ? [] : ['--omit=peer'];
  run(npm, ['ci', '--no-fund', '--no-audit', '--loglevel=error', ...more], { cwd: folder });
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
const compressBuilt = (folder) =>
  Promise.all(
    readdirSync(folder, { recursive: true, withFileTypes: true }).map(async (path) => {
      const file = join(path.parentPath, path.name);
      if (!path.isFile() || !COMPRESSED.test(path.name) || statSync(file).size < SMALL) return;
      const content = readFileSync(file);
      // The highest qualities take three to thirty times as long and save three bytes in a hundred.
      const params = { [constants.BROTLI_PARAM_QUALITY]: content.length > 1_000_000 ? 7 : 9 };
      writeFileSync(`${file}.gz`, await promisify(gzip)(content, { level: 9 }));
      writeFileSync(`${file}.br`, await promisify(brotliCompress)(content, { params }));
    }),
  );

/** Runs a program of Node beside others; ends this one when it fails. */
const node = (...args) =>
  new Promise((done) => {
    // Whatever this program runs in, what it builds is for use.
    const env = { ...process.env, NODE_ENV: 'production' };
    spawn(process.execPath, args, { cwd: root, stdio: 'inherit', env }).once('close', (status) =>
      status === 0 ? done() : process.exit(status ?? 1),
    );
  });
const build = (folder, ...args) => node(toolPath('vite'), 'build', folder, ...args, '--logLevel', 'warn');

/** What is built: from which folders, to which file, and how. */
const PARTS = [
  {
    name: 'interface',
    from: ['web', 'core', 'package-lock.json'],
    to: at('web', 'dist', 'index.html'),
    make: async () => {
      // The first empties the folder; the others put theirs beside it.
      await build('web');
      await Promise.all([
        build('web', '--mode', 'lead'),
        build('web', '--mode', 'desk').then(() => build('web', '--mode', 'desk-worker')),
        build('web', '--mode', 'one'),
      ]);
      await compressBuilt(at('web', 'dist'));
    },
  },
  {
    name: 'server',
    from: ['server', 'core', 'package-lock.json'],
    to: at('server', 'dist', 'main.js'),
    make: () => build('server'),
  },
];
/** Builds the interface and the server where they are not there, or when something they are built from is newer. */
export const buildAll = () =>
  Promise.all(
    PARTS.map(async ({ name, from, to, make }) => {
      if (existsSync(to) && statSync(to).mtimeMs >= newest(from.map((f) => at(f)))) return;
      console.log(`Building the ${name} …`);
      await make();
    }),
  );

/** True where everything is built and only what it needs to run is installed, so that nothing can be built anew. */
export const runsAsBuilt = () => PARTS.every(({ to }) => existsSync(to)) && !existsSync(toolPath('vite'));
