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

/** All ways of taking so many of a list, in order. */
const choices = (list: readonly number[], count: number): number[][] => {
  if (count === 0) return [[]];
  return list.flatMap((first, i) => choices(list.slice(i + 1), count - 1).map((rest) => [first, ...rest]));
};

/** How unevenly days lie in a week that comes again and again: the sum of the squared distances; least where they are spread. */
const crowding = (days: readonly number[], length: number): number => {
  const sorted = [...days].sort((a, b) => a - b);
  // A weekend lies between the last day of one week and the first of the next.
  const round = length + WEEKEND;
  return sorted.reduce((sum, day, i) => {
    const next = sorted[i + 1] ?? (sorted[0] as number) + round;
    return sum + (next - day) ** 2;
  }, 0);
};
const WEEKEND = 2;

/**
 * Plans for `best days`: one break on so many days of a week, those on which it takes most away, first of the
 * minutes over the limit, then of the cost. Days are independent, so taking the largest gains is exact; of days that are
 * worth the same those are taken that lie furthest apart. A day with a break set by hand is one of them.
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
  const wanted = Math.min(free.length, Math.max(0, count - set.size));
  const last = free[wanted - 1];
  const beats = (g: Gain): boolean =>
    last !== undefined && (g.over > last.over || (g.over === last.over && g.cost > last.cost));
  const equals = (g: Gain): boolean => last !== undefined && g.over === last.over && g.cost === last.cost;
  const sure = [...set, ...free.filter(beats).map((g) => g.index)];
  const ties = free.filter(equals).map((g) => g.index);
  const [best = []] = choices(ties, Math.max(0, wanted - free.filter(beats).length)).sort(
    (a, b) => crowding([...sure, ...a], days.length) - crowding([...sure, ...b], days.length),
  );
  const chosen = new Set([...sure, ...best]);
  return days.map((_, i) => (chosen.has(i) ? withOne[i] : without[i]) as PlanResult);
};
