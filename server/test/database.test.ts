import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { existsSync, mkdtempSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { createClient } from '@libsql/client';
import { sql } from 'drizzle-orm';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { Guard } from '../db/guard';
import { headerOf } from '../db/header';
import { ForeignDatabase, openDatabase } from '../db/open';
import { announce } from '../db/running';
import { thinVersions } from '../db/tend';
import { DatabaseTrouble } from '../db/trouble';
import { edgeBreak, group, startServer } from './harness';

let dir: string;
beforeEach(() => {
  dir = mkdtempSync(join(tmpdir(), 'kotabi-database-'));
});
afterEach(() => rmSync(dir, { recursive: true, force: true }));
const file = (): string => join(dir, 'kotabi.db');

/** Holds the write lock from another process until it is let go; resolves when it is held. */
const holdLock = async (path: string) => {
  const child = spawn(process.execPath, [join(import.meta.dirname, 'hold-lock.mjs'), path]);
  const ended = once(child, 'exit');
  await once(child.stdout, 'data');
  const letGo = async (): Promise<void> => {
    child.stdin.end();
    await ended;
  };
  return { letGo };
};

const trouble = async (work: Promise<unknown>): Promise<string> =>
  work.then(
    () => 'none',
    (error: unknown) => (error instanceof DatabaseTrouble ? error.code : String(error)),
  );

describe('the way to the database', () => {
  it('waits for another program that holds the file, reads meanwhile, and loses nothing', async () => {
    const app = await startServer();
    try {
      await app.put('/api/groups/g1', group);
      const lock = await holdLock(app.file);
      const waiting = [
        app.put('/api/breaks/b1', edgeBreak),
        app.put('/api/groups/g2', { ...group, id: 'g2' }),
      ];
      // Answered although nobody lets go before: reading does not wait.
      expect((await app.get<unknown[]>('/api/groups')).body).toHaveLength(1);
      await lock.letGo();
      expect((await Promise.all(waiting)).map((a) => a.status)).toEqual([201, 201]);
      expect((await app.get<unknown[]>('/api/groups')).body).toHaveLength(2);
    } finally {
      await app.stop();
    }
  });

  it('says so when it takes too long, keeps nothing of that, and everything works afterwards', async () => {
    const opened = await openDatabase(file());
    await opened.close();
    const guard = new Guard({ url: `file:${file()}` }, 200);
    const insert = (id: string) =>
      guard.batch([
        { sql: "INSERT INTO groups (id, version, updated_at, data) VALUES (?, 1, '', '{}')", args: [id] },
        { sql: 'UPDATE groups SET version = 2 WHERE id = ?', args: [id] },
      ]);
    const lock = await holdLock(file());
    expect(await trouble(insert('a'))).toBe('databaseBusy');
    expect(
      await trouble(
        guard.execute("INSERT INTO groups (id, version, updated_at, data) VALUES ('b', 1, '', '{}')"),
      ),
    ).toBe('databaseBusy');
    await lock.letGo();
    await insert('c');
    // Read by a connection that has nothing to do with the ones above: what is acknowledged is committed.
    const other = createClient({ url: `file:${file()}` });
    expect((await other.execute('SELECT id, version FROM groups')).rows.map((r) => [r[0], r[1]])).toEqual([
      ['c', 2],
    ]);
    other.close();
    await guard.end();
  });

  it('answers 503 with a sentence when to try again', async () => {
    const app = await startServer();
    try {
      const lock = await holdLock(app.file);
      const refused = await app.fails('PUT', '/api/groups/g1', { baseVersion: 0, value: group });
      await lock.letGo();
      expect([refused.status, refused.body.code, refused.headers.get('retry-after')]).toEqual([
        503,
        'databaseBusy',
        '1',
      ]);
      expect(refused.body.message).toContain('nothing was lost');
      expect((await app.put('/api/groups/g1', group)).status).toBe(201);
    } finally {
      await app.stop();
    }
  });

  it.each([
    ['a full disk', 'PRAGMA max_page_count = 1', 507, 'diskFull'],
    ['a file that may only be read', 'PRAGMA query_only = ON', 503, 'readOnly'],
  ])('says what happened on %s, and goes on when it is over', async (_, pragma, status, code) => {
    const app = await startServer();
    try {
      await app.put('/api/groups/g1', group);
      await app.guard.tend(pragma);
      const note = 'x'.repeat(30_000);
      const import_ = { text: JSON.stringify({ ...edgeBreak, name: note }) };
      expect((await app.fails('POST', '/api/breaks/open', import_)).status).toBe(422);
      const refused = await app.fails('PUT', '/api/breaks/b1', { baseVersion: 0, value: edgeBreak });
      // One page is enough for a small change where there is room in it: a larger one does not fit any more.
      const all = [refused];
      for (let i = 0; i < 60 && all.at(-1)?.status === 201; i++)
        all.push(
          await app.fails('PUT', `/api/breaks/f${i}`, {
            baseVersion: 0,
            value: { ...edgeBreak, id: `f${i}` },
          }),
        );
      const kept = all.filter((a) => a.status === 201).length;
      const last = all.at(-1);
      expect([last?.status, last?.body.code]).toEqual([status, code]);
      expect(last?.body.message).toMatch(/nothing was lost/i);
      // The connection was thrown away with its limit: the next write is taken, and nothing half stayed behind.
      expect((await app.put('/api/breaks/after', { ...edgeBreak, id: 'after' })).status).toBe(201);
      expect((await app.get<unknown[]>('/api/breaks')).body).toHaveLength(kept + 1);
    } finally {
      await app.stop();
    }
  });

  it('has the same rules on every connection: keys hold, commits are synced, what is deleted is overwritten', async () => {
    const { guard, close } = await openDatabase(file());
    const asked = async (way: 'tend' | 'execute', pragma: string) =>
      (await guard[way](`PRAGMA ${pragma}`)).rows[0]?.[0];
    for (const way of ['tend', 'execute'] as const) {
      expect(await asked(way, 'foreign_keys')).toBe(1);
      expect(await asked(way, 'synchronous')).toBe(2);
      expect(await asked(way, 'secure_delete')).toBe(1);
      expect(await asked(way, 'journal_mode')).toBe('wal');
    }
    // Thrown away by a failure, and made anew.
    await expect(guard.execute('INSERT INTO nowhere VALUES (1)')).rejects.toThrow();
    expect(await asked('tend', 'foreign_keys')).toBe(1);
    await close();
  });
});

describe('the database file', () => {
  it('alone holds everything after a clean stop, and is marked as ours', async () => {
    const { db, close } = await openDatabase(file());
    await db.run(sql`INSERT INTO groups (id, version, updated_at, data) VALUES ('g', 1, '', '{}')`);
    await close();
    expect(existsSync(`${file()}-wal`) ? statSync(`${file()}-wal`).size : 0).toBe(0);
    writeFileSync(join(dir, 'alone.db'), readFileSync(file()));
    const alone = await openDatabase(join(dir, 'alone.db'));
    expect((await alone.guard.execute('SELECT id FROM groups')).rows).toHaveLength(1);
    await alone.close();
    expect(headerOf(file())).toMatchObject({ kind: 'sqlite', applicationId: 0x4b6f7469 });
  });

  it.each([
    ['a newer Kotabi', ['PRAGMA user_version = 99'], 'newer Kotabi'],
    ['another program', ['PRAGMA application_id = 12345'], 'another program'],
  ])('of %s is refused and not touched', async (_, statements, why) => {
    await (await openDatabase(file())).close();
    const client = createClient({ url: `file:${file()}` });
    for (const s of statements) await client.execute(s);
    await client.execute('PRAGMA wal_checkpoint(TRUNCATE)');
    client.close();
    const before = readFileSync(file());
    await expect(openDatabase(file())).rejects.toThrow(why);
    await expect(openDatabase(file())).rejects.toThrow(ForeignDatabase);
    expect(readFileSync(file()).equals(before)).toBe(true);
  });

  it('of another program without a mark, and a file that is no database, are refused and not touched', async () => {
    const client = createClient({ url: `file:${file()}` });
    await client.execute('CREATE TABLE recipes (name TEXT)');
    client.close();
    const before = readFileSync(file());
    await expect(openDatabase(file())).rejects.toThrow('another program');
    expect(readFileSync(file()).equals(before)).toBe(true);

    const text = join(dir, 'letter.txt');
    writeFileSync(text, 'Dear all, the break is at ten.');
    await expect(openDatabase(text)).rejects.toThrow('is no database');
    expect(readFileSync(text, 'utf8')).toContain('at ten');
  });

  it('of a server elsewhere is named by its address', async () => {
    // Nothing answers there: what is looked at is that it is asked, and not made as a file.
    await expect(openDatabase('http://127.0.0.1:9', 'token')).rejects.toThrow();
    expect(existsSync('http:')).toBe(false);
  });

  it('tells of another process that uses it, and not of one that was killed', () => {
    const first = announce(file());
    expect(first.other).toBeNull();
    writeFileSync(`${file()}.running`, String(process.ppid));
    expect(announce(file()).other).toBe(process.ppid);
    writeFileSync(`${file()}.running`, '4194303');
    const next = announce(file());
    expect(next.other).toBeNull();
    next.end();
    expect(existsSync(`${file()}.running`)).toBe(false);
  });
});

describe('versions of a break', () => {
  it('are thinned by age, and the newest stays', async () => {
    const app = await startServer();
    try {
      for (let n = 0; n < 5; n++) await app.put('/api/breaks/b1', { ...edgeBreak, name: `State ${n}` }, n);
      await app.db.run(
        sql`UPDATE break_versions SET saved_at = '2026-11-02T0' || version || ':00:00.000Z' WHERE version < 4`,
      );
      expect(await thinVersions(app.db, new Date('2026-11-20T09:00:00.000Z'))).toBe(2);
      const left = await app.get<{ version: number }[]>('/api/breaks/b1/versions');
      expect(left.body.map((v) => v.version)).toEqual([5, 4, 3]);
      expect(await thinVersions(app.db, new Date('2026-11-20T09:00:00.000Z'))).toBe(0);
    } finally {
      await app.stop();
    }
  });
});

describe('a row that cannot be read', () => {
  it('hides no other one, is named, and can be taken away as it is', async () => {
    const app = await startServer();
    try {
      await app.put('/api/groups/g1', group);
      await app.put('/api/breaks/b1', edgeBreak);
      await app.put('/api/breaks/b2', { ...edgeBreak, id: 'b2', name: 'Damaged' });
      await app.put('/api/breaks/b3', { ...edgeBreak, id: 'b3', name: 'From later' });
      await app.db.run(sql`UPDATE breaks SET data = json_set(data, '$.slotSec', 'soon') WHERE id = 'b2'`);
      await app.db.run(sql`UPDATE breaks SET shape = 99 WHERE id = 'b3'`);
      const list = await app.get<{ value: { id: string } }[]>('/api/breaks');
      expect(list.body.map((b) => b.value.id)).toEqual(['b1']);
      const one = await app.fails('GET', '/api/breaks/b2');
      expect([one.status, one.body.code]).toEqual([422, 'unreadable']);
      const unread = await app.get<{ id: string; name: string; kind: string }[]>('/api/unreadable');
      expect(unread.body.map((u) => [u.kind, u.id, u.name])).toEqual([
        ['break', 'b2', 'Damaged'],
        ['break', 'b3', 'From later'],
      ]);
      const taken = await app.send<{ data: { slotSec: string } }>('GET', '/api/unreadable/break/b2');
      expect(taken.body.data.slotSec).toBe('soon');
      expect((await app.fails('GET', '/api/unreadable/break/b1')).status).toBe(404);
      // Saving over it is refused: it stays as it is.
      expect(
        (await app.fails('PUT', '/api/breaks/b2', { baseVersion: 0, value: { ...edgeBreak, id: 'b2' } }))
          .status,
      ).toBe(422);
    } finally {
      await app.stop();
    }
  });
});
