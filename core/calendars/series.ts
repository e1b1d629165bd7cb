import type ICAL from 'ical.js';
import * as rrule from 'rrule';

// The package is a CommonJS module to Node and an ES module to bundlers.
const { RRule } = 'RRule' in rrule ? rrule : (rrule as unknown as { default: typeof rrule }).default;
const UNIT_MS = { 3: 86_400_000, 4: 3_600_000, 5: 60_000, 6: 1000 } as Record<number, number>;

/** A series that repeats more often than can be looked at. */
export class Endless extends Error {}

/** A local time as if it were UTC: rules are about the clock on the wall. */
const wall = (t: ICAL.Time): Date =>
  new Date(Date.UTC(t.year, t.month - 1, t.day, t.hour, t.minute, t.second));

/** The local time of a wall clock, in the zone of another time. */
const timeAt = (date: Date, like: ICAL.Time): ICAL.Time => {
  const time = like.clone();
  time.resetTo(
    date.getUTCFullYear(),
    date.getUTCMonth() + 1,
    date.getUTCDate(),
    date.getUTCHours(),
    date.getUTCMinutes(),
    date.getUTCSeconds(),
    like.zone,
  );
  time.isDate = like.isDate;
  return time;
};

/**
 * The instances that rules give between two local times (RFC 5545, 3.8.5.3), `most` of them at the most. The
 * start itself is always one of them. Without a count a series is taken up shortly before what is asked for,
 * so that one that has run for years costs no more than a new one.
 */
export const instancesOf = (
  start: ICAL.Time,
  rules: readonly ICAL.Recur[],
  from: ICAL.Time,
  until: ICAL.Time,
  most: number,
): ICAL.Time[] => {
  const found = new Map<number, ICAL.Time>([[wall(start).getTime(), start]]);
  const first = wall(start);
  for (const recur of rules) {
    const options: Partial<rrule.Options> = RRule.parseString(recur.toString());
    // An end in UTC is looked at on the clock of the series.
    if (recur.until)
      options.until = wall(
        recur.until.isDate ? endOfDay(recur.until) : recur.until.convertToZone(start.zone),
      );
    const unit = UNIT_MS[options.freq ?? -1];
    const step = unit === undefined ? undefined : unit * (options.interval ?? 1);
    const ahead = step === undefined ? 0 : Math.floor((wall(from).getTime() - first.getTime()) / step) - 1;
    const skip = options.count == null && step !== undefined && ahead > 0 ? ahead * step : 0;
    options.dtstart = new Date(first.getTime() + skip);
    const last = Math.min(wall(until).getTime(), options.until?.getTime() ?? Number.POSITIVE_INFINITY);
    if (step !== undefined && options.count == null && (last - options.dtstart.getTime()) / step > most)
      throw new Endless();
    let count = 0;
    new RRule(options as rrule.Options, true).between(
      new Date(first.getTime()),
      new Date(last),
      true,
      (date) => {
        if (++count > most) throw new Endless();
        found.set(date.getTime(), timeAt(date, start));
        return true;
      },
    );
  }
  return [...found.entries()].sort(([a], [b]) => a - b).map(([, time]) => time);
};

const endOfDay = (date: ICAL.Time): ICAL.Time => {
  const end = date.clone();
  end.isDate = false;
  end.hour = 23;
  end.minute = 59;
  end.second = 59;
  return end;
};
