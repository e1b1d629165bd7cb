import type { Column, Row, Solution, Solve, SolveLimits } from '../solver';
import { gapTo, solveByPortions } from './portions';
import type { SuggestProgram } from './program';

/** How well the least served side is served is told apart in steps of so much of what it is due: less is not felt. */
export const LEVEL = 0.05;
/** Where portions do not settle it, the whole program gets so much of the nodes: its bound gets closer soon, or hardly at all. */
const WHOLE_SHARE = 0.02;
/** Of a level that the solver reaches to within rounding. */
const NEARLY = 1e-6;

/** An answer, and the level of its least served side: a whole number of steps. */
export interface FairSolution {
  solution: Exclude<Solution, { status: 'none' }>;
  level: number;
}

/** The columns with nothing of worth but the least served side, where moves may be done in part. */
const inParts = ({ columns, leastColumn }: SuggestProgram): Column[] =>
  columns.map((c, i) => ({ ...c, whole: false, cost: i === leastColumn ? 1 : 0 }));

/** The same program where all that counts is how little time it takes, and there is room for any. */
const quickest = (program: SuggestProgram, rows: readonly Row[]) => {
  const takes = new Map(program.seconds);
  const unbounded = (r: Row): Row => (r === program.room ? { ...r, upper: Number.POSITIVE_INFINITY } : r);
  return {
    program: {
      ...program,
      columns: program.columns.map((c, x) => ({ ...c, cost: -(takes.get(x) ?? 0) })),
      rows: program.rows.map(unbounded),
    },
    rows: rows.map(unbounded),
  };
};

/** The columns with the least served side at least at a level. */
const bounded = ({ columns, leastColumn }: SuggestProgram, level: number): Column[] =>
  columns.map((c, i) => (i === leastColumn ? { ...c, lower: Math.max(0, level * LEVEL - NEARLY) } : c));

const wholeLimits = (limits: SolveLimits): SolveLimits => ({
  ...limits,
  nodes: Math.ceil(limits.nodes * WHOLE_SHARE),
});

/** An answer that serves every side so much in the time there is; null where there is none. */
const served = (
  program: SuggestProgram,
  rows: readonly Row[],
  level: number,
  solve: Solve,
  limits: SolveLimits,
): readonly number[] | null => {
  const quick = quickest(program, rows);
  const enough = -program.room.upper;
  const { found, bound } = solveByPortions(quick.program, quick.rows, level * LEVEL, solve, limits, {
    enough,
  });
  if (found && found.objective >= enough) return found.values;
  // All that could have been as quick was looked at.
  if (bound <= enough + NEARLY) return null;
  // Not settled by portions: any answer will do.
  const columns = bounded(program, level).map((c) => ({ ...c, cost: 0 }));
  const whole = solve({ columns, rows }, wholeLimits(limits));
  return whole.status === 'none' ? null : whole.values;
};

/** The best that serves every side so much; where portions do not come near, the whole program goes on from what they found. */
const best = (
  program: SuggestProgram,
  rows: readonly Row[],
  level: number,
  known: readonly number[] | undefined,
  solve: Solve,
  limits: SolveLimits,
): FairSolution | null => {
  const { found, bound } = solveByPortions(program, rows, level * LEVEL, solve, limits, { start: known });
  const gap = found ? gapTo(bound, found) : Number.POSITIVE_INFINITY;
  if (found && gap <= limits.gap) return { solution: { ...found, gap }, level };
  const start = found?.values ?? known;
  const whole = solve(
    { columns: bounded(program, level), rows, ...(start && { start }) },
    wholeLimits(limits),
  );
  if (whole.status === 'none') return found && { solution: { ...found, gap }, level };
  const better = found && found.objective > whole.objective ? found : whole;
  const atMost = Math.min(bound, whole.objective + whole.gap * Math.abs(whole.objective));
  return { solution: { ...better, gap: gapTo(atMost, better) }, level };
};

/**
 * First the least served side of what is wanted as well served as it can be, then everything else: whether a level can be served is
 * asked by how little time it can be done in. Null where nothing fits, or nothing that serves every side at least at level `least`.
 */
export const solveFairly = (
  program: SuggestProgram,
  rows: readonly Row[],
  solve: Solve,
  limits: SolveLimits,
  { highest, least = 0 }: { highest: number; least?: number },
): FairSolution | null => {
  if (program.leastColumn === null) return best(program, rows, 0, undefined, solve, limits);
  const parts = solve({ columns: inParts(program), rows }, limits);
  if (parts.status === 'none') return null;
  // What is reached to within rounding is reached. The level is between these: `reached` can be served, `over` cannot.
  let over = Math.min(highest, Math.floor((parts.objective + NEARLY) / LEVEL)) + 1;
  let reached = 0;
  let next = over - 1;
  let known: readonly number[] | undefined;
  while (reached < over - 1) {
    const answer = served(program, rows, next, solve, limits);
    if (answer) [reached, known] = [next, answer];
    else over = next;
    next = Math.floor((reached + over) / 2);
    if (over <= least) return null;
  }
  if (reached < least) return null;
  return best(program, rows, reached, known, solve, limits);
};
