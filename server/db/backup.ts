import { copyFileSync, existsSync, mkdirSync, readdirSync, renameSync, rmSync, statSync } from 'node:fs';
import { basename, dirname, join } from 'node:path';
import type { Backup, BackupContent } from '@kotabi/core/model';
import { worthKeeping } from '@kotabi/core/thin';
import { keyNamesIn, sealAll } from '../seal/keyring';
import type { Seal } from '../seal/seal';
import type { Guard } from './guard';
import { type Database, ForeignDatabase, openDatabase } from './open';

/** Tables in an order in which each comes after those it points to. */
const TABLES = {
  groups: 'groups',
  people: 'people',
  breaks: 'breaks',
  break_versions: 'versions of breaks',
  moves: 'own moves',
  settings: 'approaches',
  weeks: 'weeks',
  sessions: 'records of sessions',
  answers: 'answers',
  calendars: 'calendars',
  calendar_entries: 'calendar entries given out',
  feeds: 'calendar addresses given out',
  led_feeds: 'calendar addresses of those who lead',
  voice_lines: 'recorded lines',
  messages: 'reminders',
} as const;
/** Those whose rows belong to an account; what was made before there were accounts belongs to the first one. */
const OWNED = ['groups', 'breaks', 'moves', 'sessions', 'settings', 'led_feeds', 'voice_lines'] as const;
type Table = keyof typeof TABLES;
const tables = Object.keys(TABLES) as Table[];

const NAME = /^kotabi-(\d{4}-\d{2}-\d{2})T(\d{2})-(\d{2})-(\d{2})-(\d{3})\.db$/;
const nameAt = (now: Date): string => `kotabi-${now.toISOString().replace('Z', '').replace(/[:.]/g, '-')}.db`;
const quoted = (text: string): string => `'${text.replaceAll("'", "''")}'`;

/** A file that is no backup of Kotabi, or a damaged one. Nothing was replaced by it. */
export class BadBackup extends Error {}

/** The folder of backups beside a database, and what can be done with them. All while the server goes on running. */
export class BackupFolder {
  constructor(
    private readonly guard: Guard,
    readonly folder: string,
    private readonly now: () => Date,
    private readonly seal: Seal,
    /** The key of backups that come from elsewhere. */
    private readonly other?: Seal,
  ) {}

  /** Newest first. Other files in the folder are let alone. */
  list(): Backup[] {
    if (!existsSync(this.folder)) return [];
    return readdirSync(this.folder)
      .flatMap((name) => {
        const [, day, h, m, s, ms] = NAME.exec(name) ?? [];
        if (!day) return [];
        return [
          { name, madeAt: `${day}T${h}:${m}:${s}.${ms}Z`, bytes: statSync(join(this.folder, name)).size },
        ];
      })
      .sort((a, b) => b.madeAt.localeCompare(a.madeAt));
  }

  /** The file of a backup, or nothing where there is none of that name: only names as they are made here count. */
  file(name: string): string | null {
    return this.list().some((one) => one.name === name) ? join(this.folder, name) : null;
  }

  /** Makes one now, looks whether it can be read, and takes away those that are not worth keeping any more. */
  async make(): Promise<Backup> {
    mkdirSync(this.folder, { recursive: true });
    const name = nameAt(this.now());
    await this.writeTo(join(this.folder, name));
    const all = this.list();
    const keep = worthKeeping(
      all.map((one) => one.madeAt),
      this.now().toISOString(),
    );
    for (const old of all) if (!keep.has(old.madeAt)) rmSync(join(this.folder, old.name));
    const made = all.find((one) => one.name === name);
    if (!made) throw new Error(`the backup ${name} is not in its folder`);
    return made;
  }

  /** Writes everything that is kept now into a new file. It gets its name only when it is whole. */
  async writeTo(file: string): Promise<void> {
    const unfinished = join(dirname(file), `.${basename(file)}.part`);
    rmSync(unfinished, { force: true });
    try {
      await this.guard.tend(`VACUUM INTO ${quoted(unfinished)}`);
      await this.countsIn(unfinished);
      renameSync(unfinished, file);
    } finally {
      for (const end of ['', '-wal', '-shm']) rmSync(unfinished + end, { force: true });
    }
  }

  /** True where a backup has been made on this day (UTC). */
  hasOneOfToday(): boolean {
    return this.list()[0]?.madeAt.slice(0, 10) === this.now().toISOString().slice(0, 10);
  }

