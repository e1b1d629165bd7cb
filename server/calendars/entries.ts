import {
  breakLines,
  type CalendarBreak,
  entriesOf,
  nextEntries,
  ownLines,
  type PublishedEntry,
} from '@kotabi/core/formats';
import { type Given, type Group, type Person, roomLimits } from '@kotabi/core/model';
import { answerFor } from '@kotabi/core/needs';
import { type ResolvedBreak, resolveBreak } from '@kotabi/core/timing';
import { and, eq, gte, isNull, sql } from 'drizzle-orm';
import type { Context } from '../context';
import { calendarEntries } from '../db/schema';
import { givenOf } from '../given/given';

/** Entries older than this are not given out any more. */
const BACK_DAYS = 28;

/** Weeks that a calendar shows, as they were given out: the person's own where there is one, the group's otherwise. */
export const weeksOf = async (ctx: Context, groupId: string, personId: string | null): Promise<Given[]> => {
  const all = await givenOf(ctx, groupId);
  const own = all.filter(({ week }) => week.personId === personId && personId !== null);
  const ofGroup = all.filter(
    ({ week }) => week.personId === null && !own.some((o) => o.week.startDate === week.startDate),
  );
  return [...own, ...ofGroup].sort((a, b) => (a.week.startDate < b.week.startDate ? -1 : 1));
};

/** What a calendar says of each break of a week, as it was given out: for a person with their own version of what they cannot do as planned. */
export const breakTeller = async (
  ctx: Context,
  group: Group,
  person: Person | null,
): Promise<(given: Given) => (id: string) => CalendarBreak | undefined> => {
  const room = { limits: roomLimits(group), things: group.things };
  const lookup = await ctx.lookup();
  const approach = await ctx.approach();
  const linesOf = (resolved: ResolvedBreak): string[] =>
    person === null || person.limits.length === 0
      ? breakLines(resolved)
      : ownLines(
          resolved,
          ({ move, step: { rung, dose }, position }) =>
            answerFor({ move, rung, position, dose }, person, room, lookup),
          (moveId) => lookup(moveId)?.name ?? moveId,
        );
  return ({ breaks }) => {
    const told = new Map<string, CalendarBreak | undefined>();
    return (id) => {
      if (!told.has(id)) {
        const brk = breaks.find((b) => b.id === id);
        const found = brk && resolveBreak(brk, lookup, approach);
        told.set(id, found?.ok ? { name: found.value.brk.name, lines: linesOf(found.value) } : undefined);
      }
      return told.get(id);
    };
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
  const chosen = await breakTeller(ctx, group, person);
  const planned = (await weeksOf(ctx, group.id, personId))
    .flatMap((given) => entriesOf(given.week, group, chosen(given)))
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
