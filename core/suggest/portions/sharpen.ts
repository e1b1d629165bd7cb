import type { OwnRow, Sharpening } from './portion';
import { type BoundTable, boundTable, type Entry, type Serving } from './table';

/** A muscle's gain: so much worth a second, up to enough. */
export interface MuscleGain {
  cost: number;
  enoughSec: number;
}

/** A dose with what it adds to rows and muscles, by their places. */
export interface Sharpened extends Entry {
  rows: readonly (readonly [row: number, factor: number])[];
  muscles: readonly (readonly [muscle: number, sec: number])[];
  /** What it brings at most beside what sides and muscles gain by it. */
  alone: number;
}

/** A bound of what any choice can bring: the table, with `brings` of each dose as it counts there, and what is there in any case. */
export interface SharpBound<T extends Entry> {
  choices: T[][];
  table: BoundTable;
  always: number;
}

/** So often the charges are mended: at first, and where they were good at other prices. */
const [FIRST_ROUNDS, ROUNDS] = [10, 3];

/**
 * A closer bound than the table by itself gives: what breaks a row that the table does not know is charged for it, and what a muscle
 * gets beyond enough counts less (Lagrange multipliers, mended by subgradients with Polyak's step toward `target`, the best
 * that is known). Any such charges give a bound; the lowest of some rounds is taken.
 */
export const sharpened = <T extends Sharpened>(
  choices: readonly (readonly T[])[],
  rows: readonly OwnRow[],
  muscles: readonly MuscleGain[],
  serving: Serving,
  target: number,
  memory: Sharpening,
): SharpBound<T> => {
  const charges = rows.map((_, k) => memory.charges[k] ?? 0);
  const shares = muscles.map((_, k) => memory.shares[k] ?? 1);
  let best: SharpBound<T> | null = null;
  let lowest = Number.POSITIVE_INFINITY;
  const rounds = memory.shares.length === 0 ? FIRST_ROUNDS : ROUNDS;
  for (let round = 0; round < rounds; round++) {
    const counted = choices.map((list) =>
      list.map((one) => ({
        ...one,
        brings:
          one.alone +
          one.muscles.reduce((s, [k, sec]) => s + (shares[k] ?? 1) * (muscles[k]?.cost ?? 0) * sec, 0) -
          one.rows.reduce((s, [k, f]) => s + (charges[k] ?? 0) * f, 0),
      })),
    );
    const always =
      muscles.reduce((s, m, k) => s + (1 - (shares[k] ?? 1)) * m.cost * m.enoughSec, 0) +
      rows.reduce((s, r, k) => s + (charges[k] ?? 0) * r.upper, 0);
    const table = boundTable(counted, serving);
    const most = always + table.still(0, 0, false, 0);
    if (most < lowest) {
      lowest = most;
      best = { choices: counted, table, always };
      Object.assign(memory, { charges: [...charges], shares: [...shares] });
    }
    if (most <= target) break;
    const taken = table.best().flatMap((one) => (one ? [one as T] : []));
    const overRow = rows.map((r, k) => {
      const sum = taken.reduce((s, one) => s + (one.rows.find(([row]) => row === k)?.[1] ?? 0), 0);
      // Letting go would allow more of these: they are left out.
      return r.eachLetGo > 0 ? 0 : sum - r.upper;
    });
    const overMuscle = muscles.map((m, k) => {
      const sec = taken.reduce((s, one) => s + (one.muscles.find(([at]) => at === k)?.[1] ?? 0), 0);
      return m.cost * (sec - m.enoughSec);
    });
    // What is not charged and kept anyway needs no mending.
    const rowSteps = overRow.map((o, k) => (o < 0 && charges[k] === 0 ? 0 : o));
    const muscleSteps = overMuscle.map((o, k) => (o < 0 && shares[k] === 1 ? 0 : o));
    const length = [...rowSteps, ...muscleSteps].reduce((s, o) => s + o * o, 0);
    if (length === 0) break;
    const step = (most - target) / length;
    rowSteps.forEach((o, k) => {
      charges[k] = Math.max(0, (charges[k] ?? 0) + step * o);
    });
    muscleSteps.forEach((o, k) => {
      shares[k] = Math.min(1, Math.max(0, (shares[k] ?? 1) - step * o));
    });
  }
  return best as SharpBound<T>;
};
