import type { Column, Row, Solution, Solve, SolveLimits } from '../solver';
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

/** A level in whole steps: what is reached to within rounding is reached. */
const levelOf = (least: number): number => Math.floor((least + NEARLY) / LEVEL);

/** The program with nothing but the least served side to make as large as can be; `whole` false where moves may be done in part. */
const onlyLeast = ({ columns, leastColumn }: SuggestProgram, whole: boolean): Column[] =>
  columns.map((c, i) => ({ ...c, whole: c.whole && whole, cost: i === leastColumn ? 1 : 0 }));

/**
 * First the least served side of what is wanted as well served as it can be, then everything else. The highest level that
 * is conceivable is tried at once, since it can often be reached; where it cannot, the level that can is looked for by
 * itself, which is far quicker than weighing both in one sum or going down level by level. Null where nothing fits.
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
  const at = (level: number): FairSolution | null => {
    const bounded = columns.map((c, i) => (i === leastColumn ? { ...c, lower: level * LEVEL } : c));
    const solution = solve({ columns: bounded, rows }, limits, progress);
    return solution.status === 'none' ? null : { solution, level };
  };
  if (leastColumn === null) return at(0);
  const inParts = solve({ columns: onlyLeast(program, false), rows }, limits);
  if (inParts.status === 'none') return null;
  const from = Math.min(highest, levelOf(inParts.objective));
  const first = at(from);
  if (first || from === 0) return first;
  const reached = solve({ columns: onlyLeast(program, true), rows }, { ...limits, gap: 0 });
  if (reached.status === 'none') return null;
  // Where the search was cut off the level is one that was found, though not surely the highest.
  return at(Math.min(from, levelOf(reached.objective)));
};