  /** Opens a copy of a backup, so that the backup itself stays as it is; one of an older Kotabi is brought up to date. */
  private async withCopy<T>(
    file: string,
    work: (copy: string, guard: Guard, db: Database) => Promise<T>,
  ): Promise<T> {
    if (!existsSync(file)) throw new BadBackup(`There is no file ${file}.`);
    const copy = `${file}.look`;
    copyFileSync(file, copy);
    try {
      const opened = await openDatabase(copy).catch((error: unknown) => {
        throw new BadBackup(
          error instanceof ForeignDatabase
            ? `${basename(file)} is no backup of this Kotabi or an older one. Nothing was replaced.`
            : `${basename(file)} is damaged. Nothing was replaced.`,
          { cause: error },
        );
      });
      try {
        const [sound] = (await opened.guard.execute('PRAGMA integrity_check')).rows;
        if (sound?.[0] !== 'ok') throw new BadBackup(`${basename(file)} is damaged. Nothing was replaced.`);
        return await work(copy, opened.guard, opened.db);
      } finally {
        await opened.close();
      }
    } finally {
      for (const end of ['', '-wal', '-shm']) rmSync(copy + end, { force: true });
    }
  }

  private async count(guard: Guard): Promise<Map<Table, number>> {
    const counts = new Map<Table, number>();
    for (const table of tables)
      counts.set(table, Number((await guard.execute(`SELECT count(*) FROM ${table}`)).rows[0]?.[0]));
    return counts;
  }

  private countsIn(file: string): Promise<Map<Table, number>> {
    return this.withCopy(file, (_, guard) => this.count(guard));
  }

  /**
   * Brings a copy under the key that is used now: what was made before there was one, and what was sealed with `other`.
   * Throws `BadBackup` for what was sealed with any other key.
   */
  private async unlock(file: string, db: Database): Promise<void> {
    const names = await keyNamesIn(db);
    for (const known of ['', this.seal.keyName, this.other?.keyName ?? '']) names.delete(known);
    if (names.size > 0)
      throw new BadBackup(
        `${basename(file)} was sealed with another key. With the recovery words of that key it can be put back from the ` +
          'terminal: npm start -- --restore FILE --words "the 24 words". Nothing was replaced.',
      );
    await sealAll(db, this.seal, this.other);
  }

  /** What is in a backup, beside what is kept now. Throws `BadBackup` for what is none. */
  async look(file: string): Promise<Omit<BackupContent, 'name' | 'madeAt' | 'bytes'>> {
    return this.withCopy(file, async (_, guard, db) => {
      await this.unlock(file, db);
      const [then, now] = [await this.count(guard), await this.count(this.guard)];
      const newest = await guard.execute(
        'SELECT max(at) FROM (SELECT max(updated_at) AS at FROM groups UNION ALL SELECT max(updated_at) FROM breaks ' +
          'UNION ALL SELECT max(updated_at) FROM weeks UNION ALL SELECT max(updated_at) FROM sessions)',
      );
      return {
        counts: tables.map((table) => ({
          what: TABLES[table],
          inBackup: then.get(table) ?? 0,
          now: now.get(table) ?? 0,
        })),
        newestAt: (newest.rows[0]?.[0] as string | null) ?? null,
      };
    });
  }

  /**
   * Replaces everything that is kept now by what is in a backup, in one go, after a backup of what is there now has
   * been made. Throws `BadBackup` for what is none; then nothing has changed.
   */
  async restore(file: string): Promise<{ before: Backup }> {
    return this.withCopy(file, async (copy, guard, db) => {
      await this.unlock(file, db);
      // All of the copy has to be in its own file before another connection reads it.
      await guard.tend('PRAGMA wal_checkpoint(TRUNCATE)');
      const before = await this.make();
      const columns = new Map<Table, string>();
      for (const table of tables) {
        const { rows } = await guard.execute(`SELECT name FROM pragma_table_info('${table}')`);
        columns.set(table, rows.map((r) => `"${r[0]}"`).join(', '));
      }
      await this.guard.replaceFrom(copy, [
        ...[...tables].reverse().map((table) => `DELETE FROM main.${table}`),
        ...tables.map(
          (t) => `INSERT INTO main.${t} (${columns.get(t)}) SELECT ${columns.get(t)} FROM other.${t}`,
        ),
        // Who may get in stays as it is now; whoever is missing comes back, so that nothing is without its owner.
        'INSERT OR IGNORE INTO main.accounts SELECT * FROM other.accounts',
        'DELETE FROM main.shares',
        'INSERT OR IGNORE INTO main.shares SELECT * FROM other.shares ' +
          'WHERE account_id IN (SELECT id FROM main.accounts)',
        ...OWNED.map(
          (t) =>
            `UPDATE main.${t} SET owner = (SELECT id FROM main.accounts ORDER BY created_at LIMIT 1) ` +
            "WHERE owner = '' AND EXISTS (SELECT 1 FROM main.accounts)",
        ),
      ]);
      return { before };
    });
  }
}
