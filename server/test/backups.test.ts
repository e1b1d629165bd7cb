import { spawnSync } from 'node:child_process';
import { existsSync, mkdtempSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { BackupFolder, BadBackup } from '../db/backup';
import { type OpenDatabase, openDatabase } from '../db/open';
import { newKey } from '../seal/key';
import { Seal } from '../seal/seal';
import { edgeBreak, group, startServer } from './harness';

let dir: string;
let opened: OpenDatabase;
let today: Date;
let backups: BackupFolder;
beforeEach(async () => {
  dir = mkdtempSync(join(tmpdir(), 'kotabi-backups-'));
  today = new Date('2026-11-26T09:00:00.000Z');
  opened = await openDatabase(join(dir, 'kotabi.db'));
  backups = new BackupFolder(opened.guard, join(dir, 'backups'), () => today, new Seal(newKey()));
});
afterEach(async () => {
  await opened.close();
  rmSync(dir, { recursive: true, force: true });
});

const add = (id: string) =>
  opened.guard.execute({
    sql: "INSERT INTO groups (id, version, updated_at, data) VALUES (?, 1, '2026-11-26T08:00:00.000Z', '{}')",
    args: [id],
  });
const ids = async () =>
  (await opened.guard.execute('SELECT id FROM groups ORDER BY id')).rows.map((r) => r[0]);
const fileOf = (name: string): string => join(backups.folder, name);

describe('backups', () => {
  it('are whole, looked into before anything is replaced, and put back in one go', async () => {
    await add('a');
    const made = await backups.make();
    expect(made).toMatchObject({
      name: 'kotabi-2026-11-26T09-00-00-000.db',
      madeAt: '2026-11-26T09:00:00.000Z',
    });
    await add('b');
    const look = await backups.look(fileOf(made.name));
    expect(look.counts[0]).toEqual({ what: 'groups', inBackup: 1, now: 2 });
    expect(look.newestAt).toBe('2026-11-26T08:00:00.000Z');
    expect(await ids()).toEqual(['a', 'b']);

    today = new Date('2026-11-26T10:00:00.000Z');
    const { before } = await backups.restore(fileOf(made.name));
    expect(await ids()).toEqual(['a']);
    // What was there before is a backup of its own: the way back.
    await backups.restore(fileOf(before.name));
    expect(await ids()).toEqual(['a', 'b']);
    expect(readdirSync(backups.folder).filter((n) => !n.endsWith('.db'))).toEqual([]);
  });

  it('that are damaged, newer or something else replace nothing', async () => {
    await add('a');
    const { name } = await backups.make();
    writeFileSync(
      fileOf('kotabi-2026-11-25T09-00-00-000.db'),
      'no database at all, but long enough to look at it: '.repeat(9),
    );
    await expect(backups.restore(fileOf('kotabi-2026-11-25T09-00-00-000.db'))).rejects.toThrow(BadBackup);
    await expect(backups.look(fileOf('nothing.db'))).rejects.toThrow('There is no file');
    const later = await openDatabase(fileOf(name));
    await later.guard.tend('PRAGMA user_version = 99');
    await later.close();
    await expect(backups.restore(fileOf(name))).rejects.toThrow('no backup of this Kotabi');
    expect(await ids()).toEqual(['a']);
  });

  it('are thinned as days go by, and files of others are let alone', async () => {
    for (let day = 0; day < 40; day++) {
      today = new Date(Date.parse('2026-10-01T09:00:00.000Z') + day * 86_400_000);
      await backups.make();
    }
    writeFileSync(fileOf('notes.txt'), 'keep me');
    today = new Date(today.getTime() + 3_600_000);
    expect(backups.hasOneOfToday()).toBe(true);
    await backups.make();
    const { length } = backups.list();
    expect(length).toBeGreaterThan(14);
    expect(length).toBeLessThan(24);
    expect(existsSync(fileOf('notes.txt'))).toBe(true);
    expect(backups.file('notes.txt')).toBeNull();
    expect(backups.file('../kotabi.db')).toBeNull();
  });

  it('are made, looked into and put back by the address as well', async () => {
    const app = await startServer();
    try {
      expect((await app.get('/api/backups')).status).toBe(200);
      await app.put('/api/groups/g1', group);
      await app.put('/api/breaks/b1', edgeBreak);
      const { body: made } = await app.send<{ name: string }>('POST', '/api/backups');
      await app.send('DELETE', '/api/groups/g1');
      const look = await app.get<{ counts: { what: string; inBackup: number; now: number }[] }>(
        `/api/backups/${made.name}`,
      );
      expect(look.body.counts.find((c) => c.what === 'groups')).toEqual({
        what: 'groups',
        inBackup: 1,
        now: 0,
      });
      expect((await app.send('POST', `/api/backups/${made.name}/restore`)).status).toBe(200);
      expect((await app.get<unknown[]>('/api/groups')).body).toHaveLength(1);
      expect((await app.get<unknown[]>('/api/breaks/b1/versions')).body).toHaveLength(1);
      expect((await app.fails('POST', '/api/backups/nothing.db/restore')).status).toBe(404);
      expect((await app.fails('GET', '/api/backups/..%2Ftest.db/file')).status).toBe(404);
    } finally {
      await app.stop();
    }
  });

  it('are made and put back by command, also while a server runs on the same file', () => {
    const env = {
      ...process.env,
      KOTABI_DB: join(dir, 'kotabi.db'),
      KOTABI_KEY_FILE: join(dir, 'keys', 'kotabi.key'),
      KOTABI_BACKUPS: join(dir, 'by-command'),
    };
    const run = (...args: string[]) =>
      spawnSync(process.execPath, [resolve(import.meta.dirname, '../dist/main.js'), ...args], {
        env,
        encoding: 'utf8',
      });
    const out = join(dir, 'out.db');
    expect(run('--backup', '--to', out).stdout).toContain(out);
    const looked = run('--restore', out);
    expect([looked.status, looked.stdout.includes('Nothing was replaced')]).toEqual([0, true]);
    const restored = run('--restore', out, '--yes');
    expect([restored.status, restored.stdout.includes('Restored')]).toEqual([0, true]);
    const wrong = run('--restore', join(dir, 'nowhere.db'));
    expect([wrong.status, wrong.stderr.includes('There is no file')]).toEqual([1, true]);
  });
});
