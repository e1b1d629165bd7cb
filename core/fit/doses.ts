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

/** What is known of every time, in units, that the steps from each one on can take. */
interface Reach {
  /** The least cost for all of them; infinite where a time cannot be reached. */
  cost: Float64Array;
  /** For each step the option that begins the best way to spend a time on it and all after it. */
  options: Uint8Array[];
}

const gcd = (a: number, b: number): number => (b === 0 ? a : gcd(b, a % b));

/** The largest time of which every dose is a whole multiple, so that times can be counted in it; 1 ms at the least. */
const unitOf = ({ free }: FitProblem): Milliseconds =>
  free.reduce((unit, { options }) => options.reduce((u, o) => gcd(u, o.workMs), unit), 0) || 1;

/**
 * The doses nearest to the usual ones, among those within one finest dose step of the fullest possible, never over
 * the slot; of equals, the one with the longer first step (then the longer second, and so on). Exact: for each step
 * from the last to the first, the best for every sum of times that can be reached. Null when nothing fits.
 */
export const chooseDoses = (problem: FitProblem): Doses | null => {
  const { slotMs, fixedMs, free } = problem;
  const roomMs = slotMs - fixedMs;
  if (roomMs < 0) return null;
  const unit = unitOf(problem);
  // No more than all the largest doses together is ever needed.
  const mostMs = free.reduce((sum, { options }) => sum + Math.max(...options.map((o) => o.workMs)), 0);
  const cells = Math.floor(Math.min(roomMs, mostMs) / unit) + 1;
  const reach = reachable(problem, unit, cells);
  const { cost } = reach;
  let fullest = cells - 1;
  while (fullest >= 0 && cost[fullest] === Number.POSITIVE_INFINITY) fullest--;
  if (fullest < 0) return null;
  const from = Math.max(0, Math.ceil((fullest * unit - finestMs(problem)) / unit));
  let least = Number.POSITIVE_INFINITY;
  for (let at = from; at <= fullest; at++) least = Math.min(least, cost[at] ?? 0);
  const chosen: DoseOption[][] = [];
  for (let at = from; at <= fullest; at++)
    if ((cost[at] ?? 0) <= least + SAME) chosen.push(trace(problem, reach, at, unit));
  const path = chosen.sort(longerFirst)[0] as DoseOption[];
  return {
    amounts: new Map(
      free.flatMap(({ stepId, twinId }, i) =>
        [stepId, ...(twinId === undefined ? [] : [twinId])].map(
          (id) => [id, (path[i] as DoseOption).amount] as const,
        ),
      ),
    ),
    totalMs: path.reduce((sum, o) => sum + o.workMs, fixedMs),
    cost: path.reduce((sum, o) => sum + o.cost, 0),
  };
};

/** Works from the last step to the first; only the costs of the step just done are kept. */
const reachable = ({ free }: FitProblem, unit: Milliseconds, cells: number): Reach => {
  let later = new Float64Array(cells).fill(Number.POSITIVE_INFINITY);
  let cost = new Float64Array(cells);
  later[0] = 0;
  const chosen: Uint8Array[] = [];
  let top = 0; // no time beyond it can be reached so far
  for (const { options } of [...free].reverse()) {
    cost.fill(Number.POSITIVE_INFINITY);
    const option = new Uint8Array(cells);
    // Larger doses first, so that of equals the longer one stays.
    for (let o = options.length - 1; o >= 0; o--) {
      const { workMs, cost: own } = options[o] as DoseOption;
      const by = workMs / unit;
      const end = Math.min(top, cells - 1 - by);
      for (let at = 0; at <= end; at++) {
        const total = (later[at] ?? 0) + own;
        if (total < (cost[at + by] ?? 0) - SAME) {
          cost[at + by] = total;
          option[at + by] = o;
        }
      }
    }
    top = Math.min(cells - 1, top + Math.max(...options.map((o) => o.workMs)) / unit);
    chosen.unshift(option);
    [later, cost] = [cost, later];
  }
  return { cost: later, options: chosen };
};

/** The options that make one sum, in units. */
const trace = ({ free }: FitProblem, reach: Reach, sum: number, unit: Milliseconds): DoseOption[] => {
  let left = sum;
  return free.map(({ options }, i) => {
    const option = options[reach.options[i]?.[left] ?? 0] as DoseOption;
    left -= option.workMs / unit;
    return option;
  });
};

const longerFirst = (a: readonly DoseOption[], b: readonly DoseOption[]): number => {
  const at = a.findIndex((o, i) => o.workMs !== b[i]?.workMs);
  return at < 0 ? 0 : (b[at]?.workMs ?? 0) - (a[at]?.workMs ?? 0);
};
