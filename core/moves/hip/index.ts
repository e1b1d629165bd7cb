import { hipHold } from './hold';
import { hipLegs } from './legs';
import { hipMobilise } from './mobilise';

/** The shelf, in the order in which it is shown. */
export const hipMoves = [...hipMobilise, ...hipHold, ...hipLegs];
