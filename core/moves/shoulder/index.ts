import { shoulderActivate } from './activate';
import { shoulderHoldArms } from './hold-arms';
import { shoulderHoldChestBack } from './hold-chest-back';
import { shoulderMobiliseChestBack } from './mobilise-chest-back';
import { shoulderMobiliseShoulder } from './mobilise-shoulder';
import { shoulderSweep } from './sweep';

/** The shelf, in the order in which it is shown. */
export const shoulderMoves = [
  ...shoulderMobiliseShoulder,
  ...shoulderMobiliseChestBack,
  ...shoulderSweep,
  ...shoulderActivate,
  ...shoulderHoldArms,
  ...shoulderHoldChestBack,
];
