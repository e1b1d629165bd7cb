import { createHash } from 'node:crypto';
import type { CalendarProblem, ReadTime, Skipped } from '@kotabi/core/calendars';
import type { CalendarSource, CalendarState } from '@kotabi/core/model';
import { eq } from 'drizzle-orm';
import type { Context } from '../context';
import { calendars } from '../db/schema';
import { DatabaseTrouble } from '../db/trouble';
import { Refusal } from '../errors';
import { fetchCalendar } from './fetch';

const DAY_MS = 86_400_000;
/** How far a copy reaches: some weeks back, so that past weeks can be planned late, and ahead. */
const BACK_DAYS = 14;
const AHEAD_DAYS = { subscribed: 120, file: 400 };
/** So long a calendar service may take to answer. */
const PATIENCE_MS = 10_000;
/** Subscribed calendars are asked again after so long. */
export const REFRESH_MS = 5 * 60_000;

/** Why a calendar could not be read, in a sentence. */
export const problemText = (p: CalendarProblem): string => {
  switch (p.code) {
    case 'tooLarge':
      return `The calendar has ${p.bytes} bytes; at most ${p.most} are read.`;
    case 'notCalendar':
      return `This is no iCalendar file: ${p.reason}.`;
    case 'tooMany':
      return `The calendar has ${p.events} events; at most ${p.most} are read.`;
  }
};

const skippedText = (s: Skipped): string => {
  switch (s.code) {
    case 'unknownZone':
      return `"${s.uid.slice(0, 60)}" is in the time zone "${s.zone.slice(0, 60)}", which cannot be used`;
    case 'endless':
      return `"${s.uid.slice(0, 60)}" repeats more than ${s.most} times`;
    case 'badEvent':
      return `"${s.uid.slice(0, 60)}": ${s.reason}`;
    case 'badLine':
      return `${s.lines} line${s.lines === 1 ? '' : 's'} without a colon`;
  }
};

/** What was left out of a calendar, in a sentence; null where nothing was. */
export const leftOutText = (skipped: readonly Skipped[], events: number): string | null => {
  const [first, ...rest] = skipped;
  if (!first) return null;
  const more = rest.length > 0 ? `, and ${rest.length} more` : '';
  return `Not everything in it (${events} events) can be read; the rest is used. Left out: ${skippedText(first)}${more}.`;
};

/** A stable name for an event that does not tell what the event is. */
export const eventId = (calendarId: string, key: string): string =>
  createHash('sha256').update(`${calendarId}|${key}`).digest('hex').slice(0, 20);

type Row = typeof calendars.$inferSelect;

export const stateOf = ({ id, copiedAt, triedAt, problem, events }: Row): CalendarState => ({
  id,
  copiedAt,
  triedAt,
  problem,
  events,
});

/** Calendars of a group (or all), with their last good copies. */
export const calendarRows = async (ctx: Context, groupId?: string): Promise<Row[]> =>
  ctx.db
    .select()
    .from(calendars)
    .where(groupId === undefined ? undefined : eq(calendars.groupId, groupId));

export const timesOf = (row: Row): ReadTime[] => (row.times as ReadTime[] | null) ?? [];

type Taken = { ok: true; events: number } | { ok: false; problem: string };

/** Reads a calendar text into the copy of a source. What cannot be read leaves the last good copy as it was. */
export const takeText = async (ctx: Context, source: CalendarSource, text: string): Promise<Taken> => {
  const now = ctx.now();
  const group = await ctx.groups.get(source.groupId);
  const read = await ctx.pool.run('readCalendar', {
    text,
    window: {
      fromMs: now.getTime() - BACK_DAYS * DAY_MS,
      untilMs: now.getTime() + AHEAD_DAYS[source.address === null ? 'file' : 'subscribed'] * DAY_MS,
      zone: group?.value.timeZone ?? 'UTC',
      keepTitles: source.keepTitles,
    },
  });
  if (!read.ok) return { ok: false, problem: problemText(read.problem) };
  const left = leftOutText(read.skipped, read.events);
  // Where nothing of it can be read, the last good copy says more.
  if (left !== null && read.times.length === 0) return { ok: false, problem: left };
  const at = now.toISOString();
  await ctx.db
    .update(calendars)
    .set({
      copiedAt: at,
      triedAt: at,
      problem: left,
      events: read.events,
      times: read.times,
    })
    .where(eq(calendars.id, source.id));
  return { ok: true, events: read.events };
};

/** Asks a subscribed calendar anew. A failure is kept as such, and the last good copy stays in use. */
export const refresh = async (
  ctx: Context,
  source: CalendarSource,
  patienceMs = PATIENCE_MS,
): Promise<Taken> => {
  if (source.address === null) return { ok: false, problem: 'It was read from a file; choose a newer file.' };
  const got = await fetchCalendar(source.address, source.inside, patienceMs);
  const taken: Taken = got.ok
    ? await takeText(ctx, source, got.text).catch((error: unknown): Taken => {
        // One that cannot be read in time is that calendar's problem, and nobody else's.
        if (error instanceof Refusal) return { ok: false, problem: error.message };
        if (error instanceof DatabaseTrouble) throw error;
        ctx.log.error({ err: error }, 'a calendar could not be read');
        return { ok: false, problem: 'It could not be read. The last good copy stays in use.' };
      })
    : got;
  if (!taken.ok)
    await ctx.db
      .update(calendars)
      .set({ triedAt: ctx.now().toISOString(), problem: taken.problem })
      .where(eq(calendars.id, source.id));
  return taken;
};

/** So many calendars are asked at once: a few that are silent hold nobody else up. */
const AT_ONCE = 6;

/** Asks every subscribed calendar whose last try is long enough ago. What goes wrong with one is its own problem. */
export const refreshDue = async (ctx: Context): Promise<number> => {
  const now = ctx.now().getTime();
  const due = (await calendarRows(ctx)).filter(
    (r) => r.triedAt === null || now - Date.parse(r.triedAt) >= REFRESH_MS,
  );
  let asked = 0;
  const next = async (): Promise<void> => {
    for (let row = due.shift(); row; row = due.shift()) {
      const kept = await ctx.calendars.get(row.id);
      if (!kept || kept.value.address === null) continue;
      asked++;
      await refresh(ctx, kept.value);
    }
  };
  await Promise.all(Array.from({ length: AT_ONCE }, next));
  return asked;
};
