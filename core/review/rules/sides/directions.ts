import { placedSteps } from '../../facts';
import type { Finding, ReviewRule } from '../../finding';

/** Ten circles one way need ten the other way, in the same step or in another one of the same move. */
export const directions: ReviewRule = ({ resolved }) => {
  const steps = placedSteps(resolved);
  return steps.flatMap(({ step, move }): Finding[] => {
    const names = move.ways.directions;
    if (!names || step.directions === 'both' || step.meant) return [];
    const other = step.directions === 'first' ? 'second' : 'first';
    if (steps.some((s) => s.step.moveId === step.moveId && s.step.directions === other)) return [];
    const missing = other === 'second' ? names[1] : names[0];
    const fix = { do: 'both directions', stepId: step.id } as const;
    return [
      { code: 'oneDirectionOnly', weight: 'caution', stepIds: [step.id], move: move.name, missing, fix },
    ];
  });
};
