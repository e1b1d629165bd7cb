import './node-version.mjs';
import { spawn } from 'node:child_process';
import { mkdirSync, readFileSync, rmSync } from 'node:fs';
import { join, relative } from 'node:path';
import { parseArgs, stripVTControlCharacters } from 'node:util';
import { installDebian, needDebian } from './debian.mjs';
import { root, toolPath } from './setup.mjs';

// Everything that must hold, in one run: formatting, types, circles, unused code, sizes, and all tests. Each part counts
// as passed or failed; the last line says how many, and the exit code says whether any failed. With `--all` the slow
// references are compared at full length as well.
const { values: wish } = parseArgs({ options: { all: { type: 'boolean', default: false } } });
const began = Date.now();

/** Runs a script of this folder to its end; what it says is seen as it says it. */
const script = (name) =>
  new Promise((done) => {
    spawn(process.execPath, [join(root, 'scripts', name)], { cwd: root, stdio: 'inherit' }).once(
      'close',
      done,
    );
  });
const [built] = await Promise.all([script('build.mjs'), installDebian()]);
if (built !== 0) process.exit(1);
const { chromium, reader } = needDebian();
console.log(`Installed and built (${Math.round((Date.now() - began) / 1000)} s)`);

let passed = 0;
let failed = 0;
/** What failed, a line each: said once more at the very end, where nobody has to look for it. */
const failures = [];
const fail = (what, why = '') => {
  failed++;
  failures.push(why === '' ? what : `${what}\n      ${why}`);
};
const seconds = (since) => Math.round((Date.now() - since) / 1000);

/** Runs one tool to its end; what it says is printed whole, so that two at a time stay readable. */
const part = (name, tool, args, env = {}) =>
  new Promise((done) => {
    const started = Date.now();
    const said = [];
    const child = spawn(process.execPath, [toolPath(tool), ...args], {
      cwd: root,
      env: { ...process.env, ...env },
    });
    child.stdout.on('data', (text) => said.push(text));
    child.stderr.on('data', (text) => said.push(text));
    child.on('close', (status) => {
      const ok = status === 0;
      if (ok) passed++;
      else fail(name);
      process.stdout.write(Buffer.concat(said));
      console.log(`${ok ? 'ok    ' : 'FAILED'} ${name} (${seconds(started)} s)`);
      done();
    });
  });

const short = [
  ['formatting, lint, circles and rooms', 'biome', ['check', '.', '--max-diagnostics=40']],
  ['unused code', 'knip', ['--no-progress', '--no-config-hints']],
  ['sizes of first views', 'tsx', ['bench/sizes.ts']],
];
const reports = join(root, '.check');
mkdirSync(reports, { recursive: true });
rmSync(join(reports, 'failed'), { recursive: true, force: true });
const files = [];

/** The first line of what a failed test says, without the colours of a terminal. */
const firstLine = (message) => stripVTControlCharacters(message.split('\n')[0]);

/** Runs the tests of some projects, and takes up their report. */
const tests = async (name, projects, more = []) => {
  const report = join(reports, `${name}.json`);
  rmSync(report, { force: true });
  const args = ['run', ...projects.flatMap((p) => ['--project', p]), ...more];
  const { status } = await new Promise((done) => {
    const child = spawn(
      process.execPath,
      [toolPath('vitest'), ...args, '--reporter=default', '--reporter=json', `--outputFile.json=${report}`],
      {
        cwd: root,
        stdio: 'inherit',
        env: {
          ...process.env,
          KOTABI_CHROMIUM: chromium,
          ...(reader && { KOTABI_READER: reader }),
          ...(wish.all && { KOTABI_ALL: '1' }),
        },
      },
    );
    child.on('close', (code) => done({ status: code }));
  });
  try {
    const result = JSON.parse(readFileSync(report, 'utf8'));
    passed += result.numPassedTests;
    files.push(...result.testResults);
    for (const file of result.testResults)
      for (const test of file.assertionResults)
        if (test.status === 'failed')
          fail(`${relative(root, file.name)} > ${test.fullName}`, firstLine(test.failureMessages[0] ?? ''));
    // A file that could not even be loaded has no tests to fail, and a bound of the coverage is no test either.
    if (status !== 0 && result.numFailedTests === 0) fail(`the tests of ${name}, outside of any one test`);
  } catch (error) {
    fail(`the tests of ${name} left no report`, error.message);
  }
};
/** What takes one core for a short while, then the tests of what is computed. */
const first = async () => {
  for (const [name, tool, args] of short) await part(name, tool, args);
  await tests('core', ['core'], ['--coverage']);
};
// One look at the types by one checker: several would each look at what they share. It collects what it no longer needs a
// quarter as often as it would by itself, which took a fourth of its time.
await Promise.all([part('types', 'tsc', ['-b', '--checkers', '1'], { GOGC: '400' }), first()]);
await tests('around', ['around']);
await tests('browser', ['e2e']);

const lengthOf = (file) => (file.endTime - file.startTime) / 1000;
console.log('The five slowest files of tests:');
for (const file of files.sort((a, b) => lengthOf(b) - lengthOf(a)).slice(0, 5))
  console.log(`  ${lengthOf(file).toFixed(1).padStart(6)} s  ${relative(root, file.name)}`);
try {
  const { total } = JSON.parse(readFileSync(join(reports, 'coverage', 'coverage-summary.json'), 'utf8'));
  console.log(`Coverage of core/: ${total.lines.pct} % of lines, ${total.branches.pct} % of branches`);
} catch (error) {
  fail('the coverage was not measured', error.message);
}
if (failures.length > 0) console.log(['What failed:', ...failures.map((f) => `  ${f}`)].join('\n'));
console.log(`The whole check took ${seconds(began)} s.`);
console.log(`${passed} passed, ${failed} failed`);
process.exit(failed === 0 ? 0 : 1);
