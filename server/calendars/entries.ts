import {
  type CalendarBreak,
  entriesOf,
  entryLines,
  nextEntries,
  type PublishedEntry,
} from '@kotabi/core/formats';
import { type Break, type Given, type Group, type Person, roomLimits } from '@kotabi/core/model';
import { ownBreak } from '@kotabi/core/own';
import { resolveBreak } from '@kotabi/core/timing';
import { and, eq, gte, isNull, sql } from 'drizzle-orm';
import type { Context } from '../context';
import { calendarEntries, deskPages } from '../db/schema';
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

/** Where the breaks of a person or a group can be followed, if there is a page and others can reach this server; else null. */
export const followAt = async (
  ctx: Context,
  groupId: string,
  personId: string | null,
): Promise<string | null> => {
  const outside = ctx.outside?.();
  if (!outside) return null;
  const [page] = await ctx.db
    .select({ token: deskPages.token })
    .from(deskPages)
    .where(
      and(
        eq(deskPages.groupId, groupId),
        personId === null ? isNull(deskPages.personId) : eq(deskPages.personId, personId),
        isNull(deskPages.revokedAt),
      ),
    )
    .limit(1);
  return page ? `${outside}/me/${page.token}` : null;
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
  const follow = await followAt(ctx, group.id, person?.id ?? null);
  /** The break as whoever the entry is for does it. */
  const theirs = (brk: Break): Break =>
    (person && ownBreak(brk, { person, room, lookup, approach })?.brk) ?? brk;
  return ({ breaks }) => {
    const told = new Map<string, CalendarBreak | undefined>();
    return (id) => {
      if (!told.has(id)) {
        const brk = breaks.find((b) => b.id === id);
        const found = brk && resolveBreak(theirs(brk), lookup, approach);
        told.set(
          id,
          found?.ok ? { name: found.value.brk.name, lines: entryLines(found.value, follow) } : undefined,
        );
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
