import './node-version.mjs';
import { spawnSync } from 'node:child_process';
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

const part = (name, tool, args) => {
  const started = Date.now();
  const { status } = spawnSync(process.execPath, [toolPath(tool), ...args], { cwd: root, stdio: 'inherit' });
  const ok = status === 0;
  if (ok) passed++;
  else failed++;
  console.log(`${ok ? 'ok    ' : 'FAILED'} ${name} (${Math.round((Date.now() - started) / 1000)} s)`);
};

part('formatting and lint', 'biome', ['check', '.', '--max-diagnostics=40']);
for (const project of ['core', 'core/tsconfig.test.json', 'server', 'web', 'e2e', 'bench'])
  part(`types of ${project}`, 'tsc', ['-p', project]);

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
