import type createSolver from 'highs';
import { type FitProblem, finestMs } from '../fit';

type Solver = Awaited<ReturnType<typeof createSolver>>;

/** Total and cost of the best doses. */
export interface Fitted {
  totalMs: number;
  cost: number;
  amounts: number[];
}

/** Every combination of doses, one by one: for small problems only. */
export const fitSlowly = (problem: FitProblem): Fitted | null => {
  let all: Fitted[] = [{ totalMs: problem.fixedMs, cost: 0, amounts: [] }];
  for (const { options } of problem.free)
    all = all.flatMap((f) =>
      options.map((o) => ({
        totalMs: f.totalMs + o.workMs,
        cost: f.cost + o.cost,
        amounts: [...f.amounts, o.amount],
      })),
    );
  const fits = all.filter((f) => f.totalMs <= problem.slotMs);
  if (fits.length === 0) return null;
  const fullest = Math.max(...fits.map((f) => f.totalMs));
  const near = fits.filter((f) => f.totalMs >= fullest - finestMs(problem));
  const least = Math.min(...near.map((f) => f.cost));
  const best = near.filter((f) => f.cost <= least + 1e-9);
  best.sort((a, b) => {
    const at = a.amounts.findIndex((amount, i) => amount !== b.amounts[i]);
    return at < 0 ? 0 : b.amounts[at]! - a.amounts[at]!;
  });
  return best[0] ?? null;
};

/** The same two questions put to a mixed-integer solver: the fullest, then the least cost near it. */
export const fitBySolver = (solver: Solver, problem: FitProblem): Omit<Fitted, 'amounts'> | null => {
  const { free, slotMs, fixedMs } = problem;
  const name = (i: number, k: number) => `x${i}_${k}`;
  const terms = (of: (i: number, k: number) => number): string =>
    free.flatMap(({ options }, i) => options.map((_, k) => `+ ${of(i, k)} ${name(i, k)}`)).join(' ');
  const ms = terms((i, k) => free[i]!.options[k]!.workMs / 1000);
  const cost = terms((i, k) => free[i]!.options[k]!.cost);
  const once = free.map(
    ({ options }, i) => `o${i}: ${options.map((_, k) => `+ ${name(i, k)}`).join(' ')} = 1`,
  );
  const binary = free.flatMap(({ options }, i) => options.map((_, k) => name(i, k))).join('\n');
  const solve = (goal: string, extra: string[]): number | null => {
    const rows = [...once, `room: ${ms} <= ${(slotMs - fixedMs) / 1000}`, ...extra].join('\n');
    const answer = solver.solve(`${goal}\nSubject To\n${rows}\nBinary\n${binary}\nEnd\n`, {
      mip_rel_gap: 0,
      mip_abs_gap: 1e-9,
      output_flag: false,
    });
    if (answer.Status === 'Infeasible') return null;
    if (answer.Status !== 'Optimal') throw new Error(`solver: ${answer.Status}`);
    return answer.ObjectiveValue;
  };
  if (slotMs < fixedMs) return null;
  const fullest = solve(`Maximize\nobj: ${ms}`, []);
  if (fullest === null) return null;
  const near = (fullest * 1000 - finestMs(problem)) / 1000;
  const least = solve(`Minimize\nobj: ${cost}`, [`near: ${ms} >= ${near - 1e-6}`]);
  return { totalMs: fullest * 1000 + fixedMs, cost: least as number };
};
