import './node-version.mjs';
import { spawn, spawnSync } from 'node:child_process';
import { mkdirSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { needChromium } from './chromium.mjs';
import { build, install, root, toolPath } from './setup.mjs';

// Everything that must hold, in one run: types, lint, unit, API and browser tests. Each part counts as passed or
// failed; the last line says how many, and the exit code says whether any failed.
install();
const chromium = needChromium();
build();

let passed = 0;
let failed = 0;

/** Runs one tool to its end; what it says is printed whole, so that two at a time stay readable. */
const part = (name, tool, args) =>
  new Promise((done) => {
    const started = Date.now();
    const said = [];
    const child = spawn(process.execPath, [toolPath(tool), ...args], { cwd: root });
    child.stdout.on('data', (text) => said.push(text));
    child.stderr.on('data', (text) => said.push(text));
    child.on('close', (status) => {
      const ok = status === 0;
      if (ok) passed++;
      else failed++;
      process.stdout.write(Buffer.concat(said));
      console.log(`${ok ? 'ok    ' : 'FAILED'} ${name} (${Math.round((Date.now() - started) / 1000)} s)`);
      done();
    });
  });

const waiting = [
  ['formatting and lint', 'biome', ['check', '.', '--max-diagnostics=40']],
  ...['web', 'core/tsconfig.test.json', 'server', 'core', 'bench', 'e2e'].map((project) => [
    `types of ${project}`,
    'tsc',
    ['-p', project],
  ]),
];
const worker = async () => {
  for (let next = waiting.shift(); next; next = waiting.shift()) await part(...next);
};
await Promise.all([worker(), worker()]);

const report = join(root, '.check', 'tests.json');
mkdirSync(join(root, '.check'), { recursive: true });
rmSync(report, { force: true });
const tests = spawnSync(
  process.execPath,
  [toolPath('vitest'), 'run', '--reporter=default', '--reporter=json', `--outputFile.json=${report}`],
  { cwd: root, stdio: 'inherit', env: { ...process.env, KOTABI_CHROMIUM: chromium } },
);
try {
  const result = JSON.parse(readFileSync(report, 'utf8'));
  passed += result.numPassedTests;
  failed += result.numFailedTests;
  // A file that could not even be loaded has no tests to fail.
  if (tests.status !== 0 && result.numFailedTests === 0) failed++;
} catch (error) {
  console.error(`The tests left no report: ${error.message}`);
  failed++;
}
console.log(`${passed} passed, ${failed} failed`);
process.exit(failed === 0 ? 0 : 1);
