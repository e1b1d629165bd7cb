import { breathBreathe } from './breathe';
import { breathClose } from './close';
import { breathSettle } from './settle';

/** The shelf, in the order in which it is shown. */
export const breathMoves = [...breathSettle, ...breathBreathe, ...breathClose];
