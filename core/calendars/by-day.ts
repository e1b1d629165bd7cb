/** A rule that repeats each day or more often, with what it narrows and widens. Weekdays from 0, Monday. */
export interface DayRule {
  unit: 'day' | 'hour' | 'minute' | 'second';
  interval: number;
  months: readonly number[];
  /** Days of the month; from the end where negative. */
  monthDays: readonly number[];
  yearDays: readonly number[];
  weekdays: readonly number[];
  hours: readonly number[];
  minutes: readonly number[];
  seconds: readonly number[];
  count: number | null;
}

/** Thrown where looking any further would take too long. */
export class TooMuch extends Error {}

const DAY = 86_400;
const SECONDS = { day: DAY, hour: 3600, minute: 60, second: 1 } as const;
/** So many candidates are looked at. */
const MOST_WORK = 20_000_000;

const among = (list: readonly number[], ...values: number[]): boolean =>
  list.length === 0 || values.some((value) => list.includes(value));

/** Whether the rule has anything to do with a day. */
const dayFits = (rule: DayRule, day: number): boolean => {
  const date = new Date(day * DAY * 1000);
  const [year, month, dayOfMonth] = [date.getUTCFullYear(), date.getUTCMonth(), date.getUTCDate()];
  const monthLength = new Date(Date.UTC(year, month + 1, 0)).getUTCDate();
  const dayOfYear = Math.round((date.getTime() - Date.UTC(year, 0, 1)) / (DAY * 1000)) + 1;
  const yearLength = Math.round((Date.UTC(year + 1, 0, 1) - Date.UTC(year, 0, 1)) / (DAY * 1000));
  return (
    among(rule.months, month + 1) &&
    among(rule.monthDays, dayOfMonth, dayOfMonth - monthLength - 1) &&
    among(rule.yearDays, dayOfYear, dayOfYear - yearLength - 1) &&
    among(rule.weekdays, (date.getUTCDay() + 6) % 7)
  );
};

const or = (list: readonly number[], usual: number): readonly number[] => (list.length > 0 ? list : [usual]);

/** The seconds of a day that the rule gives, in order; `first` is the start of the series in seconds. */
const secondsIn = function* (rule: DayRule, day: number, first: number): Generator<number> {
  const inDay = ((first % DAY) + DAY) % DAY;
  const start = { minute: Math.floor(inDay / 60) % 60, second: inDay % 60 };
  const size = SECONDS[rule.unit];
  // The first unit of the day that lies a whole number of intervals after the start.
  const unit0 = Math.floor(first / size);
  const base = day * (DAY / size);
  const ahead = (((unit0 - base) % rule.interval) + rule.interval) % rule.interval;
  for (let unit = ahead; unit < DAY / size; unit += rule.interval) {
    const at = unit * size;
    const [hour, minute, second] = [Math.floor(at / 3600), Math.floor(at / 60) % 60, at % 60];
    // What is narrower than the unit widens it, everything else narrows it (RFC 5545, 3.3.10, the table).
    if (!among(rule.hours, hour)) {
      // Nothing in this hour: on to the last unit in it, so that the next one is after it.
      const next = (hour + 1) * (3600 / size);
      unit += Math.max(0, Math.ceil((next - unit) / rule.interval) - 1) * rule.interval;
      continue;
    }
    const minutes =
      rule.unit === 'hour' ? or(rule.minutes, start.minute) : among(rule.minutes, minute) ? [minute] : [];
    const seconds =
      rule.unit !== 'second' ? or(rule.seconds, start.second) : among(rule.seconds, second) ? [second] : [];
    for (const m of minutes) for (const s of seconds) yield hour * 3600 + m * 60 + s;
  }
};

/**
 * The instances of a rule that repeats each day or more often, between two moments, in order: milliseconds of the
 * clock on the wall as if it were UTC. Days that the rule has nothing to do with cost nothing. Throws `TooMuch` where
 * there are more than `most`, or where too many would have to be looked at.
 */
export const daysOfRule = (
  rule: DayRule,
  firstMs: number,
  fromMs: number,
  untilMs: number,
  most: number,
): number[] => {
  const first = Math.floor(firstMs / 1000);
  const firstDay = Math.floor(first / DAY);
  const found: number[] = [];
  let counted = 0;
  let work = 0;
  // Without a count nothing that lies before what is asked for has to be looked at.
  const begin = rule.count === null ? Math.max(firstDay, Math.floor(fromMs / 1000 / DAY)) : firstDay;
  const last = Math.floor(untilMs / 1000 / DAY);
  for (let day = begin; day <= last; day++) {
    if (++work > MOST_WORK) throw new TooMuch();
    if (rule.unit === 'day' && (day - firstDay) % rule.interval !== 0) continue;
    if (!dayFits(rule, day)) continue;
    const inDay =
      rule.unit === 'day' ? timesOfDay(rule, first) : [...secondsIn(rule, day, first)].sort((a, b) => a - b);
    work += inDay.length;
    for (const second of inDay) {
      const at = (day * DAY + second) * 1000;
      if (at < firstMs) continue;
      if (at > untilMs || (rule.count !== null && counted >= rule.count)) return found;
      counted++;
      if (at < fromMs) continue;
      if (found.length >= most) throw new TooMuch();
      found.push(at);
    }
  }
  return found;
};

/** The seconds of each day of a daily rule, in order. */
const timesOfDay = (rule: DayRule, first: number): number[] => {
  const inDay = ((first % DAY) + DAY) % DAY;
  const hours = or(rule.hours, Math.floor(inDay / 3600));
  const minutes = or(rule.minutes, Math.floor(inDay / 60) % 60);
  const seconds = or(rule.seconds, inDay % 60);
  return hours
    .flatMap((h) => minutes.flatMap((m) => seconds.map((s) => h * 3600 + m * 60 + s)))
    .sort((a, b) => a - b);
};
