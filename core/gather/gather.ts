import type { Interval, IsoDate, MinuteOfDay, Minutes } from '../model';
import { overlaps } from '../schedule';
import type { Column, Row, Solve, SolveLimits } from '../solver';

/** Someone who may come to the sessions of a group. */
export interface LedPerson {
  id: string;
  groupId: string;
  /** When the person is at work, by date. */
  hours: ReadonlyMap<IsoDate, Interval>;
  /** When the person cannot come, by date. */
  busy: ReadonlyMap<IsoDate, readonly Interval[]>;
}

export interface LedGroup {
  id: string;
  /** Sessions of groups at the same place need no travel in between. */
  site: string;
  /** How many sessions it gets in the week; never two on a day. */
  sessions: number;
}

/** What is wanted of a week of led sessions. One instructor leads them all. */
export interface LedRequest {
  dates: readonly IsoDate[];
  groups: readonly LedGroup[];
  people: readonly LedPerson[];
  lengthMin: Minutes;
  /** Sessions start at whole multiples of this after midnight. */
  gridMin: Minutes;
  /** From the end of a session to the start of one at another site. */
  travelMin: Minutes;
  earliestMin: MinuteOfDay;
  /** Sessions have ended by then. */
  latestMin: MinuteOfDay;
  /** When the instructor is not free, by date. */
  instructorBusy: ReadonlyMap<IsoDate, readonly Interval[]>;
}

export interface LedSession {
  groupId: string;
  date: IsoDate;
  startMin: MinuteOfDay;
  /** Ids of those who can come, and of those of the group who cannot. */
  can: readonly string[];
  cannot: readonly string[];
}

export interface LedResult {
  sessions: readonly LedSession[];
  /** How often each person can come. */
  times: ReadonlyMap<string, number>;
  /** Sessions that found no time at all, by group. */
  missing: ReadonlyMap<string, number>;
  gap: number;
}

export const LED_LIMITS: SolveLimits = { nodes: 5000, gap: 0 };

/**
 * What it is worth that someone can come, the first time, the second and so on: first as many people as possible
 * come at least once, then at least twice, so that it is not always the same one who is left out. Common practice,
 * no source.
 */
export const TIMES_WORTH: readonly number[] = [8000, 400, 20, 1];
/** A session that is held at all. */
export const SESSION_WORTH = 100_000;
/** Of equals the earlier one, so that the same week gives the same answer. */
export const LATER_COST = 1e-4;

interface Start {
  group: LedGroup;
  date: IsoDate;
  startMin: MinuteOfDay;
  can: readonly LedPerson[];
  cannot: readonly LedPerson[];
}

const worthOf = (time: number): number => TIMES_WORTH[time] ?? TIMES_WORTH[TIMES_WORTH.length - 1] ?? 0;

/** How many of a group could come at each possible start, the instructor free or not. */
export interface LedCount {
  groupId: string;
  date: IsoDate;
  startMin: MinuteOfDay;
  count: number;
  instructorFree: boolean;
}

const canCome = (p: LedPerson, date: IsoDate, startMin: MinuteOfDay, endMin: MinuteOfDay): boolean => {
  const hours = p.hours.get(date);
  return (
    hours !== undefined &&
    hours.startMin <= startMin &&
    endMin <= hours.endMin &&
    !overlaps(p.busy.get(date) ?? [], startMin, endMin)
  );
};

/** The possible starts of a day, on the grid. */
const gridOf = ({ gridMin, earliestMin, latestMin, lengthMin }: LedRequest): MinuteOfDay[] => {
  const starts: MinuteOfDay[] = [];
  for (let m = Math.ceil(earliestMin / gridMin) * gridMin; m + lengthMin <= latestMin; m += gridMin)
    starts.push(m);
  return starts;
};

/** Who could come when: for each group, date and start, how many of its people are there. */
export const ledCounts = (request: LedRequest): LedCount[] =>
  request.groups.flatMap(({ id }) =>
    request.dates.flatMap((date) =>
      gridOf(request).map((startMin) => {
        const end = startMin + request.lengthMin;
        const own = request.people.filter((p) => p.groupId === id);
        return {
          groupId: id,
          date,
          startMin,
          count: own.filter((p) => canCome(p, date, startMin, end)).length,
          instructorFree: !overlaps(request.instructorBusy.get(date) ?? [], startMin, end),
        };
      }),
    ),
  );

