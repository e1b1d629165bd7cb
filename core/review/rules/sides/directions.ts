import type { Step } from '../../../model';
import { type PlacedStep, partsOf, placedSteps } from '../../facts';
import type { Finding, ReviewInput, ReviewRule } from '../../finding';

/** So few repetitions one way are a roll to let go, which owes nothing. Common practice, no source. */
export const RESET_REPS = 3;

/** A step of a few repetitions, done once: in one direction only it is a roll to let go. */
export const isReset = ({ dose, sets }: Pick<Step, 'dose' | 'sets'>): boolean =>
  dose.measure === 'reps' && dose.amount <= RESET_REPS && sets === 1;

/** Work of a move by direction, in all of its steps, ms. */
const workByDirection = (steps: readonly PlacedStep[], { timeline }: ReviewInput): Map<string, number> => {
  const work = new Map<string, number>();
  for (const { step } of steps)
    for (const part of partsOf(timeline, step.id))
      if (part.kind === 'work' && part.direction)
        work.set(part.direction, (work.get(part.direction) ?? 0) + part.lengthMs);
  return work;
};

/**
 * Ten circles one way need ten the other way, in the same step or in another one of the same move: one direction left out,
 * or shorter than the other unless that is on purpose and the reason is written down.
 */
export const directions: ReviewRule = (input) => {
  const steps = placedSteps(input.resolved).filter(({ move }) => move.ways.directions);
  const told = new Set<string>();
  return steps.flatMap((at): Finding[] => {
    const { step, move } = at;
    const names = move.ways.directions;
    if (!names || told.has(move.id)) return [];
    const kin = steps.filter((s) => s.step.moveId === move.id && !isReset(s.step));
    if (kin.length === 0) return [];
    told.add(move.id);
    const work = workByDirection(kin, input);
    const [first, second] = [work.get(names[0]) ?? 0, work.get(names[1]) ?? 0];
    if (first === second || kin.some((s) => s.step.second || s.step.meant)) return [];
    const one = { weight: 'caution', stepIds: kin.map((s) => s.step.id), move: move.name } as const;
    if (first > 0 && second > 0) {
      const short = first < second ? names[0] : names[1];
      return [{ ...one, code: 'unequalDirections', short, byMs: Math.abs(first - second) }];
    }
    const [single] = kin;
    const fix = single && ({ do: 'both directions', stepId: single.step.id } as const);
    const missing = first === 0 ? names[0] : names[1];
    return [
      {
        ...one,
        stepIds: [single?.step.id ?? step.id],
        code: 'oneDirectionOnly',
        missing,
        ...(fix && { fix }),
      },
    ];
  });
};
