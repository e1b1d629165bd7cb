import type { Area, Frequency, IsoDate } from '../model';
import { addDays, weekdayOf, weeksSince } from './dates';
import { rampCount } from './frequency';

/** Where in a rule that changes over time a week is. */
export type PlaceInRule =
  | {
      code: 'ramp';
      /** Which week of it this is, 1 for the first; 0 where it has not begun. */
      week: number;
      /** In which week it reaches its most. */
      weeks: number;
      /** Breaks a day in this week, and in the next one where that differs. */
      count: number;
      next: number | null;
      from: IsoDate;
    }
  | { code: 'rota'; days: { date: IsoDate; area: Area }[] };

/** The area of a date in a rota: each day of the week has its own, Monday first; a short list begins again. */
const areaOfDate = (areas: readonly Area[], date: IsoDate): Area =>
  areas[(weekdayOf(date) - 1) % areas.length] as Area;

/** Where a week is in its rule; null for rules that are the same in every week. `dates` are its days, `monday` its first. */
export const placeInRule = (f: Frequency, monday: IsoDate, dates: readonly IsoDate[]): PlaceInRule | null => {
  switch (f.code) {
    case 'ramp': {
      const week = Math.max(0, weeksSince(f.from, monday) + 1);
      const count = rampCount(f, monday);
      const next = rampCount(f, addDays(monday, 7));
      const weeks = 1 + Math.ceil(Math.max(0, f.most - f.start) / f.add);
      return { code: 'ramp', week, weeks, count, next: next === count ? null : next, from: f.from };
    }
    case 'rota':
      return {
        code: 'rota',
        days: dates.map((date) => ({ date, area: areaOfDate(f.areas, date) })),
      };
    default:
      return null;
  }
};
