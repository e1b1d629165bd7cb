import { existsSync, mkdtempSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Kept, Person, Session } from '@kotabi/core/model';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { BackupFolder } from '../db/backup';
import { kinds } from '../db/kinds';
import { type Database, type OpenDatabase, openDatabase } from '../db/open';
import { people } from '../db/schema';
import { Store } from '../db/store';
import { BadKey, bringKey, keyOfWords, newKey, readKey, wordsOf, writeKey } from '../seal/key';
import { changeKey, keyNamesIn, openSeal, sealAll } from '../seal/keyring';
import { Seal, WrongSeal } from '../seal/seal';
import { edgeBreak, group, startServer } from './harness';

const person = {
  id: 'p1',
  groupId: 'g1',
  name: 'Runa Ekholm',
  tight: [],
  limits: [{ limit: 'recent surgery' }],
  note: 'operated in March',
  consent: true,
} as unknown as Person;

let dir: string;
let keyFile: string;
let opened: OpenDatabase;
const open = async (): Promise<void> => {
  opened = await openDatabase(join(dir, 'kotabi.db'));
};
const store = (seal: Seal): Store<Person> =>
  new Store(opened.db, kinds.person, () => new Date('2026-11-26T09:00:00.000Z'), seal);
const addGroup = (db: Database) =>
  db.$client.execute({
    sql: "INSERT INTO groups (id, version, updated_at, data) VALUES ('g1', 1, '2026-11-26T08:00:00.000Z', ?)",
    args: [JSON.stringify(group)],
  });

beforeEach(async () => {
  dir = mkdtempSync(join(tmpdir(), 'kotabi-seal-'));
  keyFile = join(dir, 'elsewhere', 'kotabi.key');
  await open();
});
afterEach(async () => {
  await opened.close();
  rmSync(dir, { recursive: true, force: true });
});

/** Every byte of the database: the file, and what lies beside it. */
const bytes = (file: string): string =>
  ['', '-wal', '-shm']
    .filter((end) => existsSync(file + end))
    .map((end) => readFileSync(file + end, 'latin1'))
    .join('\n');

describe('a seal', () => {
  it('opens what it closed, and only in its own place, unchanged, with its own key', () => {
    const seal = new Seal(newKey());
    const closed = seal.close(person, 'person:p1');
    expect(seal.open(closed, 'person:p1')).toEqual(person);
    expect(closed.sealed).not.toContain('Runa Ekholm');
    expect(seal.close(person, 'person:p1')).not.toEqual(closed);
    expect(() => seal.open(closed, 'person:p2')).toThrow(WrongSeal);
    expect(() => new Seal(newKey()).open(closed, 'person:p1')).toThrow(WrongSeal);
    // Any one letter changed.
    for (let at = 16; at < closed.sealed.length - 2; at += 7) {
      const other = closed.sealed[at] === 'A' ? 'B' : 'A';
      const changed = closed.sealed.slice(0, at) + other + closed.sealed.slice(at + 1);
      expect(() => seal.open({ sealed: changed }, 'person:p1')).toThrow(WrongSeal);
    }
    expect(() => new Seal(new Uint8Array(16))).toThrow(RangeError);
  });

  it('has a key that 24 words bring back, and slips in the words are told', () => {
    const key = newKey();
    const words = wordsOf(key);
    expect(words.split(' ')).toHaveLength(24);
    expect(Buffer.compare(keyOfWords(`  ${words.toUpperCase()} `), key)).toBe(0);
    expect(() => keyOfWords('one two')).toThrow('are 24; these are 2');
    const list = words.split(' ');
    expect(() => keyOfWords(['ferryboat', ...list.slice(1)].join(' '))).toThrow(
      'Word 1, "ferryboat", is none',
    );
    // One of 256 changes of a word passes by chance: two of them do not.
    const swapped = [list[1], list[0], ...list.slice(2)].join(' ');
    if (swapped !== words)
      expect(() => [keyOfWords(swapped), keyOfWords(['zoo', ...list.slice(1)].join(' '))]).toThrow(BadKey);
    // Published with BIP-39: 32 bytes of 0 (from memory).
    expect(wordsOf(new Uint8Array(32))).toBe(`${'abandon '.repeat(23)}art`);
  });

  it('has a key file that only its owner reads, and that is not overwritten by another key', () => {
    const key = newKey();
    bringKey(keyFile, key);
    expect(statSync(keyFile).mode & 0o777).toBe(0o600);
    bringKey(keyFile, key);
    expect(() => bringKey(keyFile, newKey())).toThrow('another key');
    expect(Buffer.compare(readKey(keyFile) ?? new Uint8Array(), key)).toBe(0);
    writeFileSync(keyFile, 'not a key');
    expect(() => readKey(keyFile)).toThrow('holds no key');
  });
});

