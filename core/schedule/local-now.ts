import type { IsoDate, MinuteOfDay } from '../model';

/** A moment as a clock on the wall of the group shows it. */
export interface LocalNow {
  date: IsoDate;
  minute: MinuteOfDay;
}

// Setting one up takes longer than asking it a thousand times.
const clocks = new Map<string, Intl.DateTimeFormat>();

const clockOf = (timeZone: string): Intl.DateTimeFormat => {
  const known = clocks.get(timeZone);
  if (known) return known;
  const clock = new Intl.DateTimeFormat('en-GB', {
    timeZone,
    year: 'numeric',
    month: '2-digit',
    day: '2-digit',
    hour: '2-digit',
    minute: '2-digit',
    hourCycle: 'h23',
  });
  clocks.set(timeZone, clock);
  return clock;
};

/** What the clock on the wall shows in a zone (an IANA name) at a moment. Throws a RangeError for a zone that does not exist. */
export const localNow = (at: Date, timeZone: string): LocalNow => {
  const parts = clockOf(timeZone).formatToParts(at);
  const of = (type: Intl.DateTimeFormatPartTypes): string => parts.find((p) => p.type === type)?.value ?? '';
  return {
    date: `${of('year')}-${of('month')}-${of('day')}`,
    minute: Number(of('hour')) * 60 + Number(of('minute')),
  };
};
