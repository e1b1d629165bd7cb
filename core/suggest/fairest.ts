import type { Column, Row, Solution, Solve, SolveLimits } from '../solver';
import type { SuggestProgram } from './program';

/** How well the least served side is served is told apart in steps of so much of what it is due: less is not felt. */
export const LEVEL = 0.05;
/** Everything that is due. */
const WHOLE = Math.round(1 / LEVEL);
/** Without an answer to start from the search is mostly done after so few nodes, or not done well at all. */
const FRESH_NODES = 40;
/** Of a level that the solver reaches to within rounding. */
const NEARLY = 1e-6;

/** An answer, and the level of its least served side: a whole number of steps. */
export interface FairSolution {
  solution: Exclude<Solution, { status: 'none' }>;
  level: number;
}

/** A level in whole steps: what is reached to within rounding is reached. */
const levelOf = (least: number): number => Math.floor((least + NEARLY) / LEVEL);

/** The columns with nothing of worth but the least served side, where moves may be done in part. */
const inParts = ({ columns, leastColumn }: SuggestProgram): Column[] =>
  columns.map((c, i) => ({ ...c, whole: false, cost: i === leastColumn ? 1 : 0 }));

/** The highest level, in whole steps, that can be reached, with an answer that reaches it; null where nothing fits. */
const highestLevel = (
  { columns }: SuggestProgram,
  least: number,
  rows: readonly Row[],
  most: number,
  solve: Solve,
  limits: SolveLimits,
): { level: number; values: readonly number[] } | null => {
  const level = columns.length;
  const solution = solve(
    {
      columns: [
        ...columns.map((c) => ({ ...c, cost: 0 })),
        { name: 'level', cost: 1, lower: 0, upper: most, whole: true },
      ],
      rows: [
        ...rows,
        // NEARLY: the step may be reached to within rounding.
        {
          lower: -NEARLY,
          upper: Number.POSITIVE_INFINITY,
          terms: [
            [least, 1],
            [level, -LEVEL],
          ],
        },
      ],
    },
    { ...limits, gap: 0 },
  );
  return solution.status === 'none'
    ? null
    : { level: Math.round(solution.objective), values: solution.values.slice(0, level) };
};

/**
 * First the least served side of what is wanted as well served as it can be, then everything else: the two one after the
 * other are far quicker than both in one sum. Where the second search finds nothing soon by itself, it starts from the
 * answer of the first. Null where nothing fits.
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
  const at = (level: number, within = limits, start?: readonly number[]): FairSolution | null => {
    const bounded = columns.map((c, i) =>
      i === leastColumn ? { ...c, lower: Math.max(0, level * LEVEL - NEARLY) } : c,
    );
    const solution = solve({ columns: bounded, rows, start }, within, progress);
    return solution.status === 'none' ? null : { solution, level };
  };
  if (leastColumn === null) return at(0);
  const bound = solve({ columns: inParts(program), rows }, limits);
  if (bound.status === 'none') return null;
  const most = Math.min(highest, levelOf(bound.objective));
  // What could be served whole mostly can be.
  const whole = most === WHOLE ? at(most) : null;
  if (whole) return whole;
  const reached = highestLevel(program, leastColumn, rows, most, solve, limits);
  if (!reached) return null;
  const { level, values } = reached;
  const fresh = at(level, { ...limits, nodes: FRESH_NODES });
  if (fresh && fresh.solution.gap <= limits.gap) return fresh;
  return at(level, limits, fresh?.solution.values ?? values);
};
