import { DateTime } from 'luxon';
import type { BusyTime, BusyUse, Interval, IsoDate } from '../model';
import type { ReadTime } from './found';

/** Busy times that one day can hold beside those entered by hand. */
const MOST_A_DAY = 30;

/** Minutes from the midnight before a date to a moment, on the local clock. */
const minuteOf = (date: IsoDate, ms: number, zone: string): number => {
  const local = DateTime.fromMillis(ms, { zone });
  const days = DateTime.fromISO(local.toISODate() as string, { zone: 'utc' }).diff(
    DateTime.fromISO(date, { zone: 'utc' }),
    'days',
  ).days;
  return Math.round(days) * 1440 + local.hour * 60 + local.minute;
};

/** What a time of a calendar means: a whole day away is off the desk, everything else a meeting. */
const useOf = ({ allDay }: ReadTime): BusyUse => (allDay ? 'off desk' : 'meeting');

/**
 * The times of a calendar that lie within the hours of a day, as busy times. What shows as free is left out. On
 * a day with very many, those that touch are drawn together.
 */
export const busyOnDay = (
  times: readonly ReadTime[],
  day: { date: IsoDate; hours: Interval },
  zone: string,
  calendarId: string,
  idOf: (key: string) => string,
): BusyTime[] => {
  const { date, hours } = day;
  // Only what comes near the day is looked at closely: clocks differ by hours, never by more than a day.
  const noonMs = Date.parse(`${date}T12:00:00Z`);
  const [fromMs, untilMs] = [
    noonMs + (hours.startMin - 2880) * 60_000,
    noonMs + (hours.endMin + 1440) * 60_000,
  ];
  const found = times.flatMap((time): BusyTime[] => {
    if (time.endMs < fromMs || time.startMs > untilMs) return [];
    if (time.show === 'free') return [];
    const startMin = Math.max(minuteOf(date, time.startMs, zone), hours.startMin);
    // A part of a minute counts whole.
    const endMin = Math.min(minuteOf(date, time.endMs + 59_999, zone), hours.endMin);
    if (startMin >= endMin) return [];
    const label = (time.title ?? '').trim().slice(0, 60);
    return [{ id: idOf(time.key), label, use: useOf(time), calendarId, startMin, endMin }];
  });
  const ordered = found.sort((a, b) => a.startMin - b.startMin || a.endMin - b.endMin);
  if (ordered.length <= MOST_A_DAY) return ordered;
  const drawn: BusyTime[] = [];
  for (const time of ordered) {
    const last = drawn.at(-1);
    if (last && time.startMin <= last.endMin && last.use === time.use)
      last.endMin = Math.max(last.endMin, time.endMin);
    else drawn.push({ ...time });
  }
  return drawn.slice(0, MOST_A_DAY);
};
