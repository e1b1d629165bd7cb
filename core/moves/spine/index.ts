import { spineHoldLeaning } from './hold-leaning';
import { spineHoldSeated } from './hold-seated';
import { spineMobilise } from './mobilise';

/** The shelf, in the order in which it is shown. */
export const spineMoves = [...spineMobilise, ...spineHoldSeated, ...spineHoldLeaning];
