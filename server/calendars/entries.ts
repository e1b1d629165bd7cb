import {
  breakLines,
  type CalendarBreak,
  entriesOf,
  nextEntries,
  ownLines,
  type PublishedEntry,
} from '@kotabi/core/formats';
import { type Group, type Person, roomLimits, type Week } from '@kotabi/core/model';
import { answerFor } from '@kotabi/core/needs';
import { type ResolvedBreak, resolveBreak } from '@kotabi/core/timing';
import { and, eq, gte, isNull, sql } from 'drizzle-orm';
import type { Context } from '../context';
import { calendarEntries, weeks } from '../db/schema';

/** Entries older than this are not given out any more. */
const BACK_DAYS = 28;

/** Weeks that a calendar shows: the person's own where there is one, the group's otherwise. */
const weeksOf = async (ctx: Context, groupId: string, personId: string | null): Promise<Week[]> => {
  const all = (await ctx.weeks.list(eq(weeks.groupId, groupId))).map((k) => k.value);
  const own = all.filter((w) => w.personId === personId && personId !== null);
  const ofGroup = all.filter((w) => w.personId === null && !own.some((o) => o.startDate === w.startDate));
  return [...own, ...ofGroup].sort((a, b) => (a.startDate < b.startDate ? -1 : 1));
};

/** What a calendar says of each break: for a person with their own version of what they cannot do as planned. */
const breakOf = async (
  ctx: Context,
  group: Group,
  person: Person | null,
): Promise<(id: string) => CalendarBreak | undefined> => {
  const room = { limits: roomLimits(group), things: group.things };
  const lookup = await ctx.lookup();
  const approach = await ctx.approach();
  const breaks = new Map((await ctx.breaks.list()).map((b) => [b.value.id, b.value]));
  const told = new Map<string, CalendarBreak | undefined>();
  const linesOf = (resolved: ResolvedBreak): string[] =>
    person === null || person.limits.length === 0
      ? breakLines(resolved)
      : ownLines(
          resolved,
          ({ move, step: { rung, dose }, position }) =>
            answerFor({ move, rung, position, dose }, person, room, lookup),
          (moveId) => lookup(moveId)?.name ?? moveId,
        );
  return (id) => {
    if (!told.has(id)) {
      const brk = breaks.get(id);
      const found = brk && resolveBreak(brk, lookup, approach);
      told.set(id, found?.ok ? { name: found.value.brk.name, lines: linesOf(found.value) } : undefined);
    }
    return told.get(id);
  };
};

/** One at a time, so that two readers never give the same sequence to different states. */
let turn: Promise<unknown> = Promise.resolve();

/**
 * What calendars are told now of a group's breaks, or of a person's: compared with what they were told last, with
 * the sequence risen where something changed, and what is gone as cancelled. What is told is kept before it is
 * given out.
 */
export const publish = (ctx: Context, group: Group, personId: string | null): Promise<PublishedEntry[]> => {
  // Whoever asks, it is told as its owner would: with their breaks and their approach.
  const mine = turn.then(() => ctx.asOwnerOf(group.id, () => publishNow(ctx, group, personId)));
  turn = mine.catch(() => undefined);
  return mine;
};

const publishNow = async (ctx: Context, group: Group, personId: string | null): Promise<PublishedEntry[]> => {
  const now = ctx.now();
  const from = new Date(now.getTime() - BACK_DAYS * 86_400_000).toISOString().slice(0, 10);
  const person = personId === null ? null : ((await ctx.people.get(personId))?.value ?? null);
  const chosen = await breakOf(ctx, group, person);
  const planned = (await weeksOf(ctx, group.id, personId))
    .flatMap((week) => entriesOf(week, group, chosen))
    .filter((e) => e.date >= from)
    // A person follows the group's week under an address of its own: its events are the person's.
    .map((e) => (personId === null ? e : { ...e, uid: `${personId}.${e.uid}` }));
  const rows = await ctx.db
    .select()
    .from(calendarEntries)
    .where(
      and(
        eq(calendarEntries.groupId, group.id),
        personId === null ? isNull(calendarEntries.personId) : eq(calendarEntries.personId, personId),
        gte(calendarEntries.date, from),
      ),
    );
  const before = rows.map((r) => r.data as PublishedEntry);
  const next = nextEntries(before, planned, now.toISOString());
  const changed = next.filter((e) => !before.includes(e));
  for (const entry of changed) {
    const row = { groupId: group.id, personId, date: entry.date, data: entry };
    await ctx.db
      .insert(calendarEntries)
      .values({ uid: entry.uid, ...row })
      .onConflictDoUpdate({ target: calendarEntries.uid, set: { ...row, data: sql`excluded.data` } });
  }
  return next.sort((a, b) => (a.date === b.date ? a.startMin - b.startMin : a.date < b.date ? -1 : 1));
};
