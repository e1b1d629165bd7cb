import { isTwoWay, otherSide, type Side } from '../../../model';
import { forEachStep } from '../../each-step';
import { type PlacedStep, placedSteps, workOf } from '../../facts';
import type { Finding, ReviewRule } from '../../finding';

/** Steps of the same move on the same rung: one side of it may stand in one of them, the other side in another. */
const kinOf = (steps: readonly PlacedStep[], { step }: PlacedStep): PlacedStep[] =>
  steps.filter((s) => s.step.moveId === step.moveId && s.step.rung === step.rung);

/** Work of each step by side, by its place among the steps. */
const workOfSteps = forEachStep(
  ({ step, move }, { timeline }): Record<Side, number> =>
    isTwoWay(move)
      ? { left: workOf(timeline, step.id, 'left'), right: workOf(timeline, step.id, 'right') }
      : { left: 0, right: 0 },
);

/**
 * The two ways of a move owe each other the same: one left out, a link forgotten on one side of a series, or one
 * way shorter than the other unless that is on purpose and the reason is written down. A move whose sides are done
 * in separate steps is judged as a whole.
 */
export const sides: ReviewRule = (input) => {
  const steps = placedSteps(input.resolved);
  const works = workOfSteps(input);
  const workBySide = (kin: readonly PlacedStep[]): Record<Side, number> => {
    const sum = (side: Side) => kin.reduce((ms, { index }) => ms + (works[index]?.[side] ?? 0), 0);
    return { left: sum('left'), right: sum('right') };
  };
  const told = new Set<string>();
  return steps.flatMap((at): Finding[] => {
    const { step, move, doneSides, chainId } = at;
    if (!isTwoWay(move)) return [];
    const one = { weight: 'caution', stepIds: [step.id], move: move.name } as const;
    if (doneSides === 'both') {
      const work = workBySide([at]);
      if (work.left === work.right || step.uneven?.reason.trim()) return [];
      const fix = { do: 'even sides', stepId: step.id } as const;
      return [{ ...one, code: 'unequalSides', ...shortOf(work), ...(step.uneven && { fix }) }];
    }
    if (step.meant) return [];
    const kin = kinOf(steps, at).filter((s) => s.doneSides !== 'both');
    const work = workBySide(kin);
    if (work.left === work.right && work.left > 0) return [];
    const fix = { do: 'both sides', stepIds: [step.id] } as const;
    const missing = doneSides === 'none' ? 'left' : otherSide(doneSides);
    if (work[missing] === 0) {
      const code = chainId !== null && step.sides !== 'both' ? 'linkForgotten' : 'oneSideOnly';
      return [{ ...one, code, missing, fix }];
    }
    // Both sides are done, in several steps, but not alike: said once.
    const key = `${step.moveId} ${step.rung}`;
    if (told.has(key)) return [];
    told.add(key);
    return [{ ...one, stepIds: kin.map((s) => s.step.id), code: 'unequalSides', ...shortOf(work) }];
  });
};

const shortOf = ({ left, right }: Record<Side, number>): { short: Side; byMs: number } => ({
  short: left < right ? 'left' : 'right',
  byMs: Math.abs(left - right),
});
