import type { IsoDate, MinuteOfDay, Week } from '@kotabi/core/model';
import { plannedBreaks } from '@kotabi/core/schedule';
import type { WeekOnPaper } from './booklet';
import { localeOf, sayIn } from './words';

const date = (iso: IsoDate, how: Intl.DateTimeFormatOptions, language: string): string =>
  new Intl.DateTimeFormat(localeOf(language), { ...how, timeZone: 'UTC' }).format(
    new Date(`${iso}T00:00:00Z`),
  );

/** A time of the day; a night shift goes on after midnight. */
const clock = (minute: MinuteOfDay, language: string): string =>
  new Intl.DateTimeFormat(localeOf(language), { timeStyle: 'short', timeZone: 'UTC' }).format(
    new Date(minute * 60_000),
  );

/** The breaks of a week, each once, in the order in which they come. */
export const breaksOf = (week: Week): string[] => [
  ...new Set(plannedBreaks(week).flatMap((b) => b.breakId ?? [])),
];

/** A week as it is planned, in words for paper. */
export const weekOnPaper = (
  week: Week,
  whose: string,
  nameOf: (breakId: string) => string | undefined,
  language = 'en',
): WeekOnPaper => {
  const say = sayIn(language);
  const planned = plannedBreaks(week);
  return {
    title: say('weekOf', {
      date: date(week.startDate, { day: 'numeric', month: 'long', year: 'numeric' }, language),
    }),
    whose,
    days: week.days
      .map((day) => ({
        day: date(day.date, { weekday: 'long', day: 'numeric', month: 'long' }, language),
        breaks: planned
          .filter((b) => b.date === day.date)
          .map((b) => ({
            at: clock(b.startMin, language),
            name: (b.breakId === null ? undefined : nameOf(b.breakId)) ?? say('ownChoice'),
          })),
      }))
      .filter(({ breaks }) => breaks.length > 0),
  };
};
