import { isDeepStrictEqual } from 'node:util';
import type { Change, Kept } from '@kotabi/core/model';
import { and, eq, type SQL, sql } from 'drizzle-orm';
import type { KeptKind } from './kinds';
import type { Database } from './open';
import { breaks, breakVersions } from './schema';
import { type ShapedKind, shapeOf, upToDate } from './shapes';

export type PutResult<T> =
  | { ok: true; kept: Kept<T>; created: boolean }
  | { ok: false; reason: 'missing' }
  /** Something new whose place another one has already. */
  | { ok: false; reason: 'taken' }
  | { ok: false; reason: 'conflict'; current: Kept<T> };

/** What every kept row has, and the columns of its kind. */
export type Row = { id: string; version: number; updatedAt: string; shape: number; data: unknown } & Record<
  string,
  unknown
>;

/** A row that is there and that this program cannot read: damaged, or kept by a newer one. */
export class Unreadable extends Error {
  constructor(
    readonly kind: ShapedKind,
    readonly row: Row,
    cause: unknown,
  ) {
    super(`The ${kind} ${row.id} cannot be read`, { cause });
  }
}

/** Reads and writes things of one kind. All writes are single batches, so each is kept whole or not at all. */
export class Store<T extends { id: string }> {
  constructor(
    private readonly db: Database,
    readonly kind: KeptKind<T>,
    private readonly now: () => Date,
  ) {}

  /** The row in which a state is kept. */
  rowOf(value: T, version: number, updatedAt: string) {
    const shape = shapeOf(this.kind.name);
    return { id: value.id, version, updatedAt, shape, data: value, ...this.kind.columns(value) };
  }

  /** The thing in a row, whatever shape it was kept in. */
  read(row: Row): Kept<T> {
    const { name, schema, back } = this.kind;
    try {
      const data = upToDate(name, row.shape, row.data) as object;
      const value = schema.parse({ ...data, ...back(row) });
      return { version: row.version, updatedAt: row.updatedAt, value };
    } catch (error) {
      throw new Unreadable(name, row, error);
    }
  }

  private async rows(where?: SQL, order?: SQL): Promise<Row[]> {
    return (await this.db
      .select()
      .from(this.kind.table)
      .where(and(where, this.kind.there))
      .orderBy(order ?? sql`rowid`)) as Row[];
  }

  private tryRead(row: Row): Kept<T> | Unreadable {
    try {
      return this.read(row);
    } catch (error) {
      if (error instanceof Unreadable) return error;
      throw error;
    }
  }

  /**
   * Everything that meets a condition, in the order in which it was first kept. A row that cannot be read hides no
   * other one; `unreadable` names it.
   */
  async list(where?: SQL, order?: SQL): Promise<Kept<T>[]> {
    const all = (await this.rows(where, order)).map((row) => this.tryRead(row));
    return all.filter((one): one is Kept<T> => !(one instanceof Unreadable));
  }

  /** The rows that cannot be read. They are never changed. */
  async unreadable(): Promise<Unreadable[]> {
    return (await this.rows()).map((row) => this.tryRead(row)).filter((one) => one instanceof Unreadable);
  }

  /** One thing by its id. Throws `Unreadable` where it is there and cannot be read. */
  async get(id: string, where?: SQL): Promise<Kept<T> | undefined> {
    const [row] = await this.rows(and(eq(this.kind.table.id, id), where));
    return row && this.read(row);
  }

  /**
   * Keeps a new state, if it is based on the newest one. Sending the same change twice is harmless: what is
   * there already is simply given back.
   */
  async put({ baseVersion, value }: Change<T>): Promise<PutResult<T>> {
    const { table } = this.kind;
    const updatedAt = this.now().toISOString();
    const { id: _, ...row } = this.rowOf(value, baseVersion + 1, updatedAt);
    const write =
      baseVersion === 0
        ? this.db
            .insert(table)
            .values({ id: value.id, ...row })
            .onConflictDoNothing()
        : this.db
            .update(table)
            .set(row)
            .where(and(eq(table.id, value.id), eq(table.version, baseVersion), this.kind.there));
    const { rowsAffected } = await this.commit(write, value, baseVersion + 1, updatedAt);
    if (rowsAffected > 0)
      return { ok: true, created: baseVersion === 0, kept: { version: baseVersion + 1, updatedAt, value } };
    const current = await this.get(value.id);
    if (!current) return { ok: false, reason: baseVersion === 0 ? 'taken' : 'missing' };
    // Compared as JSON, since that is what was sent and what is kept.
    if (isDeepStrictEqual(current.value, JSON.parse(JSON.stringify(value))))
      return { ok: true, created: false, kept: current };
    return { ok: false, reason: 'conflict', current };
  }

  /** Writes, and for breaks keeps the state as a version in the same batch. */
  private async commit(
    write: Parameters<Database['batch']>[0][number],
    value: T,
    version: number,
    savedAt: string,
  ): Promise<{ rowsAffected: number }> {
    if ((this.kind.table as unknown) !== breaks) {
      const [result] = await this.db.batch([write]);
      return result as { rowsAffected: number };
    }
    const remember = this.db
      .insert(breakVersions)
      .select(
        this.db
          .select({
            breakId: breaks.id,
            version: breaks.version,
            savedAt: breaks.updatedAt,
            shape: breaks.shape,
            data: breaks.data,
          })
          .from(breaks)
          .where(and(eq(breaks.id, value.id), eq(breaks.version, version), eq(breaks.updatedAt, savedAt))),
      )
      .onConflictDoNothing();
    const [result] = await this.db.batch([write, remember]);
    return result as { rowsAffected: number };
  }

  /** Deletes for good. False when there was nothing to delete. */
  async remove(id: string): Promise<boolean> {
    const { rowsAffected } = await this.db.delete(this.kind.table).where(eq(this.kind.table.id, id));
    return rowsAffected > 0;
  }
}
