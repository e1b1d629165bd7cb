import type { Break, GivenState, Group, Kept, PlannedBreak, Week, WeekDay } from '@kotabi/core/model';
import {
  type DayReading,
  dayInput,
  heldBreaks,
  kindOf,
  type LocalNow,
  localNow,
  mondayOf,
  nowOn,
  plannedBreaks,
  readDay,
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
  lengthMin: number;
  brk: Break | null;
  led: boolean;
}

/** One group's day as it was given out, or as it is drafted. */
export interface GroupToday {
  group: Group;
  now: LocalNow;
  state: WeekState;
  /** How many changes wait to be given out. */
  changes: number;
  day: { input: ReturnType<typeof dayInput>; held: PlannedBreak[]; reading: DayReading } | null;
  coming: Coming[];
  /** Why there is no day to show, in words; empty where there is one. */
  without: string;
}

/** The same with the week as it is kept and as it was given out. */
export interface KeptToday extends GroupToday {
  week: Kept<Week> | null;
  given: GivenState | null;
}

/** What a group has to come and how its day looks. */
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
    return [
      { id: b.id, group, date: b.date, startMin: b.startMin, inMin, lengthMin, brk, led: b.led ?? false },
    ];
  });
  const off = shown?.days.find((d) => d.date === now.date)?.off;
  const works = group.days.includes(weekdayOf(now.date)) && off === undefined;
  const without = day
    ? ''
    : works
      ? 'Nothing is planned today.'
      : `Nobody works today${off ? `: ${off}` : ''}.`;
  return { group, now, ...weekState(week, given, now), day, coming, without };
};

/** Today of all groups; undefined while it is not known. */
export const useToday = (at: Date): { groups: KeptToday[]; none: boolean } | undefined => {
  const groups = useGroups().data;
  const breaks = useBreaks().data;
  const weeks = useQueries({
    queries: (groups ?? []).map(({ value: group }) => {
      const monday = mondayOf(localNow(at, group.timeZone).date);
      return {
        queryKey: ['weeks', group.id, null, monday, 'today'],
        queryFn: async (): Promise<{ week: Kept<Week> | null; given: GivenState | null }> => {
          const week = await fetchWeek(group.id, null, monday);
          const given =
            week && (await request<GivenState | null>('GET', `/api/weeks/${week.value.id}/given`));
          return { week, given };
        },
      };
    }),
  });
  if (!groups || !breaks || weeks.some((w) => w.data === undefined)) return undefined;
  const byId = new Map(breaks.map((b) => [b.value.id, b.value]));
  return {
    none: groups.length === 0,
    groups: groups.map(({ value }, i) => {
      const { week = null, given = null } = weeks[i]?.data ?? {};
      return { ...groupToday(value, week?.value ?? null, given, byId, at), week, given };
    }),
  };
};
