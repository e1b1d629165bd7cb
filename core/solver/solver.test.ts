import { expect, it } from 'vitest';
import { loadSolver } from '../testing/solver-planner';
import { highsSolver, type Program } from '.';

/** Twenty things of which some fit into a bag: hard enough that the first look does not find the best. */
const bag: Program = {
  columns: Array.from({ length: 20 }, (_, i) => ({
    name: `thing ${i}`,
    cost: 10 + ((i * 37) % 23),
    lower: 0,
    upper: 1,
    whole: true,
  })),
  rows: [{ lower: 0, upper: 100, terms: Array.from({ length: 20 }, (_, i) => [i, 9 + ((i * 53) % 29)]) }],
};
const weightOf = (values: readonly number[]): number =>
  (bag.rows[0]?.terms ?? []).reduce((sum, [x, factor]) => sum + factor * (values[x] ?? 0), 0);

it('answers no less than what it was given to start with, and the best all the same', async () => {
  const solve = highsSolver(await loadSolver());
  const limits = { nodes: 1000, gap: 0 };
  const best = solve(bag, limits);
  if (best.status === 'none') throw new Error('the empty bag fits');
  expect(weightOf(best.values)).toBeLessThanOrEqual(100 + 1e-6);
  const known = solve({ ...bag, start: best.values }, limits);
  expect(known).toMatchObject({ status: 'best', objective: best.objective });
  // What does not keep to the rows is no start: the answer is the best of what does.
  const all = solve({ ...bag, start: bag.columns.map(() => 1) }, limits);
  expect(all).toMatchObject({ status: 'best', objective: best.objective });
});
