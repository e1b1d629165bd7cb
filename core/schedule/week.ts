import type {
  BreakKind,
  BusyUse,
  DayInput,
  Group,
  Interval,
  IsoDate,
  Person,
  PlacedBreak,
  PlannedBreak,
  Rule,
  Week,
  WeekDay,
  WeekRule,
  Work,
} from '../model';
import { addDays, weekdayOf, weeksSince } from './dates';
import { ruleOfDay } from './frequency';

/** When somebody works: the hours of the group, or of one person of it. */
export type Frame = Pick<Group, 'days' | 'hours' | 'lunch'> & Pick<Partial<Work>, 'other' | 'secondWeek'>;

/** The hours that count for a week: the person's own where they differ from the group's. */
export const frameOf = (group: Frame, person?: Pick<Person, 'work'> | null): Frame =>
  person?.work ?? { days: group.days, hours: group.hours, lunch: group.lunch };

/** From when to when somebody works on a date; null where they do not. */
export const hoursOn = (
  { days, hours, other, secondWeek }: Omit<Frame, 'lunch'>,
  date: IsoDate,
): Interval | null => {
  const day = weekdayOf(date);
  if (!days.includes(day)) return null;
  const waits = secondWeek?.days.includes(day) && weeksSince(secondWeek.from, date) % 2 !== 0;
  return waits ? null : (other?.find((o) => o.day === day)?.hours ?? hours);
};

/** The days of a frame in the week of a Monday, with standing times and days off, without breaks. */
export const emptyDays = (
  frame: Omit<Frame, 'lunch'> & Partial<Pick<Group, 'standing' | 'daysOff'>>,
  monday: IsoDate,
): WeekDay[] =>
  [...new Set(frame.days)]
    .sort((a, b) => a - b)
    .flatMap((weekday): WeekDay[] => {
      const date = addDays(monday, weekday - 1);
      const hours = hoursOn(frame, date);
      if (!hours) return [];
      const own = hours !== frame.hours && { hours };
      const off = frame.daysOff?.find((d) => d.date === date)?.name;
      const busy = (frame.standing ?? [])
        .filter((s) => s.days.includes(weekday))
        .map(({ days: _, ...time }) => ({ ...time, calendarId: null }));
      return [{ date, ...own, ...(off !== undefined && { off }), busy, breaks: [] }];
    });

/** What the planner needs to know of one day of a week; lunch is time off the desk. */
export const dayInput = (
  frame: Pick<Frame, 'hours' | 'lunch'>,
  rule: WeekRule,
  day: Pick<WeekDay, 'busy' | 'breaks' | 'hours' | 'date'>,
): DayInput => {
  const hours = day.hours ?? frame.hours;
  const plain = ({ startMin, endMin }: Interval): Interval => ({ startMin, endMin });
  const used = (use: BusyUse): Interval[] => day.busy.filter((b) => b.use === use).map(plain);
  const times = {
    ...plain(hours),
    offDesk: [...(frame.lunch ? [plain(frame.lunch)] : []), ...used('off desk')],
    blocked: used('meeting'),
    listening: used('listening'),
    focus: used('focus'),
  };
  const locked = day.breaks
    .filter((b) => b.locked && !b.skipped)
    .map((b) => ({ startMin: b.startMin, kindId: kindOf(rule, b).id }));
  return { ...allowing(locked, rule, ruleOfDay(rule, times, day.date)), ...times, locked };
};

/** Rules that say “at least” take what was put there by hand beyond that; the planner adds none. */
const AT_LEAST: readonly WeekRule['frequency']['code'][] = ['every day', 'both halves'];
const allowing = (locked: readonly PlacedBreak[], { frequency }: WeekRule, rule: Rule): Rule => {
  if (!AT_LEAST.includes(frequency.code)) return rule;
  const most = (allowed: number | null, put: number): number | null =>
    allowed === null ? null : Math.max(allowed, put);
  const minutes = locked.reduce((sum, b) => sum + kindOf(rule, b).lengthMin, 0);
  return {
    ...rule,
    maxCount: most(rule.maxCount, locked.length),
    maxMinutes: most(rule.maxMinutes, minutes),
    windows: rule.windows.map((w) => ({
      ...w,
      most: most(w.most, locked.filter((b) => b.startMin >= w.fromMin && b.startMin < w.untilMin).length),
    })),
  };
};

/** The breaks of a day that will be held. */
export const heldBreaks = ({ breaks }: Pick<WeekDay, 'breaks'>): PlannedBreak[] =>
  breaks.filter((b) => !b.skipped);

/**
 * Puts a new plan into a day. The first break of the new plan takes over the id and the chosen break of the
 * first one that was there, and so on, so that calendars move an entry rather than lose it; locked ones keep
 * their own.
 */
export const withPlan = (
  day: WeekDay,
  placed: readonly { startMin: number; kindId: string }[],
  /** Ids that must not be given again. */
  used: readonly string[] = [],
): WeekDay => {
  const locked = day.breaks.filter((b) => b.locked || b.skipped);
  const isLocked = (p: { startMin: number; kindId: string }) =>
    locked.some((l) => !l.skipped && l.startMin === p.startMin && l.kindId === p.kindId);
  const free = day.breaks.filter((b) => !b.locked && !b.skipped).sort((a, b) => a.startMin - b.startMin);
  const taken = new Set([...used, ...day.breaks.map((b) => b.id)]);
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
export const withRule = (week: Week, rule: WeekRule): Week => ({
  ...week,
  rule,
  days: week.days.map((day) => ({
    ...day,
    breaks: day.breaks.map((b) => ({ ...b, kindId: kindOf(rule, b).id })),
  })),
});

/** All breaks of a week that will be held, with their dates, in order; a day off has none. */
export const plannedBreaks = (week: Week): (PlannedBreak & { date: IsoDate })[] =>
  week.days.flatMap((day) =>
    day.off === undefined ? heldBreaks(day).map((b) => ({ ...b, date: day.date })) : [],
  );
