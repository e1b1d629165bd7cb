import { isDeepStrictEqual } from 'node:util';
import type { Change, Kept } from '@kotabi/core/model';
import { and, eq, getTableColumns, inArray, type SQL, sql } from 'drizzle-orm';
import { actor } from '../access/actor';
import { inGroupsOf, type Wish } from '../access/may';
import { isSealed, type Seal, sealName } from '../seal/seal';
import type { KeptKind } from './kinds';
import type { Database } from './open';
import { breaks, breakVersions, groups } from './schema';
import { type ShapedKind, shapeOf, upToDate } from './shapes';

export type PutResult<T> =
  | { ok: true; kept: Kept<T>; created: boolean }
  | { ok: false; reason: 'missing' }
  /** Something new whose place another one has already. */
  | { ok: false; reason: 'taken' }
  /** It may be looked at, or its group may, but not changed. */
  | { ok: false; reason: 'notYours' }
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

/** So many things of a kind are held as they were read. */
const MOST_KNOWN = 5000;
/** So many rows are asked for by their ids at once. */
const AT_ONCE = 500;

/** What a row is known by: settings of several instructors have the same id. */
const keyOf = (row: Row): string => `${row.owner ?? ''} ${row.id}`;

/** What the brief of a thing is called in its seal. */
export const briefName = (kind: string, id: string): string => sealName(`${kind} in brief`, id);

/** A value that nobody can change, all of it. */
const frozen = <V>(value: V): V => {
  if (value !== null && typeof value === 'object' && !Object.isFrozen(value)) {
    Object.freeze(value);
    for (const own of Object.values(value)) frozen(own);
  }
  return value;
};

/**
 * Reads and writes things of one kind, on behalf of whoever asks: what they may not see is not there, and what they may
 * only look at is not changed. All writes are single batches, so each is kept whole or not at all.
 */
export class Store<T extends { id: string }> {
  /** Things as they were read last. */
  private readonly known = new Map<string, { state: string; kept: Kept<T> }>();

  constructor(
    private readonly db: Database,
    readonly kind: KeptKind<T>,
    private readonly now: () => Date,
    private readonly seal: Seal,
  ) {}

  /** What is kept of a state: itself, or its seal. */
  kept(value: T): unknown {
    const { name, sealed } = this.kind;
    return sealed ? this.seal.close(value, sealName(name, value.id)) : value;
  }

  /** The row in which a state is kept. */
  rowOf(value: T, version: number, updatedAt: string) {
    const shape = shapeOf(this.kind.name);
    const { brief, columns } = this.kind;
    return {
      id: value.id,
      version,
      updatedAt,
      shape,
      data: this.kept(value),
      ...columns(value),
      ...(brief && { brief: this.seal.close(brief(value), briefName(this.kind.name, value.id)) }),
    };
  }

  /** The row of something new; it belongs to whoever asks for it. */
  newRow(value: T, updatedAt: string) {
    return { ...this.rowOf(value, 1, updatedAt), ...(this.kind.owned && { owner: actor()?.id ?? '' }) };
  }

  /**
   * The thing in a row, whatever shape it was kept in. A state that was read before is given again: it is one and the
   * same object for everybody, and nobody may change it.
   */
  read(row: Row): Kept<T> {
    const { name, schema, back } = this.kind;
    const known = this.knownOf(row);
    if (known) return known;
    try {
      const open = isSealed(row.data) ? this.seal.open(row.data, sealName(name, row.id)) : row.data;
      const data = upToDate(name, row.shape, open) as object;
      const value = frozen(schema.parse({ ...data, ...back(row) }));
      const kept = { version: row.version, updatedAt: row.updatedAt, value };
      if (this.known.size >= MOST_KNOWN) this.known.clear();
      this.known.set(keyOf(row), { state: this.stateOf(row), kept });
      return kept;
    } catch (error) {
      throw new Unreadable(name, row, error);
    }
  }

  /** The rows for which a wish is granted to whoever asks; all of them for the server's own work. */
  allowed(wish: Wish): SQL | undefined {
    const who = actor();
    return who ? this.kind.may(who.id, wish) : undefined;
  }