describe('what is kept about people', () => {
  it('shows in no byte of the file, of a backup, or of what lies beside them', async () => {
    await addGroup(opened.db);
    const { seal, words } = await openSeal(opened.db, keyFile);
    expect(words).not.toBeNull();
    await store(seal).put({ baseVersion: 0, value: person });
    const backups = new BackupFolder(opened.guard, join(dir, 'backups'), () => new Date(), seal);
    const { name } = await backups.make();
    for (const all of [bytes(join(dir, 'kotabi.db')), bytes(join(dir, 'backups', name))]) {
      expect(all).toContain('Timetable desk');
      for (const secret of ['Ekholm', 'recent surgery', 'operated']) expect(all).not.toContain(secret);
    }
    expect((await store(seal).get('p1'))?.value.note).toBe('operated in March');
    expect((await openSeal(opened.db, keyFile)).words).toBeNull();
  });

  it('and was kept before there was a key is sealed at the next start, and the old bytes are gone', async () => {
    await addGroup(opened.db);
    await opened.db.insert(people).values({
      id: 'p1',
      groupId: 'g1',
      version: 1,
      updatedAt: '2026-01-01T00:00:00.000Z',
      shape: 2,
      data: person,
    });
    await opened.checkpoint();
    expect(bytes(join(dir, 'kotabi.db'))).toContain('operated in March');
    const { seal } = await openSeal(opened.db, keyFile);
    await opened.checkpoint();
    expect(bytes(join(dir, 'kotabi.db'))).not.toContain('operated in March');
    expect((await store(seal).get('p1'))?.value).toMatchObject({ note: 'operated in March' });
  });

  it('is not opened, and nothing is changed, with the key lost or another one in its place', async () => {
    await addGroup(opened.db);
    const { seal, words } = await openSeal(opened.db, keyFile);
    await store(seal).put({ baseVersion: 0, value: person });
    const before = await opened.db.select().from(people);
    rmSync(keyFile);
    await expect(openSeal(opened.db, keyFile)).rejects.toThrow('--key-from-words');
    expect(existsSync(keyFile)).toBe(false);
    writeKey(keyFile, newKey());
    await expect(openSeal(opened.db, keyFile)).rejects.toThrow('is not the one');
    expect(await opened.db.select().from(people)).toEqual(before);
    rmSync(keyFile);
    bringKey(keyFile, keyOfWords(words ?? ''));
    const back = await openSeal(opened.db, keyFile);
    expect((await store(back.seal).get('p1'))?.value.name).toBe('Runa Ekholm');
  });

  it('is sealed anew with a new key, also when that is cut off anywhere', async () => {
    await addGroup(opened.db);
    const { seal } = await openSeal(opened.db, keyFile);
    await store(seal).put({ baseVersion: 0, value: person });
    const words = await changeKey(opened.db, keyFile, seal);
    const now = await openSeal(opened.db, keyFile);
    expect(now.seal.keyName).not.toBe(seal.keyName);
    expect(wordsOf(readKey(keyFile) ?? new Uint8Array(32))).toBe(words);
    expect((await store(now.seal).get('p1'))?.value.note).toBe('operated in March');

    // Cut off after the new key was written down, and after everything was sealed with it.
    const next = newKey();
    writeKey(`${keyFile}.new`, next);
    expect((await openSeal(opened.db, keyFile)).seal.keyName).toBe(now.seal.keyName);
    await sealAll(opened.db, new Seal(next), now.seal);
    const after = await openSeal(opened.db, keyFile);
    expect(after.seal.keyName).toBe(new Seal(next).keyName);
    expect((await store(after.seal).get('p1'))?.value.note).toBe('operated in March');
    expect(await keyNamesIn(opened.db)).toEqual(new Set([after.seal.keyName]));
  });

  it('comes back from a backup that was sealed with another key only with that key’s words', async () => {
    await addGroup(opened.db);
    const { seal } = await openSeal(opened.db, keyFile);
    await store(seal).put({ baseVersion: 0, value: person });
    const folder = join(dir, 'backups');
    const made = await new BackupFolder(opened.guard, folder, () => new Date(), seal).make();
    const file = join(folder, made.name);
    const other = new Seal(newKey());
    const elsewhere = await openDatabase(join(dir, 'elsewhere.db'));
    try {
      const plain = new BackupFolder(elsewhere.guard, folder, () => new Date(), other);
      await expect(plain.restore(file)).rejects.toThrow('another key');
      await new BackupFolder(elsewhere.guard, folder, () => new Date(), other, seal).restore(file);
      const there = new Store(elsewhere.db, kinds.person, () => new Date(), other);
      expect((await there.get('p1'))?.value.note).toBe('operated in March');
    } finally {
      await elsewhere.close();
    }
  });
});

