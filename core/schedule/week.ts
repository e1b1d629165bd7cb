import { DateTime } from 'luxon';
import type {
  BreakKind,
  DayInput,
  Group,
  Interval,
  IsoDate,
  PlannedBreak,
  Rule,
  Week,
  WeekDay,
} from '../model';

/** The Monday of the week a date lies in. */
export const mondayOf = (date: IsoDate): IsoDate =>
  DateTime.fromISO(date, { zone: 'utc' }).startOf('week').toISODate() as IsoDate;

/** The date so many days later. */
export const addDays = (date: IsoDate, days: number): IsoDate =>
  DateTime.fromISO(date, { zone: 'utc' }).plus({ days }).toISODate() as IsoDate;

/** ISO weekday of a date, 1 Monday to 7 Sunday. */
export const weekdayOf = (date: IsoDate): number => DateTime.fromISO(date, { zone: 'utc' }).weekday;

/** The days on which a group works in the week of a Monday, without busy times or breaks. */
export const emptyDays = (group: Pick<Group, 'days'>, monday: IsoDate): WeekDay[] =>
  [...new Set(group.days)]
    .sort((a, b) => a - b)
    .map((weekday) => ({ date: addDays(monday, weekday - 1), busy: [], breaks: [] }));

/** What the planner needs to know of one day of a group's week; lunch is time off the desk. */
export const dayInput = (
  group: Pick<Group, 'hours' | 'lunch'>,
  rule: Rule,
  day: Pick<WeekDay, 'busy' | 'breaks'>,
): DayInput => {
  const plain = ({ startMin, endMin }: Interval): Interval => ({ startMin, endMin });
  return {
    ...rule,
    ...group.hours,
    offDesk: [...(group.lunch ? [group.lunch] : []), ...day.busy.filter((b) => b.offDesk)].map(plain),
    blocked: day.busy.filter((b) => !b.offDesk).map(plain),
    locked: day.breaks
      .filter((b) => b.locked)
      .map((b) => ({ startMin: b.startMin, kindId: kindOf(rule, b).id })),
  };
};

/**
 * Puts a new plan into a day. The first break of the new plan takes over the id and the chosen break of the
 * first one that was there, and so on, so that calendars move an entry rather than lose it; locked ones keep
 * their own.
 */
export const withPlan = (day: WeekDay, placed: readonly { startMin: number; kindId: string }[]): WeekDay => {
  const locked = day.breaks.filter((b) => b.locked);
  const isLocked = (p: { startMin: number; kindId: string }) =>
    locked.some((l) => l.startMin === p.startMin && l.kindId === p.kindId);
  const free = day.breaks.filter((b) => !b.locked).sort((a, b) => a.startMin - b.startMin);
  const taken = new Set(day.breaks.map((b) => b.id));
  let next = 1;
  const freshId = (): string => {
    while (taken.has(`${day.date}.${next}`)) next++;
    taken.add(`${day.date}.${next}`);
    return `${day.date}.${next}`;
  };
  const moved = placed
    .filter((p) => !isLocked(p))
    .map(({ startMin, kindId }): PlannedBreak => {
      const old = free.shift();
      return { id: old?.id ?? freshId(), startMin, kindId, breakId: old?.breakId ?? null, locked: false };
    });
  return { ...day, breaks: [...locked, ...moved].sort((a, b) => a.startMin - b.startMin) };
};

/** The kind of a planned break; the rule's first kind when the rule no longer has it. */
export const kindOf = (rule: Rule, { kindId }: Pick<PlannedBreak, 'kindId'>): BreakKind =>
  rule.kinds.find((k) => k.id === kindId) ?? (rule.kinds[0] as BreakKind);

/** The week under another rule: breaks of a kind that the new rule no longer has become its first kind. */
export const withRule = (week: Week, rule: Rule): Week => ({
  ...week,
  rule,
  days: week.days.map((day) => ({
    ...day,
    breaks: day.breaks.map((b) => ({ ...b, kindId: kindOf(rule, b).id })),
  })),
});

/** All planned breaks of a week with their dates, in order. */
export const plannedBreaks = (week: Week): (PlannedBreak & { date: IsoDate })[] =>
  week.days.flatMap((day) => day.breaks.map((b) => ({ ...b, date: day.date })));
