import { spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import { afterAll, describe, expect, it } from 'vitest';

const root = resolve(import.meta.dirname, '../..');
const dir = mkdtempSync(join(tmpdir(), 'kotabi-scripts-'));
afterAll(() => rmSync(dir, { recursive: true, force: true }));

/** Runs a script after something that changes what it finds; gives its exit code and what it says. */
const runAfter = (setup: string, code: string) => {
  const file = join(dir, 'setup.mjs');
  writeFileSync(file, setup);
  const { status, stderr, stdout } = spawnSync(
    process.execPath,
    ['--import', file, '--input-type=module', '-e', code],
    { cwd: root, encoding: 'utf8' },
  );
  return { status, said: stderr + stdout };
};
const withNode = (version: string) =>
  runAfter(
    `Object.defineProperty(process.versions, 'node', { value: '${version}' });`,
    `await import('${root}/scripts/node-version.mjs');`,
  );

describe('the scripts', () => {
  it.each(['18.20.0', '20.18.1', '25.0.0'])('say in a sentence that Node %s does not fit', (version) => {
    const { status, said } = withNode(version);
    expect(status).toBe(1);
    expect(said).toBe(
      `Kotabi needs Node 20.19 or newer, up to 24; this is Node ${version}. Please install Node 20 (or 22, 24) and try again.\n`,
    );
  });

  it.each(['20.19.0', '20.20.2', '22.1.0', '24.9.0'])('take Node %s', (version) => {
    expect(withNode(version)).toEqual({ status: 0, said: '' });
  });

  it('say the one command that installs Chromium where they may not do it themselves', () => {
    const nothingThere = `
      import fs from 'node:fs';
      import { syncBuiltinESMExports } from 'node:module';
      fs.existsSync = () => false;
      syncBuiltinESMExports();
      process.getuid = () => 1000;`;
    const { status, said } = runAfter(
      nothingThere,
      `const { needDebian } = await import('${root}/scripts/debian.mjs'); needDebian();`,
    );
    expect(status).toBe(1);
    expect(said).toContain(
      'sudo apt-get update && sudo apt-get install -y chromium-headless-shell fonts-liberation python3-icalendar',
    );
  });

  it('refuse a word they do not know', () => {
    const { status, stderr } = spawnSync(process.execPath, ['scripts/demo.mjs', '--frsh'], {
      cwd: root,
      encoding: 'utf8',
    });
    expect([status, stderr]).toEqual([
      1,
      'Unknown: --frsh. The demo knows only --fresh (npm run demo -- --fresh).\n',
    ]);
  });
});
