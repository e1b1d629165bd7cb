import dayjs, { type Dayjs } from 'dayjs';
import utc from 'dayjs/plugin/utc.js';
import type { IsoDate } from '../model';

// The pages have this library with their date pickers; the clock changes of zones are the calendars' business.
dayjs.extend(utc);

const day = (date: IsoDate): Dayjs => dayjs.utc(date);
const iso = (date: Dayjs): IsoDate => date.format('YYYY-MM-DD');

/** ISO weekday of a date, 1 Monday to 7 Sunday. */
export const weekdayOf = (date: IsoDate): number => day(date).day() || 7;

/** The Monday of the week a date lies in. */
export const mondayOf = (date: IsoDate): IsoDate => iso(day(date).subtract(weekdayOf(date) - 1, 'day'));

/** The date so many days later. */
export const addDays = (date: IsoDate, days: number): IsoDate => iso(day(date).add(days, 'day'));

/** Days from one date to another; negative when it lies before. */
export const dayDistance = (from: IsoDate, to: IsoDate): number => day(to).diff(day(from), 'day');

/** Whole weeks from one Monday to the week a date lies in; negative when it lies before. */
export const weeksSince = (from: IsoDate, date: IsoDate): number =>
  Math.round(day(mondayOf(date)).diff(day(mondayOf(from)), 'day') / 7);
