import { spineHold } from './hold';
import { spineMobilise } from './mobilise';

/** The shelf, in the order in which it is shown. */
export const spineMoves = [...spineMobilise, ...spineHold];