  /** What tells one state of a row from another, without what is in it. */
  private stateOf(row: Row): string {
    return JSON.stringify([row.version, row.updatedAt, row.shape, this.kind.back(row)]);
  }

  private knownOf(row: Row): Kept<T> | undefined {
    const known = this.known.get(keyOf(row));
    return known?.state === this.stateOf(row) ? known.kept : undefined;
  }

  /** The rows that meet a condition. What is in them is only asked for where it is not known yet. */
  private async rows(where?: SQL, order?: SQL): Promise<Row[]> {
    const { table, there } = this.kind;
    const { data: _, ...light } = getTableColumns(table);
    const rows = (await this.db
      .select(light)
      .from(table)
      .where(and(where, there, this.allowed('look')))
      .orderBy(order ?? sql`rowid`)) as unknown as Row[];
    const unknown = rows.filter((row) => !this.knownOf(row));
    if (unknown.length === 0) return rows;
    const whole = new Map<string, Row>();
    for (let from = 0; from < unknown.length; from += AT_ONCE) {
      const ids = unknown.slice(from, from + AT_ONCE).map((row) => row.id);
      const found = await this.db
        .select()
        .from(table)
        .where(and(inArray(table.id, ids), this.allowed('look')));
      for (const row of found as Row[]) whole.set(keyOf(row), row);
    }
    // One that has gone meanwhile is not there.
    return rows.flatMap((row) => (this.knownOf(row) ? [row] : (whole.get(keyOf(row)) ?? [])));
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

  /** Whether whoever asks may do something with a thing; one that was put away counts as well. */
  async may(id: string, wish: Wish): Promise<boolean> {
    const [row] = await this.db
      .select({ id: this.kind.table.id })
      .from(this.kind.table)
      .where(and(eq(this.kind.table.id, id), this.allowed(wish)));
    return row !== undefined;
  }

  /** Whether whoever asks may put something where it is to be: into a group that they may change. */
  private async mayPut(value: T): Promise<boolean> {
    const who = actor();
    if (!who || this.kind.owned) return true;
    const { groupId } = this.kind.columns(value) as { groupId: string };
    const [group] = await this.db
      .select({ id: groups.id })
      .from(groups)
      .where(and(eq(groups.id, groupId), sql`${groups.id} IN ${inGroupsOf(who.id, 'edit')}`));
    return group !== undefined;
  }

  /**
   * Keeps a new state, if it is based on the newest one. Sending the same change twice is harmless: what is
   * there already is simply given back.
   */
  async put({ baseVersion, value }: Change<T>): Promise<PutResult<T>> {
    const { table } = this.kind;
    if (!(await this.mayPut(value))) return { ok: false, reason: 'notYours' };
    const updatedAt = this.now().toISOString();
    const { id: _, ...row } = this.rowOf(value, baseVersion + 1, updatedAt);
    const write =
      baseVersion === 0
        ? this.db.insert(table).values(this.newRow(value, updatedAt)).onConflictDoNothing()
        : this.db
            .update(table)
            .set(row)
            .where(
              and(
                eq(table.id, value.id),
                eq(table.version, baseVersion),
                this.kind.there,
                this.allowed('edit'),
              ),
            );
    const { rowsAffected } = await this.commit(write, value, baseVersion + 1, updatedAt);
    if (rowsAffected > 0)
      return { ok: true, created: baseVersion === 0, kept: { version: baseVersion + 1, updatedAt, value } };
    const current = await this.get(value.id);
    if (!current) return { ok: false, reason: baseVersion === 0 ? 'taken' : 'missing' };
    if (!(await this.may(value.id, 'edit'))) return { ok: false, reason: 'notYours' };
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

  /** Deletes for good, where whoever asks may. False when there was nothing to delete. */
  async remove(id: string): Promise<boolean> {
    const { rowsAffected } = await this.db
      .delete(this.kind.table)
      .where(and(eq(this.kind.table.id, id), this.allowed('own')));
    return rowsAffected > 0;
  }
}
