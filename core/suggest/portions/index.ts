import type { Row, Solution, Solve, SolveLimits } from '../../solver';
import type { SuggestProgram } from '../program';
import { type Combined, combined, type Portions } from './combine';
import { undominated } from './dominated';
import { linksOf } from './links';
import { type AreaBlock, areaBlock, NEARLY } from './portion';
import { type Priced, price } from './prices';
import { bestPortions } from './search';

/** Where the bound is so far above what is known, as a share, too many portions could be in a better break. */
const WIDE = 0.15;
/** So often all portions that could be in a better break are looked for: from a better one on, and twice as many. */
const MOST_ROUNDS = 2;
/** So many portions of an area are weighed at most, when all that could be in a better break are looked for. */
export const MOST_PORTIONS = 250;

/** An answer of the whole program. */
export type Found = Exclude<Solution, { status: 'none' }>;

/** How much more than an answer is worth a bound is, as a share of it. */
export const gapTo = (bound: number, { objective }: Pick<Found, 'objective'>): number =>
  Math.max(0, (bound - objective) / Math.max(Math.abs(objective), NEARLY));

/** An answer of the combined program as values of the whole one. */
const unfolded = (
  program: SuggestProgram,
  blocks: readonly AreaBlock[],
  portions: Portions,
  { portionColumns, others }: Combined,
  values: readonly number[],
): number[] => {
  const whole = program.columns.map(() => 0);
  others.forEach((x, k) => {
    whole[x] = values[k] ?? 0;
  });
  blocks.forEach(({ letGo, gains }, b) => {
    const k = (portionColumns[b] ?? []).findIndex((x) => (values[x] ?? 0) > 0.5);
    const portion = portions[b]?.[k];
    if (!portion) return;
    for (const x of portion.doses) whole[x] = 1;
    if (letGo !== null) whole[letGo] = portion.letGoes;
    for (const { pieces, given } of gains) {
      let left = given.reduce((s, [x, f]) => s + f * (whole[x] ?? 0), 0);
      for (const x of pieces) {
        whole[x] = Math.min(left, program.columns[x]?.upper ?? 0);
        left -= whole[x] ?? 0;
      }
    }
  });
  const { leastColumn, gains } = program;
  const shares = gains.flatMap(({ of, due, pieces }) =>
    of === 'side' ? [pieces.reduce((s, x) => s + (whole[x] ?? 0), 0) / due] : [],
  );
  if (leastColumn !== null) whole[leastColumn] = Math.min(1, ...shares);
  return whole;
};

/** What a search by portions found. */
export interface ByPortions {
  found: Found | null;
  /** No break is worth more. */
  bound: number;
}

/**
 * The best break that serves every side of what is wanted with at least `level` of what it is due, put together from a portion
 * for each area: which portions there are is found by what they are worth at common prices. Where the bound is not near enough,
 * all portions that a better break could have are looked for, and the best of these is the best there is. What is worth `enough`
 * is taken at once, and where nothing can be worth that it goes no further. From an answer to `start` with it finds one no worse.
 */
export const solveByPortions = (
  program: SuggestProgram,
  rows: readonly Row[],
  level: number,
  solve: Solve,
  { nodes, gap }: SolveLimits,
  { start, enough }: { start?: readonly number[]; enough?: number } = {},
): ByPortions => {
  const blocks = program.areas.map((a) => areaBlock(a, program));
  const links = linksOf(program, rows);
  const priced = price(program, rows, blocks, links, level, solve, { start, enough });
  if (!priced) return { found: null, bound: Number.NEGATIVE_INFINITY };
  const { bound } = priced;
  if (enough !== undefined && bound < enough) return { found: null, bound };
  const best = (portions: Portions, share: number): Found | null => {
    const together = combined(program, blocks, links, portions, { whole: true });
    const answer = solve(together, { nodes, gap: share });
    if (answer.status === 'none') return null;
    return { ...answer, values: unfolded(program, blocks, portions, together, answer.values) };
  };
  // A little nearer than asked for, which leaves something for rounding.
  const near = gap * 0.95;
  let found = best(priced.portions, near / 10);
  const isEnough = (one: Found): boolean =>
    enough === undefined ? gapTo(bound, one) <= gap : one.objective >= enough;
  if (found && (isEnough(found) || (enough === undefined && gapTo(bound, found) > WIDE)))
    return { found, bound };
  for (let round = 0; round < MOST_ROUNDS; round++) {
    const before = found;
    // A break that is worth so much has no portion that brings less than its area's best by more than what the bound is above that.
    const target = enough ?? (found ? found.objective + near * Math.abs(found.objective) : bound);
    let left = target;
    const weighed = blocks.map((block, b) => {
      const { prices, best: most } = priced.areas[b] as Priced['areas'][number];
      const floor = most - (bound - target);
      const searched = bestPortions(block, program, prices, {
        level,
        floor,
        most: MOST_PORTIONS * 2 ** round,
      });
      left = Math.max(left, bound - most + searched.left);
      const all = [...searched.found.map((f) => f.portion), ...(priced.portions[b] ?? [])];
      return undominated(all, links, block.letGo);
    });
    const again = best(weighed, near);
    if (again && (!found || again.objective > found.objective)) found = again;
    // Better than this is neither what was left out nor what the last search left open.
    const open = again ? again.objective + again.gap * Math.abs(again.objective) : left;
    if (left <= target + NEARLY || (found && isEnough(found)) || (found === before && round > 0))
      return { found, bound: Math.min(bound, Math.max(left, open)) };
  }
  return { found, bound };
};
