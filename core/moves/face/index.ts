import { faceMassage } from './massage';

/** The shelf, in the order in which it is shown. */
export const faceMoves = [...faceMassage];
