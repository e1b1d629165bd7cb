import type { Move, Step } from '../model';

/** A new step of a move, with the dose people usually do. */
export const stepOf = (move: Move, id: string): Step => ({
  type: 'step',
  id,
  moveId: move.id,
  dose: move.dose.usual,
  sets: 1,
  sides: 'both',
  directions: 'both',
});
