import type { Shelf } from '@kotabi/core/library';
import type { Approach, BusyTime, GivenState, IsoDate, Kept, Person, Week } from '@kotabi/core/model';
import { frameOf, fromToday, localNow, plannedBreaks, withCalendars } from '@kotabi/core/schedule';
import { request } from '../../api/client';
import { fetchWeek, put } from '../../api/queries';
import { fillRequest, stoppedBreaks, withChosen } from '../../week/fill-request';
import type { GroupWeek } from '../../week/office-row';
import { planWhole } from '../../week/plan-whole';
import { freshWeek, lastBefore } from '../../week/store';
import { type BreakFacts, dayFacts } from '../../week/useFacts';
import { fillAway } from '../../workers/solving';

/** Everything that is kept of one week of a group. */
export const loadGroupWeek = async (group: GroupWeek['group'], monday: IsoDate): Promise<GroupWeek> => {
  const [people, week, weeks] = await Promise.all([
    request<Kept<Person>[]>('GET', `/api/groups/${group.id}/people`),
    fetchWeek(group.id, null, monday),
    request<Kept<Week>[]>('GET', `/api/groups/${group.id}/weeks`),
  ]);
  const given = week && (await request<GivenState | null>('GET', `/api/weeks/${week.value.id}/given`));
  return { group, people: people.map((p) => p.value), week, given, before: lastBefore(weeks, null, monday) };
};

/** What was done for one group, or why not. */
export interface Done {
  name: string;
  says: string;
}

/** What doing something for a group needs beside its week. */
export interface Means {
  facts: ReadonlyMap<string, BreakFacts>;
  shelf: Shelf;
  approach: Approach;
}

const counted = (n: number, one: string): string => `${n} ${one}${n === 1 ? '' : 's'}`;

/** Plans the week of a group around its calendars and keeps it. */
export const planGroup = async (
  { group, week, before }: GroupWeek,
  monday: IsoDate,
  signal: AbortSignal,
): Promise<string> => {
  const now = localNow(new Date(), group.timeZone);
  const start = week?.value ?? freshWeek(group, null, monday, null, before);
  const busy = await request<{ date: string; busy: BusyTime[] }[]>(
    'GET',
    `/api/groups/${group.id}/busy?from=${monday}&days=7`,
  );
  const taken = withCalendars(start, fromToday(busy, start.days, now.date));
  const { week: value, failed } = await planWhole(taken, frameOf(group, null), now, signal);
  await put('weeks', { baseVersion: week?.version ?? 0, value });
  const days = failed.length > 0 ? `; ${counted(failed.length, 'day')} could not be planned by its rule` : '';
  return `${counted(plannedBreaks(value).length, 'break')} planned${days}`;
};

/** Chooses breaks for the times of a group that have none yet. */
export const fillGroup = async (
  { group, people, week }: GroupWeek,
  { facts, shelf, approach }: Means,
  signal: AbortSignal,
): Promise<string> => {
  if (!week || plannedBreaks(week.value).length === 0) return 'nothing is planned yet';
  const now = localNow(new Date(), group.timeZone);
  const stopped = stoppedBreaks(facts, { group, people, whose: 'group' }, shelf, approach);
  const days = dayFacts(week.value, frameOf(group, null));
  const result = await fillAway(fillRequest(week.value, days, facts, stopped, false, now), () => {}, signal);
  const value = withChosen(week.value, result);
  await put('weeks', { baseVersion: week.version, value });
  const open = plannedBreaks(value).filter((b) => b.breakId === null).length;
  const aims =
    result.unmet.length > 0 ? `, ${counted(result.unmet.length, 'aim')} not met` : ', every aim met';
  return open > 0 ? `${counted(open, 'time')} stay without a break${aims}` : `every time has a break${aims}`;
};

/** Gives the week of a group out as it stands. */
export const giveGroup = async ({ week }: GroupWeek): Promise<string> => {
  if (!week || plannedBreaks(week.value).length === 0) return 'nothing is planned yet';
  await request('POST', `/api/weeks/${week.value.id}/given`, { version: week.version });
  return 'given out';
};
