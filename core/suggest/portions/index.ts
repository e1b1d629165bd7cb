import type { Row, Solve, SolveLimits } from '../../solver';
import type { SuggestProgram } from '../program';
import { type Asked, type Found, Known } from './asked';
import { linksOf } from './links';
import { divided } from './parts';
import { areaBlock, portionIn } from './portion';
import { price } from './prices';

export { gapTo } from './asked';

/** What a search by portions found. */
export interface ByPortions {
  found: Found | null;
  /** No break is worth more. */
  bound: number;
}

/**
 * The best break that serves every side of what is wanted with at least `level` of what it is due, put together from a portion
 * for each area: which portions there are is found by what they are worth at common prices. What is worth `enough`
 * is taken at once, and where nothing can be worth that it goes no further. From an answer to `start` with it finds one no worse.
 */
export const solveByPortions = (
  program: SuggestProgram,
  rows: readonly Row[],
  level: number,
  solve: Solve,
  limits: SolveLimits,
  { start, enough }: { start?: readonly number[]; enough?: number } = {},
): ByPortions => {
  const blocks = program.areas.map((a) => areaBlock(a, program));
  const asked: Asked = { rows, blocks, links: linksOf(program, rows), level, solve, limits, enough };
  const known = new Known(asked);
  const portions = start ? blocks.map((block) => [portionIn(block, program, start)]) : blocks.map(() => []);
  const priced = price(program, asked, { start: portions, atLeast: known.target });
  if (!priced) return { found: null, bound: Number.NEGATIVE_INFINITY };
  if (priced.bound < known.target) return { found: null, bound: priced.bound };
  known.tries(program, priced.portions);
  const bound = divided({ program, priced }, asked, known);
  return { found: known.found, bound: Math.max(bound, known.found?.objective ?? bound) };
};
