import { wristFingers } from './fingers';
import { wristHold } from './hold';
import { wristMobilise } from './mobilise';

/** The shelf, in the order in which it is shown. */
export const wristMoves = [...wristMobilise, ...wristFingers, ...wristHold];
