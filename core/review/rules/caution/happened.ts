import { eachStep } from '../../each-step';
import type { Finding } from '../../finding';

/** Something happened at this move the last times it was led for this group: a question, no verdict. */
export const happened = eachStep((at, { audience }): Finding[] =>
  (audience?.troubles ?? [])
    .filter((t) => t.moveId === at.move.id)
    .map((t) => ({
      code: 'happened' as const,
      weight: 'caution' as const,
      stepIds: [at.step.id],
      move: at.move.name,
      what: t.what,
      last: t.last,
    })),
);
