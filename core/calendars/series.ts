import ICAL from 'ical.js';
import * as rrule from 'rrule';
import { type DayRule, daysOfRule, TooMuch } from './by-day';

// The package is a CommonJS module to Node and an ES module to bundlers.
const { RRule } = 'RRule' in rrule ? rrule : (Reflect.get(rrule, 'default') as typeof rrule);
/** The frequencies of the package that repeat each day or more often. */
const DAILY_OR_MORE = { 3: 'day', 4: 'hour', 5: 'minute', 6: 'second' } as const;
const DAY_MS = 86_400_000;

/** A series that repeats more often than can be looked at. */
export class Endless extends Error {}

/** A local time as if it were UTC: rules are about the clock on the wall. */
const wall = (t: ICAL.Time): Date =>
  new Date(Date.UTC(t.year, t.month - 1, t.day, t.hour, t.minute, t.second));

/** The local time of a wall clock, in the zone of another time. */
const timeAt = (ms: number, like: ICAL.Time): ICAL.Time => {
  const date = new Date(ms);
  return new ICAL.Time(
    {
      year: date.getUTCFullYear(),
      month: date.getUTCMonth() + 1,
      day: date.getUTCDate(),
      hour: date.getUTCHours(),
      minute: date.getUTCMinutes(),
      second: date.getUTCSeconds(),
      isDate: like.isDate,
    },
    like.zone,
  );
};

type Options = Partial<rrule.Options>;
const listOf = (value: number | number[] | null | undefined): number[] =>
  value == null ? [] : [value].flat();
const weekdaysOf = ({ byweekday }: Options): number[] =>
  (byweekday == null ? [] : [byweekday].flat()).map((day) =>
    typeof day === 'object'
      ? day.weekday
      : typeof day === 'number'
        ? day
        : ['MO', 'TU', 'WE', 'TH', 'FR', 'SA', 'SU'].indexOf(day),
  );

/** The rule as one by days; null where it is one by weeks, months or years, or takes places in a set. */
const dayRuleOf = (options: Options): DayRule | null => {
  const unit = DAILY_OR_MORE[(options.freq ?? 0) as keyof typeof DAILY_OR_MORE];
  if (!unit || options.bysetpos != null) return null;
  return {
    unit,
    interval: Math.max(1, options.interval ?? 1),
    months: listOf(options.bymonth),
    monthDays: listOf(options.bymonthday),
    yearDays: listOf(options.byyearday),
    weekdays: weekdaysOf(options),
    hours: listOf(options.byhour),
    minutes: listOf(options.byminute),
    seconds: listOf(options.bysecond),
    count: options.count ?? null,
  };
};

/** Once on each of its days, in every week that counts. */
const isPlainWeekly = (options: Options): boolean =>
  [
    options.bysetpos,
    options.bymonth,
    options.bymonthday,
    options.byyearday,
    options.byweekno,
    options.byhour,
    options.byminute,
    options.bysecond,
  ].every((part) => listOf(part).length === 0);

/**
 * A start of the same series that lies shortly before what is asked for, so that one that has run for years costs no
 * more than a new one: a whole number of intervals later; null where it has ended by then. What the start alone said of the day is said outright.
 */
const takenUpLater = (options: Options, first: Date, from: Date): Options | null => {
  const interval = Math.max(1, options.interval ?? 1);
  if (from.getTime() <= first.getTime()) return options;
  if (options.freq === RRule.WEEKLY) {
    const step = 7 * interval * DAY_MS;
    const skip = Math.max(0, Math.floor((from.getTime() - first.getTime()) / step) - 1);
    const dtstart = new Date(first.getTime() + skip * step);
    if (options.count == null) return { ...options, dtstart };
    if (!isPlainWeekly(options)) return options;
    // Each interval has had all its days: that many are counted already.
    const had = skip * Math.max(1, new Set(weekdaysOf(options)).size);
    return had >= options.count ? null : { ...options, dtstart, count: options.count - had };
  }
  if (options.count != null) return options;
  const months = interval * (options.freq === RRule.YEARLY ? 12 : 1);
  const between =
    12 * (from.getUTCFullYear() - first.getUTCFullYear()) + from.getUTCMonth() - first.getUTCMonth();
  const skip = Math.max(0, Math.floor(between / months) - 1) * months;
  if (skip === 0) return options;
  const named = [
    options.bymonthday,
    options.byweekday,
    options.byyearday,
    options.byweekno,
    options.byeaster,
  ];
  const plain = named.every((part) => part == null);
  const dtstart = new Date(first);
  dtstart.setUTCDate(1);
  dtstart.setUTCMonth(dtstart.getUTCMonth() + skip);
  return {
    ...options,
    dtstart,
    ...(plain && { bymonthday: first.getUTCDate() }),
    ...(options.freq === RRule.YEARLY &&
      options.bymonth == null &&
      (plain || options.bymonthday != null) && { bymonth: first.getUTCMonth() + 1 }),
  };
};

/**
 * The instances that rules give between two local times (RFC 5545, 3.8.5.3), `most` of them at the most. The
 * start itself is always one of them.
 */
export const instancesOf = (
  start: ICAL.Time,
  rules: readonly ICAL.Recur[],
  from: ICAL.Time,
  until: ICAL.Time,
  most: number,
): ICAL.Time[] => {
  const first = wall(start);
  const found = new Set<number>([first.getTime()]);
  for (const recur of rules) {
    const options: Options = RRule.parseString(recur.toString());
    // An end in UTC is looked at on the clock of the series.
    if (recur.until)
      options.until = wall(
        recur.until.isDate ? endOfDay(recur.until) : recur.until.convertToZone(start.zone),
      );
    const last = Math.min(wall(until).getTime(), options.until?.getTime() ?? Number.POSITIVE_INFINITY);
    const byDay = dayRuleOf(options);
    if (byDay) {
      for (const ms of byDayOrEndless(byDay, first.getTime(), wall(from).getTime(), last, most))
        found.add(ms);
      continue;
    }
    options.dtstart = first;
    let count = 0;
    const later = takenUpLater(options, first, wall(from));
    if (!later) continue;
    new RRule(later as rrule.Options, true).between(first, new Date(last), true, (date) => {
      if (++count > most) throw new Endless();
      found.add(date.getTime());
      return true;
    });
  }
  return [...found].sort((a, b) => a - b).map((ms) => timeAt(ms, start));
};

const byDayOrEndless = (
  rule: DayRule,
  first: number,
  from: number,
  until: number,
  most: number,
): number[] => {
  try {
    return daysOfRule(rule, first, from, until, most);
  } catch (error) {
    if (error instanceof TooMuch) throw new Endless();
    throw error;
  }
};

const endOfDay = (date: ICAL.Time): ICAL.Time => {
  const end = date.clone();
  end.isDate = false;
  end.hour = 23;
  end.minute = 59;
  end.second = 59;
  return end;
};
