import { neckHold } from './hold';
import { neckMobilise } from './mobilise';

/** The shelf, in the order in which it is shown. */
export const neckMoves = [...neckMobilise, ...neckHold];
