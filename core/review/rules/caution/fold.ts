import { variantOf } from '../../../model';
import { eachStep } from '../../each-step';
import type { Finding } from '../../finding';
import { foldOf } from '../../poses';

/** More turn than this in a deep fold loads the low back. Common practice, no source. */
export const TURNED_DEG = 15;

/** A deep fold and a twist at once. */
export const fold = eachStep(({ step, move, variant }): Finding[] => {
  const turnDeg = Math.round(foldOf(variant).turnDeg);
  if (turnDeg <= TURNED_DEG) return [];
  const easier = move.rungs.find(
    (r) => foldOf(variantOf(move, r.name, variant.position)).turnDeg <= TURNED_DEG,
  );
  const fix = easier && ({ do: 'rung', stepId: step.id, rung: easier.name } as const);
  return [
    {
      code: 'foldWithTwist',
      weight: 'stop',
      stepIds: [step.id],
      move: move.name,
      turnDeg,
      ...(fix && { fix }),
    },
  ];
});
