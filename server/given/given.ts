import { weekToGive } from '@kotabi/core/given';
import { Break, type Given, type GivenState, type Group, type Kept, Week } from '@kotabi/core/model';
import { localNow } from '@kotabi/core/schedule';
import { eq, sql } from 'drizzle-orm';
import type { Context } from '../context';
import { givenWeeks } from '../db/schema';

type Row = typeof givenWeeks.$inferSelect;
const RAISED = sql`${givenWeeks.version} + 1`;

/** A state as it was kept. */
const read = (data: unknown): Given => {
  const { week, breaks } = data as { week: unknown; breaks: unknown[] };
  return { week: Week.parse(week), breaks: breaks.map((b) => Break.parse(b)) };
};

/** The state of a row; of what was followed before giving out was a step of its own it is the week as it stands. */
const stateOf = async (ctx: Context, row: Row): Promise<Given | null> => {
  if (row.data !== null) return read(row.data);
  const week = (await ctx.weeks.get(row.weekId))?.value;
  return week ? { week, breaks: await breaksOf(ctx, week) } : null;
};

/** The breaks that a week has chosen, as they are now. */
const breaksOf = async (ctx: Context, week: Week): Promise<Break[]> => {
  const ids = new Set(week.days.flatMap((d) => d.breaks.flatMap((b) => b.breakId ?? [])));
  return (await ctx.breaks.list()).map((b) => b.value).filter((b) => ids.has(b.id));
};

/** Every week of a group that was given out, as it was. */
export const givenOf = async (ctx: Context, groupId: string): Promise<Given[]> => {
  const rows = await ctx.db.select().from(givenWeeks).where(eq(givenWeeks.groupId, groupId));
  const all = await Promise.all(rows.map((row) => stateOf(ctx, row)));
  return all.filter((g) => g !== null);
};

const rowOf = async (ctx: Context, weekId: string): Promise<Row | undefined> =>
  (await ctx.db.select().from(givenWeeks).where(eq(givenWeeks.weekId, weekId)))[0];

/** When a week was given out last, and what of it; null for a draft. */
export const givenStateOf = async (ctx: Context, weekId: string): Promise<GivenState | null> => {
  const row = await rowOf(ctx, weekId);
  const state = row && (await stateOf(ctx, row));
  return row && state ? { givenAt: row.givenAt, week: state.week, hasBefore: row.before !== null } : null;
};

/** Gives a week out as it stands: what has passed stays as it was given out before. */
export const giveOut = async (
  ctx: Context,
  { value: week }: Kept<Week>,
  group: Group,
  now: Date = ctx.now(),
): Promise<void> => {
  const row = await rowOf(ctx, week.id);
  const last = row ? await stateOf(ctx, row) : null;
  const toGive = weekToGive(week, last?.week ?? null, localNow(now, group.timeZone));
  const data: Given = { week: toGive, breaks: await breaksOf(ctx, toGive) };
  const state = {
    groupId: week.groupId,
    personId: week.personId,
    startDate: week.startDate,
    givenAt: now.toISOString(),
    data,
    before: last && row ? { ...last, givenAt: row.givenAt } : null,
  };
  await ctx.db
    .insert(givenWeeks)
    .values({ weekId: week.id, ...state })
    .onConflictDoUpdate({ target: givenWeeks.weekId, set: { ...state, version: RAISED } });
};

/** Puts the breaks of what was given out as they are now: after a name was taken out of them it is nowhere any more. */
export const renewBreaks = async (ctx: Context): Promise<void> => {
  const now = new Map((await ctx.breaks.list()).map((b) => [b.value.id, b.value]));
  const renewed = (data: unknown): unknown =>
    data === null
      ? null
      : { ...(data as object), breaks: read(data).breaks.flatMap((b) => now.get(b.id) ?? []) };
  for (const row of await ctx.db.select().from(givenWeeks))
    await ctx.db
      .update(givenWeeks)
      .set({ data: renewed(row.data), before: renewed(row.before), version: RAISED })
      .where(eq(givenWeeks.weekId, row.weekId));
};

/** Takes back what was given out last: the state before it counts again, or the week is a draft. */
export const takeBack = async (ctx: Context, weekId: string): Promise<void> => {
  const row = await rowOf(ctx, weekId);
  if (!row) return;
  const before = row.before as { givenAt: string } | null;
  await (before
    ? ctx.db
        .update(givenWeeks)
        .set({ data: before, givenAt: before.givenAt, before: null, version: RAISED })
        .where(eq(givenWeeks.weekId, weekId))
    : ctx.db.delete(givenWeeks).where(eq(givenWeeks.weekId, weekId)));
};
