import type {
  Break,
  GivenState,
  Group,
  IsoDate,
  Kept,
  PlannedBreak,
  Week,
  WeekDay,
} from '@kotabi/core/model';
import {
  type DayReading,
  dayDistance,
  dayInput,
  heldBreaks,
  kindOf,
  type LocalNow,
  localNow,
  mondayOf,
  nowOn,
  plannedBreaks,
  readDay,
  weekAhead,
  weekdayOf,
} from '@kotabi/core/schedule';
import { useQueries } from '@tanstack/react-query';
import { request } from '../../api/client';
import { fetchWeek, useBreaks, useGroups } from '../../api/queries';
import { type WeekState, weekState } from '../../week/office-row';

/** A break of a group that is to come. */
export interface Coming {
  /** The planned break. */
  id: string;
  group: Group;
  date: string;
  startMin: number;
  /** Minutes until it starts; below 0 while it runs. */
  inMin: number;
  /** Days until then: 0 today. */
  inDays: number;
  lengthMin: number;
  brk: Break | null;
  led: boolean;
}

/** One group's day as it was given out, or as it is drafted, and what it has to come. */
export interface GroupToday {
  group: Group;
  now: LocalNow;
  /** The Monday of the week in which it works next: its state is told, and what waits in it. */
  monday: IsoDate;
  /** That week is the one after this: nothing of this one is left. */
  isNext: boolean;
  state: WeekState;
  /** How many changes wait to be given out. */
  changes: number;
  day: { input: ReturnType<typeof dayInput>; held: PlannedBreak[]; reading: DayReading } | null;
  coming: Coming[];
  /** Why there is no day to show, in words; empty where there is one. */
  without: string;
}

/** The same with that week as it is kept and as it was given out. */
export interface KeptToday extends GroupToday {
  week: Kept<Week> | null;
  given: GivenState | null;
}

/** What a group has to come in a week and how its day looks there. */
export const groupToday = (
  group: Group,
  week: Week | null,
  given: GivenState | null,
  breaks: ReadonlyMap<string, Break>,
  at: Date,
): GroupToday => {
  const now = localNow(at, group.timeZone);
  // What others see counts; of a draft, what is planned.
  const shown = given?.week ?? week;
  const draftOf = (date: string): WeekDay | undefined => week?.days.find((d) => d.date === date);
  const today = shown?.days.find((d) => d.date === now.date && d.off === undefined);
  const day = (() => {
    if (!shown || !today) return null;
    const input = dayInput(group, shown.rule, { ...today, busy: draftOf(today.date)?.busy ?? today.busy });
    const held = heldBreaks(today);
    return { input, held, reading: readDay(input, held) };
  })();
  const coming = (shown ? plannedBreaks(shown) : []).flatMap((b): Coming[] => {
    const { lengthMin } = kindOf((shown as Week).rule, b);
    const inMin = b.startMin - nowOn(now, b.date);
    if (inMin + lengthMin <= 0) return [];
    const brk = b.breakId === null ? null : (breaks.get(b.breakId) ?? null);
    const inDays = dayDistance(now.date, b.date);
    const led = b.led ?? false;
    return [{ id: b.id, group, date: b.date, startMin: b.startMin, inMin, inDays, lengthMin, brk, led }];
  });
  const off = shown?.days.find((d) => d.date === now.date)?.off;
  const works = group.days.includes(weekdayOf(now.date)) && off === undefined;
  const without = day
    ? ''
    : works
      ? 'Nothing is planned today.'
      : `Nobody works today${off ? `: ${off}` : ''}.`;
  const monday = weekAhead(group, now);
  const isNext = monday > now.date;
  return { group, now, monday, isNext, ...weekState(week, given, now), day, coming, without };
};

/** A week of a group as it is kept and as it was given out. */
interface AsKept {
  week: Kept<Week> | null;
  given: GivenState | null;
}

const keptWeek = async (group: Group, monday: IsoDate): Promise<AsKept> => {
  const week = await fetchWeek(group.id, null, monday);
  const given = week && (await request<GivenState | null>('GET', `/api/weeks/${week.value.id}/given`));
  return { week, given };
};

/** The Mondays of the weeks that are asked for: that of today, and that in which the group works next. */
const mondaysOf = (group: Group, at: Date): IsoDate[] => {
  const now = localNow(at, group.timeZone);
  return [...new Set([mondayOf(now.date), weekAhead(group, now)])];
};

/** Today of all groups; undefined while it is not known. */
export const useToday = (at: Date): { groups: KeptToday[]; none: boolean } | undefined => {
  const groups = useGroups().data;
  const breaks = useBreaks().data;
  const asked = (groups ?? []).flatMap(({ value: group }) =>
    mondaysOf(group, at).map((monday) => ({ group, monday })),
  );
  const weeks = useQueries({
    queries: asked.map(({ group, monday }) => ({
      queryKey: ['weeks', group.id, null, monday, 'today'],
      queryFn: () => keptWeek(group, monday),
    })),
  });
  if (!groups || !breaks || weeks.some((w) => w.data === undefined)) return undefined;
  const byId = new Map(breaks.map((b) => [b.value.id, b.value]));
  return {
    none: groups.length === 0,
    groups: groups.map(({ value: group }) => {
      const own = weeks.flatMap(({ data }, i) => (asked[i]?.group.id === group.id && data ? [data] : []));
      const [todays, ahead] = [own[0], own.at(-1)].map((kept: AsKept = { week: null, given: null }) => ({
        ...groupToday(group, kept.week?.value ?? null, kept.given, byId, at),
        ...kept,
      })) as [KeptToday, KeptToday];
      // The day that is seen is today, whatever week comes next.
      return { ...ahead, day: todays.day, without: todays.without };
    }),
  };
};
