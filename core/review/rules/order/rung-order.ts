import { type PlacedStep, placedSteps } from '../../facts';
import type { Finding, ReviewRule } from '../../finding';

const heightOf = ({ variant: { move, rung } }: PlacedStep): number =>
  move.rungs.findIndex((r) => r.name === rung?.name);

/** A strong rung of a move before an easier one of the same move. Common practice: easy before strong. */
export const rungOrder: ReviewRule = ({ resolved }) => {
  const steps = placedSteps(resolved);
  if (new Set(steps.map((s) => s.step.moveId)).size === steps.length) return [];
  return steps.flatMap((at): Finding[] => {
    const { step, move, index } = at;
    const height = heightOf(at);
    if (height < 1) return [];
    // It was readied for already: an easier rung came before it, in this round or an earlier one.
    const readied = steps.slice(0, index).some((s) => s.step.moveId === step.moveId && heightOf(s) < height);
    if (readied) return [];
    const easier = steps.slice(index + 1).find((s) => s.step.moveId === step.moveId && heightOf(s) < height);
    if (!easier) return [];
    return [
      {
        code: 'strongFirst',
        weight: 'caution',
        stepIds: [step.id, easier.step.id],
        move: move.name,
        rung: at.variant.rung?.name ?? '',
        later: easier.variant.rung?.name ?? '',
        fix: { do: 'move', stepId: easier.step.id, beforeId: step.id },
      },
    ];
  });
};