describe('somebody who is deleted', () => {
  it('leaves no byte behind: in the entry, answers, calendars, the log, and the texts that were chosen', async () => {
    const app = await startServer();
    try {
      const put = async (path: string, value: { id: string }) => {
        const { status, body } = await app.put(`${path}/${value.id}`, value);
        expect([path, status, body]).toEqual([path, 201, body]);
      };
      await put('/api/groups', { ...group, hopes: 'What Runa Ekholm hopes for' } as { id: string });
      await put('/api/people', person);
      await put('/api/breaks', { ...edgeBreak, name: 'For Runa Ekholm' } as { id: string });
      // An older state of the break names her as well.
      const second = { ...edgeBreak, name: 'Runa Ekholm, gently' };
      expect((await app.put('/api/breaks/b1', second, 1)).status).toBe(200);
      await put('/api/sessions', {
        id: 's1',
        breakId: 'b1',
        breakName: 'Runa Ekholm, gently',
        groupId: 'g1',
        startedAt: '2026-11-20T08:00:00.000Z',
        endedAt: '2026-11-20T08:05:00.000Z',
        ended: 'finished',
        parts: [],
        note: 'runa ekholm stopped early',
      } as unknown as Session);
      await app.send('POST', '/api/groups/g1/feeds', { personId: 'p1', alarmMin: null });
      const kept = await app.get<{
        texts: { kind: string; id: string; path: string }[];
        addresses: unknown[];
      }>('/api/people/p1/kept');
      expect(kept.body.addresses).toHaveLength(1);
      expect(kept.body.texts.map((t) => `${t.kind} ${t.path}`).sort()).toEqual([
        'break name',
        'group hopes',
        'session breakName',
        'session note',
      ]);
      expect((await app.send('POST', '/api/people/p1/forget', { places: kept.body.texts })).status).toBe(204);
      expect((await app.send('DELETE', '/api/people/p1')).status).toBe(204);
      expect(bytes(app.file)).not.toMatch(/Ekholm|operated/i);
      // An older state that somebody still has open does not put the name back.
      expect(await app.put('/api/breaks/b1', second, 2)).toMatchObject({ status: 409 });
      const versions = await app.get<{ value: { name: string } }[]>('/api/breaks/b1/versions');
      for (const { value } of versions.body)
        expect(value.name).toMatch(/^(For \(someone\)|\(someone\), gently)$/);
      expect((await app.get<Kept<{ name: string }>>('/api/breaks/b1')).body.value.name).toBe(
        '(someone), gently',
      );
      expect(bytes(app.file)).not.toMatch(/Ekholm/i);
    } finally {
      await app.stop();
    }
  });
});
