import { shoulderActivate } from './activate';
import { shoulderHold } from './hold';
import { shoulderMobiliseChestBack } from './mobilise-chest-back';
import { shoulderMobiliseShoulder } from './mobilise-shoulder';
import { shoulderSweep } from './sweep';

/** The shelf, in the order in which it is shown. */
export const shoulderMoves = [
  ...shoulderMobiliseShoulder,
  ...shoulderMobiliseChestBack,
  ...shoulderSweep,
  ...shoulderActivate,
  ...shoulderHold,
];
