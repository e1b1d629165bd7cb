/** What kept the database from doing something. Nothing of it was done. */
export type TroubleCode = 'databaseBusy' | 'diskFull' | 'readOnly' | 'diskFailed';

/** A failure of the disk or of a lock, told apart from slips of the program. */
export class DatabaseTrouble extends Error {
  constructor(
    readonly code: TroubleCode,
    cause: unknown,
  ) {
    super(WORDS[code], { cause });
  }
}

/** What is said of each, and that nothing was lost. */
const WORDS: Record<TroubleCode, string> = {
  databaseBusy:
    'Another program holds the database just now. Nothing was changed and nothing was lost; try again in a moment.',
  diskFull: 'The disk is full. Nothing was changed and nothing was lost; make room, then try again.',
  readOnly:
    'The database may only be read: its file or folder is write-protected. Nothing was changed and nothing was lost.',
  diskFailed:
    'The disk could not be read or written. Nothing of this was kept; look at the disk, then try again.',
};

const BY_RESULT: readonly [RegExp, TroubleCode][] = [
  [/^SQLITE_(BUSY|LOCKED)/, 'databaseBusy'],
  [/^SQLITE_FULL/, 'diskFull'],
  [/^SQLITE_READONLY/, 'readOnly'],
  [/^SQLITE_(IOERR|CANTOPEN)/, 'diskFailed'],
];
/** What the binding says where it gives no result code. */
const BY_WORDS: readonly [RegExp, TroubleCode][] = [
  [/database( table)? is locked/, 'databaseBusy'],
  [/database or disk is full/, 'diskFull'],
  [/readonly database/, 'readOnly'],
  [/disk I\/O error|unable to open database/, 'diskFailed'],
];

/** Which trouble an error of the database is; null for one that is none (a broken rule of a table, a slip). */
export const troubleOf = (error: unknown): TroubleCode | null => {
  for (let at: unknown = error; at instanceof Error; at = at.cause) {
    const { code = '', message } = at as Error & { code?: string };
    const found =
      BY_RESULT.find(([result]) => result.test(code)) ?? BY_WORDS.find(([words]) => words.test(message));
    if (found) return found[1];
  }
  return null;
};
