import { closeSync, existsSync, openSync, readSync } from 'node:fs';

/** "Koti" as a number: marks the file as ours, where SQLite leaves room for it. */
export const APPLICATION_ID = 0x4b6f7469;

/** What the first bytes of a file say. */
export type Header =
  | { kind: 'none' }
  | { kind: 'other' }
  | { kind: 'sqlite'; applicationId: number; userVersion: number };

const MAGIC = 'SQLite format 3\0';

/**
 * Reads the first bytes of a database file without opening it as a database, so that a file which is not ours is not
 * touched. Format: sqlite.org/fileformat2.html, section 1.3 (from memory): the version at byte 60, the mark at 68.
 */
export const headerOf = (file: string): Header => {
  if (!existsSync(file)) return { kind: 'none' };
  const bytes = Buffer.alloc(100);
  const handle = openSync(file, 'r');
  try {
    const length = readSync(handle, bytes, 0, 100, 0);
    if (length === 0) return { kind: 'none' };
    if (length < 100 || bytes.toString('latin1', 0, 16) !== MAGIC) return { kind: 'other' };
    return { kind: 'sqlite', userVersion: bytes.readUInt32BE(60), applicationId: bytes.readUInt32BE(68) };
  } finally {
    closeSync(handle);
  }
};
