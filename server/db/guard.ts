import { setTimeout } from 'node:timers/promises';
import type { Client, InStatement, InValue, ResultSet, TransactionMode } from '@libsql/client';
import { createClient as openFile } from '@libsql/client/sqlite3';
import { DatabaseTrouble, troubleOf } from './trouble';

/** So long a write waits for another program to let go of the file. */
const PATIENCE_MS = 5000;
/** The first wait; each one after it is twice as long, up to the longest. */
const FIRST_WAIT_MS = 5;
const LONGEST_WAIT_MS = 100;

/** What holds on every connection, not only on the first. Each commit is on the disk before it is acknowledged. */
const PRAGMAS = [
  'PRAGMA synchronous = FULL',
  'PRAGMA foreign_keys = ON',
  // What is deleted is overwritten, so that the file does not go on holding it.
  'PRAGMA secure_delete = ON',
];

export interface Place {
  url: string;
  authToken?: string;
}

/** A file beside the program, as opposed to a server elsewhere. */
export const isFile = ({ url }: Place): boolean => url.startsWith('file:');

/** One connection that is thrown away as soon as something goes wrong on it, and made anew when it is next needed. */
class Line {
  /** How often a connection has been made. */
  opened = 0;
  /** How often something has been run and has ended. */
  runs = 0;
  private client: Client | null = null;
  /** One thing after the other: each begins when the one before it has ended, however it ended. */
  private last: Promise<unknown> = Promise.resolve();

  constructor(
    private readonly place: Place,
    private readonly patienceMs: number,
  ) {}

  private async open(): Promise<Client> {
    if (this.client) return this.client;
    // What speaks to a server elsewhere is only loaded where there is one.
    const createClient = isFile(this.place) ? openFile : (await import('@libsql/client')).createClient;
    const client = createClient({ ...this.place, concurrency: 1 });
    try {
      if (isFile(this.place)) for (const pragma of PRAGMAS) await client.execute(pragma);
    } catch (error) {
      client.close();
      throw error;
    }
    this.client = client;
    this.opened++;
    return client;
  }

  private drop(): void {
    this.client?.close();
    this.client = null;
  }

  private async attempt<T>(work: (client: Client) => Promise<T>, until: number): Promise<T> {
    for (let wait = FIRST_WAIT_MS; ; wait = Math.min(LONGEST_WAIT_MS, 2 * wait)) {
      try {
        return await work(await this.open());
      } catch (error) {
        const trouble = troubleOf(error);
        // A broken rule of a table leaves the connection sound; after anything else nobody knows what state it is in.
        if (trouble === null && /constraint/i.test(String(error))) throw error;
        this.drop();
        if (trouble === null) throw error;
        if (trouble !== 'databaseBusy' || Date.now() >= until) throw new DatabaseTrouble(trouble, error);
        await setTimeout(wait);
      }
    }
  }

  run<T>(work: (client: Client) => Promise<T>): Promise<T> {
    // Counted from here, so that those behind one that waits in vain do not wait as long again each.
    const until = Date.now() + this.patienceMs;
    const result = this.last.then(() => this.attempt(work, until));
    this.last = result.catch(() => {}).then(() => void this.runs++);
    return this.last.then(() => result);
  }

  /** Ends the connection after what is under way. */
  async close(): Promise<void> {
    await this.last;
    this.drop();
  }
}

/** What other programs change in the file is seen after so long at the most; what this one changes at once. */
const OTHERS_EVERY_MS = 200;

const READS = /^\s*(select|with|explain|pragma)\b/i;

/**
 * The only way to the database. Whatever goes through it is tried again for a while when another program holds the
 * file, happens whole or not at all, and is acknowledged after it is on the disk. Writes wait for each other here and
 * not in the file, and reads do not wait for writes. Throws `DatabaseTrouble` for what the disk or a lock prevents.
 */
export class Guard implements Client {
  closed = false;
  /** Something else copies the log beside the file, and is the only one that may empty it. */
  copied = false;
  readonly protocol: string;
  /** What other programs, and ourselves, have changed: looked at once in a while. */
  private others = { at: 0, version: '' };
  private readonly writing: Line;
  private readonly reading: Line;

  constructor(place: Place, patienceMs = PATIENCE_MS) {
    this.protocol = isFile(place) ? 'file' : 'http';
    this.writing = new Line(place, patienceMs);
    this.reading = new Line(place, patienceMs);
  }

  execute(statement: InStatement | string, args?: unknown): Promise<ResultSet> {
    const stmt: InStatement =
      typeof statement === 'string' ? { sql: statement, args: (args ?? []) as InValue[] } : statement;
    const sql = typeof stmt === 'string' ? stmt : stmt.sql;
    return (READS.test(sql) ? this.reading : this.writing).run((client) => client.execute(stmt));
  }

  /** All of it or nothing. The lock is taken at the beginning, so that nothing can come between. */
  batch(
    statements: (InStatement | [string, InValue[]?])[],
    mode: TransactionMode = 'write',
  ): Promise<ResultSet[]> {
    return this.writing.run((client) =>
      client.batch(statements as InStatement[], mode === 'deferred' ? 'write' : mode),
    );
  }

  migrate(statements: InStatement[]): Promise<ResultSet[]> {
    return this.writing.run((client) => client.migrate(statements));
  }

  executeMultiple(sql: string): Promise<void> {
    return this.writing.run((client) => client.executeMultiple(sql));
  }

  /**
   * Brings everything into the file itself: without it the newest part lies in the log beside it, safe as well, and what
   * was deleted there is not yet overwritten.
   */
  async checkpoint(): Promise<void> {
    if (this.protocol !== 'file') return;
    await this.tend(`PRAGMA wal_checkpoint(${this.copied ? 'PASSIVE' : 'TRUNCATE'})`);
  }

  /** Runs something that sets up or tends the file, in its turn among the writes. */
  tend(sql: string): Promise<ResultSet> {
    return this.writing.run((client) => client.execute(sql));
  }

  /**
   * Something that is the same for as long as nobody, in this program or (a moment ago) another, has changed anything;
   * null where that cannot be told.
   */
  async state(): Promise<string | null> {
    if (this.protocol !== 'file') return null;
    if (Date.now() - this.others.at >= OTHERS_EVERY_MS) {
      const at = Date.now();
      const { rows } = await this.reading.run((client) => client.execute('PRAGMA data_version'));
      this.others = { at, version: `${this.reading.opened}.${rows[0]?.[0]}` };
    }
    return `${this.writing.runs}.${this.others.version}`;
  }

  /** Runs statements, all or none, with another database file beside this one under the name `other`. */
  replaceFrom(file: string, statements: string[]): Promise<void> {
    return this.writing.run(async (client) => {
      await client.execute({ sql: 'ATTACH ? AS other', args: [file] });
      try {
        await client.migrate(statements);
      } finally {
        await client.execute('DETACH other');
      }
    });
  }

  /** Open-ended transactions would hold everybody up; a batch does the same in one go. */
  transaction(): never {
    throw new Error('Use a batch: all of it happens or nothing.');
  }

  sync(): never {
    throw new Error('This database is no copy of another one.');
  }

  reconnect(): void {}

  /** Ends both connections, after what is under way. */
  async end(): Promise<void> {
    this.closed = true;
    await Promise.all([this.writing.close(), this.reading.close()]);
  }

  close(): void {
    void this.end();
  }
}
