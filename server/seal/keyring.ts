import { renameSync } from 'node:fs';
import { eq } from 'drizzle-orm';
import { kinds } from '../db/kinds';
import type { Database } from '../db/open';
import { people, sessions } from '../db/schema';
import { BadKey, newKey, readKey, wordsOf, writeKey } from './key';
import { keyNameIn, nameOfKey, Seal, sealName } from './seal';

/** Every kind that is kept sealed, with its table. */
const SEALED = [
  { kind: kinds.person.name, table: people },
  { kind: kinds.session.name, table: sessions },
] as const;

/** The names of the keys with which something in a database is sealed; an empty name stands for what is not sealed. */
export const keyNamesIn = async (db: Database): Promise<Set<string>> => {
  const names = new Set<string>();
  for (const { table } of SEALED)
    for (const { data } of await db.select({ data: table.data }).from(table))
      names.add(keyNameIn(data) ?? '');
  return names;
};

/** Seals everything anew in one go: what was not sealed, and what was sealed with the key before. */
export const sealAll = async (db: Database, to: Seal, from: Seal = to): Promise<number> => {
  const writes = [];
  for (const { kind, table } of SEALED)
    for (const { id, data } of await db.select({ id: table.id, data: table.data }).from(table)) {
      const name = keyNameIn(data);
      if (name === to.keyName) continue;
      const open = name === null ? data : from.open(data as { sealed: string }, sealName(kind, id));
      writes.push(
        db
          .update(table)
          .set({ data: to.close(open, sealName(kind, id)) })
          .where(eq(table.id, id)),
      );
    }
  const [first, ...rest] = writes;
  if (first) await db.batch([first, ...rest]);
  return writes.length;
};

/** Where a new key waits until everything is sealed with it. */
const waiting = (file: string): string => `${file}.new`;

export interface Opened {
  seal: Seal;
  /** The recovery words of a key that has just been made: shown once. */
  words: string | null;
}

/**
 * The seal of a database, with the key in its file; the key is made where nothing is sealed yet. Throws `BadKey` where
 * something is sealed with another key.
 */
export const openSeal = async (db: Database, file: string): Promise<Opened> => {
  const names = await keyNamesIn(db);
  names.delete('');
  // A change of the key that was cut off: what everything is sealed with now is the key.
  const next = readKey(waiting(file));
  if (next && names.has(nameOfKey(next))) renameSync(waiting(file), file);
  const key = readKey(file);
  if (!key && names.size > 0)
    throw new BadKey(
      `What is kept about people was sealed with a key that is not in ${file}. Put it back there, or name its place with ` +
        'KOTABI_KEY_FILE; or make it from the recovery words: npm start -- --key-from-words "the 24 words".',
    );
  const used = key ?? newKey();
  const seal = new Seal(used);
  if ([...names].some((name) => name !== seal.keyName))
    throw new BadKey(
      `The key in ${file} is not the one with which people’s data was sealed. Name the right file with KOTABI_KEY_FILE, or ` +
        'make it from the recovery words: npm start -- --key-from-words "the 24 words".',
    );
  if (!key) writeKey(file, used);
  await sealAll(db, seal);
  return { seal, words: key ? null : wordsOf(used) };
};

/** Seals everything with a new key and puts it into its file. Gives its recovery words. */
export const changeKey = async (db: Database, file: string, from: Seal): Promise<string> => {
  const key = newKey();
  // Written down before anything is sealed with it: a key that is lost opens nothing.
  writeKey(waiting(file), key);
  await sealAll(db, new Seal(key), from);
  renameSync(waiting(file), file);
  return wordsOf(key);
};
