import type { Minutes } from '../model';
import type { RuleOutcome } from './compare-rules';

/**
 * The rule that keeps most long runs short for the minutes one is ready to give: of those that take at most `mostMin` a day
 * in breaks, that with the smallest chance of a day with a long run; equal ones by their middling longest run, then by
 * fewer minutes, then in the order given. Rules that cannot be planned on some day are left out. Null when none is left.
 */
export const bestRule = <T extends RuleOutcome>(outcomes: readonly T[], mostMin: Minutes): T | null => {
  const [best] = outcomes
    .filter((o) => o.failed === 0 && o.minutesADay <= mostMin && o.minutesADay > 0)
    .sort((a, b) => a.longRun - b.longRun || a.middleMin - b.middleMin || a.minutesADay - b.minutesADay);
  return best ?? null;
};
