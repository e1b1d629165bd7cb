import type { Milliseconds } from '../model';
import { type DoseOption, type FitProblem, finestMs } from './problem';

/** Doses that fit, by step, with what they come to. */
export interface Doses {
  amounts: ReadonlyMap<string, number>;
  totalMs: Milliseconds;
  cost: number;
}

/** Sums of squares that differ by less than this are the same number. */
const SAME = 1e-9;

/** The best way to spend exactly some time on the steps from one on. */
interface Best {
  cost: number;
  /** Place of the option chosen for the first of these steps. */
  option: number;
}

/**
 * The doses nearest to the usual ones, among those within one finest dose step of the fullest possible, never over
 * the slot; of equals, the one with the longer first step (then the longer second, and so on). Exact: for each step
 * from the last to the first, the best for every sum of times that can be reached. Null when nothing fits.
 */
export const chooseDoses = (problem: FitProblem): Doses | null => {
  const { slotMs, fixedMs, free } = problem;
  const roomMs = slotMs - fixedMs;
  if (roomMs < 0) return null;
  // reach[i]: every time the steps from i on can take, with the best doses for it.
  const reach: Map<Milliseconds, Best>[] = [new Map([[0, { cost: 0, option: -1 }]])];
  for (const { options } of [...free].reverse()) {
    const later = reach[0] as Map<Milliseconds, Best>;
    const here = new Map<Milliseconds, Best>();
    // Larger doses first, so that of equals the longer one stays.
    for (let option = options.length - 1; option >= 0; option--) {
      const { workMs, cost } = options[option] as DoseOption;
      for (const [ms, best] of later) {
        const sum = ms + workMs;
        if (sum > roomMs) continue;
        const total = best.cost + cost;
        const known = here.get(sum);
        if (!known || total < known.cost - SAME) here.set(sum, { cost: total, option });
      }
    }
    reach.unshift(here);
  }
  const all = reach[0] as Map<Milliseconds, Best>;
  if (all.size === 0) return null;
  const fullest = Math.max(...all.keys());
  const near = [...all].filter(([ms]) => ms >= fullest - finestMs(problem));
  const least = Math.min(...near.map(([, { cost }]) => cost));
  const chosen = near
    .filter(([, { cost }]) => cost <= least + SAME)
    .map(([ms]) => trace(problem, reach, ms))
    .sort(longerFirst);
  const path = chosen[0] as DoseOption[];
  return {
    amounts: new Map(free.map(({ stepId }, i) => [stepId, (path[i] as DoseOption).amount])),
    totalMs: path.reduce((sum, o) => sum + o.workMs, fixedMs),
    cost: path.reduce((sum, o) => sum + o.cost, 0),
  };
};

/** The options that make one sum. */
const trace = (
  { free }: FitProblem,
  reach: readonly Map<Milliseconds, Best>[],
  sumMs: Milliseconds,
): DoseOption[] => {
  let leftMs = sumMs;
  return free.map(({ options }, i) => {
    const option = options[reach[i]?.get(leftMs)?.option ?? 0] as DoseOption;
    leftMs -= option.workMs;
    return option;
  });
};

const longerFirst = (a: readonly DoseOption[], b: readonly DoseOption[]): number => {
  const at = a.findIndex((o, i) => o.workMs !== b[i]?.workMs);
  return at < 0 ? 0 : (b[at]?.workMs ?? 0) - (a[at]?.workMs ?? 0);
};
