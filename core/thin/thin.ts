import { DateTime } from 'luxon';

/** So many days and weeks back one a day, then one a week, is kept. Common practice, no source. */
export const THINNING = { days: 14, weeks: 26 } as const;

/**
 * Which of several saved moments are worth keeping: all of today, the last one of each day for two weeks, the last
 * one of each week for half a year, and always the newest. Takes and gives moments as UTC strings, in any order; days
 * and weeks are those of UTC, so that every machine keeps the same. One source for backups and versions.
 */
export const worthKeeping = (moments: readonly string[], now: string): Set<string> => {
  const today = DateTime.fromISO(now, { zone: 'utc' }).startOf('day');
  const newestFirst = [...moments].sort().reverse();
  const keep = new Set(newestFirst.slice(0, 1));
  const taken = new Set<string>();
  for (const moment of newestFirst) {
    const day = DateTime.fromISO(moment, { zone: 'utc' }).startOf('day');
    const age = today.diff(day, 'days').days;
    if (age <= 0) {
      keep.add(moment);
      continue;
    }
    const slot =
      age <= THINNING.days ? day.toISODate() : age <= 7 * THINNING.weeks ? day.toFormat("kkkk-'W'WW") : null;
    if (slot === null || taken.has(slot)) continue;
    taken.add(slot);
    keep.add(moment);
  }
  return keep;
};
