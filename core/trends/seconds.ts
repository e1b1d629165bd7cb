import { AIM_DAYS, AIM_SEC, type BySide } from '../ledger';
import type { Area, IsoDate, Side } from '../model';
import { mondayOf } from '../schedule/dates';
import type { Records } from './input';

/** What an area got in one week: seconds held by side, as led and as planned, and days on which they came to the aim. */
export interface AreaWeek {
  week: IsoDate;
  done: BySide;
  planned: BySide;
  daysReached: Record<Side, number>;
}

/** An area over weeks. */
export interface AreaSeconds {
  area: Area;
  weeks: AreaWeek[];
  /** Weeks in which both sides came to the aim. */
  weeksReached: number;
}

const none = (): BySide => ({ left: 0, right: 0 });
const SIDES: readonly Side[] = ['left', 'right'];

/**
 * Seconds held for each area, week by week, against the aim (60 s on two days). Of a person only breaks in which they took
 * part count.
 */
export const secondsByArea = ({ personId, rows, aims }: Records): AreaSeconds[] => {
  const mine = personId === null ? rows : rows.filter((r) => r.row.people.includes(personId));
  const weeks = [...new Set(mine.map((r) => mondayOf(r.date)))].sort();
  const days = new Map<Area, Map<IsoDate, { done: BySide; planned: BySide }>>(
    aims.map((a) => [a, new Map()]),
  );
  for (const { date, row } of mine)
    for (const { area, counts, planned, done } of row.work) {
      if (counts !== 'held') continue;
      const byDay = days.get(area) ?? new Map<IsoDate, { done: BySide; planned: BySide }>();
      const day = byDay.get(date) ?? { done: none(), planned: none() };
      for (const side of SIDES) {
        day.done[side] += done[side] / 1000;
        day.planned[side] += planned[side] / 1000;
      }
      byDay.set(date, day);
      days.set(area, byDay);
    }
  return [...days].map(([area, byDay]) => {
    const perWeek = weeks.map((week): AreaWeek => {
      const one: AreaWeek = { week, done: none(), planned: none(), daysReached: none() };
      for (const [date, day] of byDay) {
        if (mondayOf(date) !== week) continue;
        for (const side of SIDES) {
          one.done[side] += day.done[side];
          one.planned[side] += day.planned[side];
          if (day.done[side] >= AIM_SEC) one.daysReached[side]++;
        }
      }
      return one;
    });
    return {
      area,
      weeks: perWeek,
      weeksReached: perWeek.filter((w) => SIDES.every((s) => w.daysReached[s] >= AIM_DAYS)).length,
    };
  });
};
