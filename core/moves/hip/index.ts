import { hipFeetAndKnees } from './feet-and-knees';
import { hipHold } from './hold';
import { hipLegs } from './legs';
import { hipRiseAndWalk } from './rise-and-walk';

/** The shelf, in the order in which it is shown. */
export const hipMoves = [...hipFeetAndKnees, ...hipRiseAndWalk, ...hipHold, ...hipLegs];
