import { mkdirSync } from 'node:fs';
import { dirname } from 'node:path';
import { createClient } from '@libsql/client';
import { drizzle, type LibSQLDatabase } from 'drizzle-orm/libsql';
import { migrate } from 'drizzle-orm/libsql/migrator';
import { migrationsDir } from '../paths';

export type Database = LibSQLDatabase;

export interface OpenDatabase {
  db: Database;
  close: () => void;
}

/**
 * Opens the database file, makes it when it is not there, and brings it up to date. Write-ahead log with a
 * full sync on each commit: what has been acknowledged survives a killed server.
 */
export const openDatabase = async (file: string): Promise<OpenDatabase> => {
  mkdirSync(dirname(file), { recursive: true });
  const client = createClient({ url: `file:${file}` });
  for (const pragma of [
    'journal_mode = WAL',
    'synchronous = FULL',
    'foreign_keys = ON',
    'busy_timeout = 2000',
  ])
    await client.execute(`PRAGMA ${pragma}`);
  const db = drizzle(client);
  await migrate(db, { migrationsFolder: migrationsDir });
  return { db, close: () => client.close() };
};
