import { eachStep } from '../../each-step';
import type { Finding } from '../../finding';

/** People at rest breathe 12 to 20 times a minute (a value of any textbook, from memory): this is not slow any more. */
export const RESTING_BREATHS = 12;

/** A step that is there for slow breathing, led at a pace at which people breathe anyway, or faster. */
export const breathQuick = eachStep(({ step, move }, { resolved: { brk } }): Finding[] => {
  const perMinute = step.breath?.breathsPerMinute ?? brk.pace.breathsPerMinute;
  if (move.kind !== 'breathe' || step.dose.measure !== 'breaths' || perMinute < RESTING_BREATHS) return [];
  return [{ code: 'breathQuick', weight: 'look', stepIds: [step.id], move: move.name, perMinute }];
});
