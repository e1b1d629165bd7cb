import { floorFloor } from './floor';

/** The shelf, in the order in which it is shown. */
export const floorMoves = [...floorFloor];
