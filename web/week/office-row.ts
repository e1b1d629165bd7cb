import { givenChanges, weekToGive } from '@kotabi/core/given';
import { ledgerOf, missedAims, type Target, targetsOf } from '@kotabi/core/ledger';
import type { GivenState, Group, IsoDate, Kept, Person, Week } from '@kotabi/core/model';
import {
  frameOf,
  kindOf,
  type LocalNow,
  nowOn,
  type PlaceInRule,
  placeInRule,
  plannedBreaks,
} from '@kotabi/core/schedule';
import { type BreakFacts, type DayFacts, dayFacts } from './useFacts';

/** A group with everything that is known of one week of it. */
export interface GroupWeek {
  group: Group;
  people: Person[];
  week: Kept<Week> | null;
  given: GivenState | null;
  /** The last week before it, whose rule goes on. */
  before: Week | null;
}

/** Whether others see a week. */
export type WeekState = 'given out' | 'changed' | 'draft' | 'not planned';

/** Whether others see a week as it is planned, and how many changes wait to be given out. */
export const weekState = (
  week: Week | null,
  given: GivenState | null,
  now: LocalNow,
): { state: WeekState; changes: number } => {
  if (!week || (plannedBreaks(week).length === 0 && !given)) return { state: 'not planned', changes: 0 };
  if (!given) return { state: 'draft', changes: 0 };
  const changes = givenChanges(given.week, weekToGive(week, given.week, now)).length;
  return { state: changes > 0 ? 'changed' : 'given out', changes };
};

/** A session that the instructor leads. */
export interface LedTime {
  groupId: string;
  name: string;
  site: string;
  date: IsoDate;
  startMin: number;
  endMin: number;
}

/** One group's week in a line. */
export interface OfficeRow {
  group: Group;
  state: WeekState;
  changes: number;
  planned: number;
  /** Where in its rule it is, for rules that change over time. */
  place: PlaceInRule | null;
  /** Times for which a break is chosen that is still there. */
  chosen: number;
  /** Times to come for which no break is chosen. */
  open: number;
  longestMin: number;
  overMin: number;
  /** The same of what is still to come; null where all of the week has passed. */
  ahead: { longestMin: number; overMin: number } | null;
  /** Aims that are not reached; empty also where nothing is chosen yet. */
  missed: Target[];
  led: LedTime[];
  /** Its days, as far as they are planned. */
  days: DayFacts[];
}

/** What a group's week comes to. */
export const officeRow = (
  { group, week: kept, given }: GroupWeek,
  facts: ReadonlyMap<string, BreakFacts>,
  now: LocalNow,
): OfficeRow => {
  const week = kept?.value ?? null;
  const days = week ? dayFacts(week, frameOf(group, null)) : [];
  const planned = week ? plannedBreaks(week) : [];
  const chosen = planned.filter((b) => b.breakId !== null && facts.has(b.breakId));
  const ledger = ledgerOf(
    days.map(({ day, held }) => ({
      date: day.date,
      gives:
        day.off === undefined ? held.flatMap((b) => (b.breakId && facts.get(b.breakId)?.gives) || []) : [],
    })),
    week?.aims ?? [],
  );
  const all = [...facts.values()].map((f) => f.gives);
  const runs = (some: readonly DayFacts[]) => ({
    longestMin: Math.max(0, ...some.map((d) => d.reading.longestRunMin)),
    overMin: some.reduce((sum, d) => sum + d.reading.overMin, 0),
  });
  const toCome = days.filter(({ day }) => day.off === undefined && day.date >= now.date);
  return {
    group,
    ...weekState(week, given, now),
    planned: planned.length,
    chosen: chosen.length,
    place: week
      ? placeInRule(
          week.rule.frequency,
          week.startDate,
          days.filter(({ day }) => day.off === undefined).map(({ day }) => day.date),
        )
      : null,
    open: planned.filter((b) => !chosen.includes(b) && b.startMin >= nowOn(now, b.date)).length,
    ...runs(days),
    ahead: toCome.length > 0 ? runs(toCome) : null,
    missed: chosen.length === 0 ? [] : missedAims(ledger, targetsOf(all, week?.aims ?? [])),
    led: planned
      .filter((b) => b.led)
      .map((b) => ({
        groupId: group.id,
        name: group.name,
        site: group.site,
        date: b.date,
        startMin: b.startMin,
        endMin: b.startMin + kindOf((week as Week).rule, b).lengthMin,
      })),
    days,
  };
};

/** Led sessions of all groups in order, each with the minutes from the end of the one before on that day; null for its first. */
export const inOneLine = (
  rows: readonly OfficeRow[],
): (LedTime & { afterMin: number | null; moves: boolean })[] => {
  const all = rows
    .flatMap((r) => r.led)
    .sort((a, b) => (a.date === b.date ? a.startMin - b.startMin : a.date < b.date ? -1 : 1));
  return all.map((led, i) => {
    const last = all[i - 1];
    const same = last !== undefined && last.date === led.date;
    return {
      ...led,
      afterMin: same ? led.startMin - last.endMin : null,
      moves: same && last.site.trim() !== led.site.trim(),
    };
  });
};