/** Every start that the instructor can keep and for which someone is there. */
const startsOf = (request: LedRequest): Start[] => {
  const { dates, groups, people, lengthMin, instructorBusy } = request;
  const starts: Start[] = [];
  for (const date of dates)
    for (const m of gridOf(request)) {
      if (overlaps(instructorBusy.get(date) ?? [], m, m + lengthMin)) continue;
      for (const group of groups) {
        const members = people.filter((p) => p.groupId === group.id);
        const can = members.filter((p) => canCome(p, date, m, m + lengthMin));
        if (can.length > 0)
          starts.push({ group, date, startMin: m, can, cannot: members.filter((p) => !can.includes(p)) });
      }
    }
  return starts;
};

/**
 * Picks the times of led sessions as a mixed-integer program: every session held that can be, as many people as
 * possible once before anyone twice, one session a day for a group, and time to
 * travel between sites. The same request gives the same answer.
 */
export const ledSessions = (
  request: LedRequest,
  solve: Solve,
  progress?: (gap: number) => void,
  limits: SolveLimits = LED_LIMITS,
): LedResult => {
  const { groups, people, lengthMin, travelMin } = request;
  const starts = startsOf(request);
  const columns: Column[] = starts.map((s, i) => ({
    name: `${s.group.id} ${s.date} ${s.startMin}`,
    cost: SESSION_WORTH - LATER_COST * i,
    lower: 0,
    upper: 1,
    whole: true,
  }));
  const rows: Row[] = [];
  const inf = Number.POSITIVE_INFINITY;
  const those = (passes: (s: Start) => boolean): [number, number][] =>
    starts.flatMap((s, i): [number, number][] => (passes(s) ? [[i, 1]] : []));
  const row = (upper: number, terms: [number, number][]): void => {
    if (terms.length > 1 || upper < 1) rows.push({ lower: -inf, upper, terms });
  };
  for (const group of groups) {
    row(
      group.sessions,
      those((s) => s.group === group),
    );
    for (const date of request.dates)
      row(
        1,
        those((s) => s.group === group && s.date === date),
      );
  }
  // One instructor: beside a session no other group's may begin before it has ended and the way is done.
  for (const [i, a] of starts.entries())
    for (const group of groups) {
      if (group === a.group) continue;
      const until = a.startMin + lengthMin + (group.site === a.group.site ? 0 : travelMin);
      const clash = those(
        (b) => b.group === group && b.date === a.date && b.startMin >= a.startMin && b.startMin < until,
      );
      if (clash.length > 0) rows.push({ lower: -inf, upper: 1, terms: [[i, 1], ...clash] });
    }
  for (const person of people) {
    const comes = those((s) => s.can.includes(person));
    const most = groups.find((g) => g.id === person.groupId)?.sessions ?? 0;
    if (comes.length === 0) continue;
    const times = Array.from({ length: most }, (_, k): [number, number] => [
      columns.push({ name: `${person.id} ${k}`, cost: worthOf(k), lower: 0, upper: 1, whole: false }) - 1,
      1,
    ]);
    rows.push({ lower: -inf, upper: 0, terms: [...times, ...comes.map(([c]): [number, number] => [c, -1])] });
  }
  const solution =
    starts.length > 0 ? solve({ columns, rows }, limits, progress) : { status: 'none' as const };
  const taken = solution.status === 'none' ? [] : starts.filter((_, i) => (solution.values[i] ?? 0) > 0.5);
  const ids = (list: readonly LedPerson[]): string[] => list.map((p) => p.id);
  return {
    sessions: taken.map((s) => ({
      groupId: s.group.id,
      date: s.date,
      startMin: s.startMin,
      can: ids(s.can),
      cannot: ids(s.cannot),
    })),
    times: new Map(people.map((p) => [p.id, taken.filter((s) => s.can.includes(p)).length])),
    missing: new Map(
      groups.flatMap((g): [string, number][] => {
        const short = g.sessions - taken.filter((s) => s.group === g).length;
        return short > 0 ? [[g.id, short]] : [];
      }),
    ),
    gap: solution.status === 'none' ? 0 : solution.gap,
  };
};

/** What a choice of sessions is worth: the sum that `ledSessions` makes as large as it can. */
export const ledWorth = (result: Pick<LedResult, 'sessions' | 'times'>): number =>
  SESSION_WORTH * result.sessions.length +
  [...result.times.values()].reduce(
    (sum, n) => sum + Array.from({ length: n }, (_, k) => worthOf(k)).reduce((a, b) => a + b, 0),
    0,
  );
