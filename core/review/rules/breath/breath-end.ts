import { restOfBreath } from '../../../breath';
import { eachStep } from '../../each-step';
import { isHeld, partsOf } from '../../facts';
import type { Finding } from '../../finding';

/** A hold that is let go in the middle of a breath in. It should end with a breath out. Common practice. */
export const breathEnd = eachStep((at, { timeline }): Finding[] => {
  if (!isHeld(at)) return [];
  for (const part of partsOf(timeline, at.step.id)) {
    if (part.kind !== 'work' || !part.breath) continue;
    const pastMs = restOfBreath(part.breath, part.lengthMs);
    if (pastMs === 0 || pastMs > part.breath.inMs) continue;
    return [
      {
        code: 'endsOnInhale',
        weight: 'look',
        stepIds: [at.step.id],
        move: at.move.name,
        pastMs,
        inMs: part.breath.inMs,
        ...(at.step.dose.measure === 'seconds' && { fix: { do: 'whole breaths', stepId: at.step.id } }),
      },
    ];
  }
  return [];
});
