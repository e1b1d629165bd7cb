import type { DayInput } from '../model';
import { planDay } from './plan-day';
import type { PlanResult } from './plan-result';

/** What choosing days needs to know: how much better a day is with its break than without. */
interface Gain {
  index: number;
  over: number;
  cost: number;
}

const plan = (day: DayInput, count: number): PlanResult =>
  planDay({ ...day, minCount: count, maxCount: count });

/**
 * Plans for `best days`: one break on so many days of a week, those on which it takes most away, first of the
 * minutes over the limit, then of the cost. Days are independent, so taking the largest gains is exact. A day
 * with a break set by hand is one of them.
 */
export const planBestDays = (days: readonly DayInput[], count: number): PlanResult[] => {
  const without = days.map((d) => plan({ ...d, locked: [] }, 0));
  const withOne = days.map((d) => planDay({ ...d, minCount: 1, maxCount: Math.max(1, d.locked.length) }));
  const gains: Gain[] = days.flatMap((_, index) => {
    const [a, b] = [without[index], withOne[index]];
    if (!a?.ok || !b?.ok) return [];
    return [{ index, over: a.plan.overMin - b.plan.overMin, cost: a.plan.cost - b.plan.cost }];
  });
  const set = new Set(days.flatMap((d, i) => (d.locked.length > 0 ? [i] : [])));
  const free = gains
    .filter((g) => !set.has(g.index))
    .sort((a, b) => b.over - a.over || b.cost - a.cost || a.index - b.index);
  const chosen = new Set([...set, ...free.slice(0, Math.max(0, count - set.size)).map((g) => g.index)]);
  return days.map((_, i) => (chosen.has(i) ? withOne[i] : without[i]) as PlanResult);
};
