import type { Forget, NamedText } from '@kotabi/core/model';
import { eq, sql } from 'drizzle-orm';
import type { Context } from '../context';
import { breakVersions } from '../db/schema';
import type { Store } from '../db/store';

/** What stands in a text in place of a name that is no longer kept. */
const SOMEONE = '(someone)';

const escaped = (text: string): string => text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');
/** Finds a name as a whole word, in any case. */
export const naming = (name: string): RegExp =>
  new RegExp(`(?<![\\p{L}\\p{N}])${escaped(name)}(?![\\p{L}\\p{N}])`, 'giu');

type Kind = NamedText['kind'];
type Thing = { id: string; name?: string; breakName?: string };

/** Every text in a value, with its path. */
const textsIn = (value: unknown, path: string[] = []): { path: string; text: string }[] => {
  if (typeof value === 'string') return [{ path: path.join('.'), text: value }];
  if (value === null || typeof value !== 'object') return [];
  return Object.entries(value).flatMap(([key, own]) => textsIn(own, [...path, key]));
};

/** A value with the texts of some paths changed; of all paths without any named. */
const withTexts = (
  value: unknown,
  change: (text: string) => string,
  paths: ReadonlySet<string> | null,
  at: string[] = [],
): unknown => {
  if (typeof value === 'string') return paths === null || paths.has(at.join('.')) ? change(value) : value;
  if (Array.isArray(value)) return value.map((own, i) => withTexts(own, change, paths, [...at, String(i)]));
  if (value === null || typeof value !== 'object') return value;
  return Object.fromEntries(
    Object.entries(value).map(([key, own]) => [key, withTexts(own, change, paths, [...at, key])]),
  );
};

/** Names in texts that somebody wrote: found, and taken out where it is wished. */
export class Names {
  constructor(private readonly ctx: Context) {}

  private stores(): Record<Kind, Store<Thing>> {
    const { groups, breaks, moves, weeks, calendars, sessions, measures } = this.ctx;
    const stores = {
      group: groups,
      break: breaks,
      move: moves,
      week: weeks,
      calendar: calendars,
      session: sessions,
      measure: measures,
    };
    return stores as unknown as Record<Kind, Store<Thing>>;
  }

  /** Every text that whoever asks may change and in which a name stands as a whole word. */
  async find(name: string): Promise<NamedText[]> {
    const found: NamedText[] = [];
    for (const [kind, store] of Object.entries(this.stores()) as [Kind, Store<Thing>][])
      for (const { value } of await store.list(store.allowed('edit')))
        for (const { path, text } of textsIn(value))
          if (text.match(naming(name)) !== null)
            found.push({ kind, id: value.id, called: value.name ?? value.breakName ?? '', path, text });
    return found;
  }

  /**
   * The changes that take a name out of texts. What was changed rises in version, so that nobody puts an older state
   * back unseen; the earlier versions of a break lose the name wherever it stands in them.
   */
  async removal(name: string, places: Forget['places']) {
    const { db, now } = this.ctx;
    const change = (text: string): string => text.replace(naming(name), SOMEONE);
    const updatedAt = now().toISOString();
    const writes = [];
    for (const [kind, store] of Object.entries(this.stores()) as [Kind, Store<Thing>][]) {
      const here = places.filter((p) => p.kind === kind);
      for (const id of new Set(here.map((p) => p.id))) {
        const kept = await store.get(id, store.allowed('edit'));
        if (!kept) continue;
        const value = withTexts(
          kept.value,
          change,
          new Set(here.filter((p) => p.id === id).map((p) => p.path)),
        ) as Thing;
        const { id: _, ...row } = store.rowOf(value, kept.version + 1, updatedAt);
        writes.push(db.update(store.kind.table).set(row).where(eq(store.kind.table.id, id)));
        if (kind === 'break') writes.push(...(await this.versionsWithout(id, change)));
      }
    }
    return writes;
  }

  /** The earlier versions of a break, with a change of every text; and the newest state as one of them. */
  private async versionsWithout(breakId: string, change: (text: string) => string) {
    const { db } = this.ctx;
    const rows = await db.select().from(breakVersions).where(eq(breakVersions.breakId, breakId));
    return rows.map((row) =>
      db
        .update(breakVersions)
        .set({ data: withTexts(row.data, change, null) })
        .where(sql`${breakVersions.breakId} = ${breakId} AND ${breakVersions.version} = ${row.version}`),
    );
  }
}
