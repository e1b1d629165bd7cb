import type { Row, Solution, Solve, SolveLimits } from '../../solver';
import type { SuggestProgram } from '../program';
import { type Combined, combined, type Portions } from './combine';
import type { Link } from './links';
import { type AreaBlock, NEARLY } from './portion';

/** What is asked of every program that is put together from portions. */
export interface Asked {
  rows: readonly Row[];
  blocks: readonly AreaBlock[];
  links: readonly Link[];
  /** Each side is served with at least so much of what it is due. */
  level: number;
  /** A break that is worth so much is taken at once. */
  enough?: number | undefined;
  solve: Solve;
  limits: SolveLimits;
}

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

/** A little nearer than asked for, which leaves something for rounding. */
const NEARER = 0.95;
/** The best of some portions is looked for so much nearer than what is asked of the answer. */
const CLOSELY = 0.1;

/** The best break that is known so far. */
export class Known {
  found: Found | null = null;
  constructor(private readonly asked: Asked) {}

  /** What another break has to be worth to be worth looking for. */
  get target(): number {
    const { enough, limits } = this.asked;
    if (enough !== undefined) return enough;
    if (!this.found) return Number.NEGATIVE_INFINITY;
    return this.found.objective + limits.gap * NEARER * Math.abs(this.found.objective);
  }

  /** Whether there is nothing more to look for. */
  get isEnough(): boolean {
    const { enough } = this.asked;
    return enough !== undefined && this.found !== null && this.found.objective >= enough;
  }

  /** Looks for the best break of some portions; answers what none of these is worth more than. */
  tries(program: SuggestProgram, portions: Portions): number {
    const { blocks, links, solve, limits } = this.asked;
    const together = combined(program, blocks, links, portions, { whole: true });
    const answer = solve(together, { ...limits, gap: limits.gap * NEARER * CLOSELY });
    return this.takes(program, portions, together, answer);
  }

  /** The same, but only for a break that is better than what is known: where there is none, that is soon told. */
  triesForBetter(program: SuggestProgram, portions: Portions): number {
    const { blocks, links, solve, limits } = this.asked;
    const { target } = this;
    const together = combined(program, blocks, links, portions, { whole: true });
    const terms = together.columns.flatMap(({ cost }, x) => (cost === 0 ? [] : [[x, cost] as const]));
    const better = { lower: target, upper: Number.POSITIVE_INFINITY, terms };
    const near = { ...limits, gap: limits.gap * NEARER };
    const answer = solve({ ...together, rows: [...together.rows, better] }, near);
    if (answer.status !== 'none') return this.takes(program, portions, together, answer);
    return answer.isCut ? Number.POSITIVE_INFINITY : target;
  }

  /** Takes note of an answer; answers what none of its portions is worth more than. */
  private takes(program: SuggestProgram, portions: Portions, together: Combined, answer: Solution): number {
    if (answer.status === 'none') return Number.NEGATIVE_INFINITY;
    if (!this.found || answer.objective > this.found.objective)
      this.found = {
        ...answer,
        values: unfolded(program, this.asked.blocks, portions, together, answer.values),
      };
    return answer.objective + answer.gap * Math.abs(answer.objective);
  }
}
