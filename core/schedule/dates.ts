import { DateTime } from 'luxon';
import type { IsoDate } from '../model';

/** The Monday of the week a date lies in. */
export const mondayOf = (date: IsoDate): IsoDate =>
  DateTime.fromISO(date, { zone: 'utc' }).startOf('week').toISODate() as IsoDate;

/** The date so many days later. */
export const addDays = (date: IsoDate, days: number): IsoDate =>
  DateTime.fromISO(date, { zone: 'utc' }).plus({ days }).toISODate() as IsoDate;

/** ISO weekday of a date, 1 Monday to 7 Sunday. */
export const weekdayOf = (date: IsoDate): number => DateTime.fromISO(date, { zone: 'utc' }).weekday;

/** Whole weeks from one Monday to the week a date lies in; negative when it lies before. */
export const weeksSince = (from: IsoDate, date: IsoDate): number => {
  const start = DateTime.fromISO(mondayOf(from), { zone: 'utc' });
  return Math.round(DateTime.fromISO(mondayOf(date), { zone: 'utc' }).diff(start, 'weeks').weeks);
};
