import type { Row, Solution, Solve, SolveLimits } from '../solver';
import type { SuggestProgram } from './program';

/** How well the least served side is served is told apart in steps of so much of what it is due: less is not felt. */
export const LEVEL = 0.05;
/** Of a level that the solver reaches to within rounding. */
const NEARLY = 1e-6;

/** An answer, and the level of its least served side: a whole number of steps. */
export interface FairSolution {
  solution: Exclude<Solution, { status: 'none' }>;
  level: number;
}

/** The highest level that could be reached if moves could be done in part: nothing above it needs to be tried. */
const ceiling = (
  { columns, leastColumn }: SuggestProgram,
  rows: readonly Row[],
  solve: Solve,
  limits: SolveLimits,
): number => {
  const eased = columns.map((c, i) => ({ ...c, whole: false, cost: i === leastColumn ? 1 : 0 }));
  const solution = solve({ columns: eased, rows }, limits);
  return solution.status === 'none' ? -1 : Math.floor((solution.objective + NEARLY) / LEVEL);
};

/**
 * First the least served side of what is wanted as well served as it can be, then everything else: level by level from the
 * highest that is conceivable, and the first that can be reached is solved for the best. That a level cannot be reached shows
 * quickly, which weighing both in one sum does not. Null where nothing fits.
 */
export const solveFairly = (
  program: SuggestProgram,
  rows: readonly Row[],
  solve: Solve,
  limits: SolveLimits,
  highest: number,
  progress: (gap: number) => void,
): FairSolution | null => {
  const { columns, leastColumn } = program;
  const from = leastColumn === null ? 0 : Math.min(highest, ceiling(program, rows, solve, limits));
  for (let level = from; level >= 0; level--) {
    const bounded = columns.map((c, i) => (i === leastColumn ? { ...c, lower: level * LEVEL } : c));
    const solution = solve({ columns: bounded, rows }, limits, progress);
    if (solution.status !== 'none') return { solution, level };
  }
  return null;
};
