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
  // Of all languages Swedish writes a moment as 2026-11-20 08:05.
  const clock = new Intl.DateTimeFormat('sv-SE', { timeZone, dateStyle: 'short', timeStyle: 'short' });
  clocks.set(timeZone, clock);
  return clock;
};

/** What the clock on the wall shows in a zone (an IANA name) at a moment. Throws a RangeError for a zone that does not exist. */
export const localNow = (at: Date, timeZone: string): LocalNow => {
  const [date = '', clock = ''] = clockOf(timeZone).format(at).split(' ');
  const [hour = 0, minute = 0] = clock.split(':').map(Number);
  return { date, minute: hour * 60 + minute };
};
