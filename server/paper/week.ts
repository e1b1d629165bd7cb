import type { IsoDate, MinuteOfDay, Week } from '@kotabi/core/model';
import { plannedBreaks } from '@kotabi/core/schedule';
import type { WeekOnPaper } from './booklet';

const date = (iso: IsoDate, how: Intl.DateTimeFormatOptions): string =>
  new Intl.DateTimeFormat('en-GB', { ...how, timeZone: 'UTC' }).format(new Date(`${iso}T00:00:00Z`));

/** A time of the day; a night shift goes on after midnight. */
const clock = (minute: MinuteOfDay): string =>
  new Intl.DateTimeFormat('en-GB', { timeStyle: 'short', timeZone: 'UTC' }).format(new Date(minute * 60_000));

/** The breaks of a week, each once, in the order in which they come. */
export const breaksOf = (week: Week): string[] => [
  ...new Set(plannedBreaks(week).flatMap((b) => b.breakId ?? [])),
];

/** A week as it is planned, in words for paper. */
export const weekOnPaper = (
  week: Week,
  whose: string,
  nameOf: (breakId: string) => string | undefined,
): WeekOnPaper => {
  const planned = plannedBreaks(week);
  return {
    title: `Week of ${date(week.startDate, { day: 'numeric', month: 'long', year: 'numeric' })}`,
    whose,
    days: week.days
      .map((day) => ({
        day: date(day.date, { weekday: 'long', day: 'numeric', month: 'long' }),
        breaks: planned
          .filter((b) => b.date === day.date)
          .map((b) => ({
            at: clock(b.startMin),
            name: (b.breakId === null ? undefined : nameOf(b.breakId)) ?? 'a break of your own choice',
          })),
      }))
      .filter(({ breaks }) => breaks.length > 0),
  };
};
