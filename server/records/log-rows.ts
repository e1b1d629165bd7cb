import { LogRow } from '@kotabi/core/model';
import { logRowOf } from '@kotabi/core/record';
import { and, desc, eq, isNull, type SQL } from 'drizzle-orm';
import { actor } from '../access/actor';
import type { Context } from '../context';
import { sessions } from '../db/schema';
import { briefName } from '../db/store';
import { isSealed } from '../seal/seal';

/** So many records are held in brief as they were read. */
const MOST_KNOWN = 50_000;

/** Reads records in brief: what lists and sums over many of them need, without opening each whole. */
export class LogRows {
  private readonly known = new Map<string, { state: string; row: LogRow }>();

  constructor(private readonly ctx: Context) {}

  /** Records that whoever asks may see, the latest first. One that cannot be read hides no other one. */
  async list(where?: SQL): Promise<LogRow[]> {
    const { id, version, updatedAt, groupId } = sessions;
    const light = await this.ctx.db
      .select({ id, version, updatedAt, groupId })
      .from(sessions)
      .where(and(where, isNull(sessions.deletedAt), actor() ? this.ctx.sessions.allowed('look') : undefined))
      .orderBy(desc(sessions.startedAt));
    const rows: LogRow[] = [];
    for (const one of light) {
      const state = `${one.version} ${one.updatedAt} ${one.groupId}`;
      const known = this.known.get(one.id);
      const row = known?.state === state ? known.row : await this.read(one.id, one.groupId);
      if (!row) continue;
      if (this.known.size >= MOST_KNOWN) this.known.clear();
      this.known.set(one.id, { state, row });
      rows.push(row);
    }
    return rows;
  }

  private async read(id: string, groupId: string | null): Promise<LogRow | null> {
    const [row] = await this.ctx.db
      .select({ brief: sessions.brief })
      .from(sessions)
      .where(eq(sessions.id, id));
    const brief = row?.brief;
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
