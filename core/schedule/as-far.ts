import type { DayInput } from '../model';
import { planDay } from './plan-day';
import type { PlanResult, TooFew } from './plan-result';

/** So many counts may have to be eased on one day; each is eased once. */
const MOST_EASED = 52;

/** The day with the count that cannot be met set to what fits. */
const eased = (day: DayInput, { fromMin, untilMin, kindId, possible }: TooFew): DayInput => {
  if (fromMin !== undefined)
    return {
      ...day,
      windows: day.windows.map((w) =>
        w.fromMin === fromMin && w.untilMin === untilMin && w.least > possible
          ? { ...w, least: possible }
          : w,
      ),
    };
  if (kindId !== undefined)
    return { ...day, kinds: day.kinds.map((k) => (k.id === kindId ? { ...k, minCount: possible } : k)) };
  return { ...day, minCount: possible };
};

/**
 * Plans a day as far as its rule can be kept: where fewer breaks fit than are asked for, as many as fit, and it is said which
 * counts were not met. A day with four meetings gets the two breaks there is room for, not none.
 */
export const planAsFar = (day: DayInput): PlanResult => {
  const short: TooFew[] = [];
  let now = day;
  for (let i = 0; i <= MOST_EASED; i++) {
    const result = planDay(now);
    if (result.ok) return short.length > 0 ? { ...result, short } : result;
    if (result.failure.code !== 'tooFewFit') return result;
    const next = eased(now, result.failure);
    if (JSON.stringify(next) === JSON.stringify(now)) return result;
    short.push(result.failure);
    now = next;
  }
  return planDay(now);
};
