import { neckCircles } from './circles';
import { neckGlide } from './glide';
import { neckHold } from './hold';
import { neckNodAndLook } from './nod-and-look';

/** The shelf, in the order in which it is shown. */
export const neckMoves = [...neckNodAndLook, ...neckCircles, ...neckGlide, ...neckHold];
