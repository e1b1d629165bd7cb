import { LogRow } from '@kotabi/core/model';
import { logRowOf } from '@kotabi/core/record';
import { and, count, desc, inArray, isNull, type SQL, sql } from 'drizzle-orm';
import { z } from 'zod';
import { actor } from '../access/actor';
import type { Context } from '../context';
import { sessions } from '../db/schema';
import { briefName } from '../db/store';
import { isSealed } from '../seal/seal';

/** So many briefs are asked for at once. */
const AT_ONCE = 500;
/** What says which records there are, and whether one has changed since it was read. */
const Light = z.array(z.tuple([z.string(), z.number(), z.string(), z.string().nullable()]));
/** So many records are held in brief as they were read. */
const MOST_KNOWN = 50_000;

/** Reads records in brief: what lists and sums over many of them need, without opening each whole. */
export class LogRows {
  private readonly known = new Map<string, { state: string; row: LogRow }>();

  constructor(private readonly ctx: Context) {}

  private seen(where?: SQL): SQL | undefined {
    return and(where, isNull(sessions.deletedAt), actor() ? this.ctx.sessions.allowed('look') : undefined);
  }

  /** So many records from one place on, the latest first, and how many there are in all. */
  async page(
    where: SQL | undefined,
    offset: number,
    limit: number,
  ): Promise<{ total: number; rows: LogRow[] }> {
    const [all] = await this.ctx.db.select({ total: count() }).from(sessions).where(this.seen(where));
    return { total: all?.total ?? 0, rows: await this.list(where, { offset, limit }) };
  }

  /** Records that whoever asks may see, the latest first. One that cannot be read hides no other one. */
  async list(where?: SQL, some?: { offset: number; limit: number }): Promise<LogRow[]> {
    const light = await this.light(where, some);
    const stateOf = (one: (typeof light)[number]): string => `${one.version} ${one.updatedAt} ${one.groupId}`;
    const unknown = light.filter((one) => this.known.get(one.id)?.state !== stateOf(one));
    if (this.known.size + unknown.length > MOST_KNOWN) this.known.clear();
    for (let from = 0; from < unknown.length; from += AT_ONCE) {
      const next = unknown.slice(from, from + AT_ONCE);
      const briefs = await this.ctx.db
        .select({ id: sessions.id, brief: sessions.brief })
        .from(sessions)
        .where(
          inArray(
            sessions.id,
            next.map((one) => one.id),
          ),
        );
      const byId = new Map(briefs.map((b) => [b.id, b.brief]));
      for (const one of next) {
        const row = await this.read(one.id, one.groupId, byId.get(one.id));
        if (row) this.known.set(one.id, { state: stateOf(one), row });
      }
    }
    return light.flatMap((one) => this.known.get(one.id)?.row ?? []);
  }

  /** The records in question, the latest first. They come as one text: ten thousand rows one by one take five times as long. */
  private async light(where?: SQL, some?: { offset: number; limit: number }) {
    const { id, version, updatedAt, groupId, startedAt } = sessions;
    const query = this.ctx.db
      .select({ id, version, updatedAt, groupId })
      .from(sessions)
      .where(this.seen(where))
      .orderBy(desc(startedAt));
    const rows = (some ? query.limit(some.limit).offset(some.offset) : query).as('light');
    const [all] = await this.ctx.db
      .select({
        text: sql<string>`json_group_array(json_array(${rows.id}, ${rows.version}, ${rows.updatedAt}, ${rows.groupId}))`,
      })
      .from(rows);
    return Light.parse(JSON.parse(all?.text ?? '[]')).map(([own, v, at, group]) => ({
      id: own,
      version: v,
      updatedAt: at,
      groupId: group,
    }));
  }

  private async read(id: string, groupId: string | null, brief: unknown): Promise<LogRow | null> {
    if (isSealed(brief)) {
      const read = LogRow.safeParse(this.ctx.seal.open(brief, briefName('session', id)));
      // Its group may have been deleted since.
      if (read.success) return { ...read.data, groupId };
    }
    // Kept before there were briefs, or by an earlier shape of them: from the record itself.
    try {
      const kept = await this.ctx.sessions.get(id);
      return kept ? logRowOf(kept.value) : null;
    } catch (error) {
      this.ctx.log.warn({ id, err: error }, 'a record cannot be read; it is left out of lists');
      return null;
    }
  }
}
