import type { LedGroup, LedPerson, LedRequest } from '@kotabi/core/gather';
import type { BusyTime, Group, Interval, IsoDate, Kept, Person, Week } from '@kotabi/core/model';
import { addDays, emptyDays, frameOf, hoursOn, localNow } from '@kotabi/core/schedule';
import dayjs from 'dayjs';
import { ApiFailure, request } from '../../api/client';

/** Led sessions start on the quarter of an hour. */
export const LED_GRID_MIN = 15;

/** What is wanted of the sessions of a week. */
export interface LedWishes {
  groupIds: string[];
  sessions: number;
  lengthMin: number;
  earliestMin: number;
  latestMin: number;
  travelMin: number;
}

/** A group with everyone in it and the week it has. */
export interface LedTeam {
  group: Group;
  people: Person[];
  week: Kept<Week> | null;
}

const busyOf = async (groupId: string, from: IsoDate, query: string): Promise<Map<IsoDate, BusyTime[]>> => {
  const list = await request<{ date: IsoDate; busy: BusyTime[] }[]>(
    'GET',
    `/api/groups/${groupId}/busy?from=${from}&days=7${query}`,
  );
  return new Map(list.map((d) => [d.date, d.busy]));
};

/** The week of a group or a person as it is saved, or null. */
export const savedWeek = async (
  groupId: string,
  monday: IsoDate,
  personId = '',
): Promise<Kept<Week> | null> => {
  const whose = personId ? `?personId=${personId}` : '';
  try {
    return await request<Kept<Week>>('GET', `/api/groups/${groupId}/weeks/${monday}${whose}`);
  } catch (error) {
    if (error instanceof ApiFailure && error.status === 404) return null;
    throw error;
  }
};

const takesTime = (b: BusyTime): boolean => b.use !== 'focus';

/** Everything that picking times needs, asked for anew: people, their calendars, the instructor's own. */
export const gatherLed = async (
  groups: readonly Group[],
  monday: IsoDate,
  wishes: LedWishes,
): Promise<{ request: LedRequest; teams: LedTeam[] }> => {
  const today = dayjs().format('YYYY-MM-DD');
  // Days that have passed hold no session any more.
  const dates = Array.from({ length: 7 }, (_, n) => addDays(monday, n)).filter((d) => d >= today);
  const wanted = groups.filter((g) => wishes.groupIds.includes(g.id));
  const teams: LedTeam[] = [];
  const people: LedPerson[] = [];
  const instructorBusy = new Map<IsoDate, Interval[]>(dates.map((d) => [d, []]));
  // Of today only what is to come.
  const [first] = wanted;
  const now = first ? localNow(new Date(), first.timeZone) : null;
  if (now && now.minute > 0) instructorBusy.get(now.date)?.push({ startMin: 0, endMin: now.minute });
  for (const group of wanted) {
    const members = await request<Kept<Person>[]>('GET', `/api/groups/${group.id}/people`);
    const week = await savedWeek(group.id, monday);
    teams.push({ group, people: members.map((m) => m.value), week });
    const off = new Set(emptyDays(group, monday).flatMap((d) => (d.off === undefined ? [] : [d.date])));
    const ofAll = new Map(week?.value.days.map((d) => [d.date, d.busy.filter((b) => b.calendarId === null)]));
    for (const { value: person } of members) {
      const frame = frameOf(group, person);
      const own = await busyOf(group.id, monday, `&personId=${person.id}`);
      const hours = (d: IsoDate): Interval | null => (off.has(d) ? null : hoursOn(frame, d));
      people.push({
        id: person.id,
        groupId: group.id,
        hours: new Map(
          dates.flatMap((d): [IsoDate, Interval][] => {
            const own = hours(d);
            return own ? [[d, own]] : [];
          }),
        ),
        busy: new Map(
          dates.map((d) => [
            d,
            [
              ...(frame.lunch ? [frame.lunch] : []),
              ...[...(own.get(d) ?? []), ...(ofAll.get(d) ?? [])].filter(takesTime),
            ],
          ]),
        ),
      });
    }
  }
  // The instructor's calendars may stand with any group.
  for (const group of groups)
    for (const [date, busy] of await busyOf(group.id, monday, '&instructor=yes'))
      instructorBusy.get(date)?.push(...busy);
  const ledGroups = wanted.map(
    (g): LedGroup => ({ id: g.id, site: g.site.trim() || g.id, sessions: wishes.sessions }),
  );
  return {
    teams,
    request: {
      dates,
      groups: ledGroups,
      people,
      lengthMin: wishes.lengthMin,
      gridMin: LED_GRID_MIN,
      travelMin: wishes.travelMin,
      earliestMin: wishes.earliestMin,
      latestMin: wishes.latestMin,
      instructorBusy,
    },
  };
};
