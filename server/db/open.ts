import { mkdirSync } from 'node:fs';
import { dirname } from 'node:path';
import type { LibSQLDatabase } from 'drizzle-orm/libsql';
import { migrate } from 'drizzle-orm/libsql/migrator';
import { drizzle } from 'drizzle-orm/libsql/sqlite3';
import { readMigrationFiles } from 'drizzle-orm/migrator';
import { migrationsDir } from '../paths';
import { Guard, isFile, type Place } from './guard';
import { APPLICATION_ID, headerOf } from './header';

export type Database = LibSQLDatabase & { $client: Guard };

export interface OpenDatabase {
  db: Database;
  guard: Guard;
  /** Brings everything into the file itself: without it the newest part lies in the log beside it, safe as well. */
  checkpoint: () => Promise<void>;
  close: () => Promise<void>;
}

/** A database that is not ours, or that a newer Kotabi made. It was not touched. */
export class ForeignDatabase extends Error {}

const refuse = (file: string, why: string): never => {
  throw new ForeignDatabase(`${file} ${why}. It was not touched. Name another file with KOTABI_DB.`);
};

/** Refuses what is not ours before anything is written. `mark` and `version` are 0 in files of before they were set. */
const mustBeOurs = (file: string, mark: number, version: number, known: number): void => {
  if (mark !== 0 && mark !== APPLICATION_ID) refuse(file, 'is a database of another program');
  if (mark === APPLICATION_ID && version > known)
    refuse(file, `was kept by a newer Kotabi (${version}; this one knows ${known})`);
};

const numberOf = async (guard: Guard, pragma: string): Promise<number> =>
  Number((await guard.execute(`PRAGMA ${pragma}`)).rows[0]?.[0] ?? 0);

/** Where the database is: a file of this machine, or the address of a database server. */
export const placeOf = (name: string, authToken?: string): Place =>
  /^(libsql|https?|wss?):/.test(name)
    ? { url: name, ...(authToken && { authToken }) }
    : { url: `file:${name}` };

/**
 * Opens the database, makes it when it is not there, and brings it up to date. Write-ahead log with a full sync on
 * each commit: what has been acknowledged survives a killed server. Throws `ForeignDatabase` for what is not ours.
 */
export const openDatabase = async (name: string, authToken?: string): Promise<OpenDatabase> => {
  const place = placeOf(name, authToken);
  const known = readMigrationFiles({ migrationsFolder: migrationsDir }).length;
  if (isFile(place)) {
    mkdirSync(dirname(name), { recursive: true });
    const header = headerOf(name);
    if (header.kind === 'other') refuse(name, 'is no database');
    if (header.kind === 'sqlite') mustBeOurs(name, header.applicationId, header.userVersion, known);
  }
  const guard = new Guard(place);
  const db = drizzle(guard);
  const checkpoint = (): Promise<void> => guard.checkpoint();
  try {
    if (isFile(place)) {
      // What the log beside the file says is newer than the file's first bytes.
      mustBeOurs(name, await numberOf(guard, 'application_id'), await numberOf(guard, 'user_version'), known);
      const tables = (await guard.execute("SELECT name FROM sqlite_master WHERE type = 'table'")).rows.map(
        (r) => r[0],
      );
      if (tables.length > 0 && !tables.includes('__drizzle_migrations'))
        refuse(name, 'is a database of another program');
      await guard.tend('PRAGMA journal_mode = WAL');
    }
    await migrate(db, { migrationsFolder: migrationsDir });
    if (isFile(place)) {
      await guard.tend(`PRAGMA application_id = ${APPLICATION_ID}`);
      await guard.tend(`PRAGMA user_version = ${known}`);
      await checkpoint();
    }
  } catch (error) {
    await guard.end();
    throw error;
  }
  return {
    db,
    guard,
    checkpoint,
    close: async () => {
      try {
        await checkpoint();
      } finally {
        await guard.end();
      }
    },
  };
};
