import { proposedDose, proposedRung, proposedSets } from '../approach/propose';
import { type Approach, defaultApproach, type Move, rungOf, type Step } from '../model';

/** A new step of a move, with the dose, the sets and the rung that the approach proposes. */
export const stepOf = (move: Move, id: string, approach: Approach = defaultApproach): Step => {
  const rung = proposedRung(move, approach);
  return {
    type: 'step',
    id,
    moveId: move.id,
    dose: proposedDose(move, approach),
    sets: proposedSets(move, approach),
    sides: 'both',
    directions: 'both',
    // Written down only where it differs, so that the move's usual rung goes on meaning the usual one.
    ...(rung !== undefined && rung !== rungOf(move)?.name && { rung }),
  };
};
