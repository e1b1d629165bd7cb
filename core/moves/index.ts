import type { LibraryData } from '../library';
import { Move } from '../model';
import { breathMoves } from './breath';
import { faceMoves } from './face';
import { floorMoves } from './floor';
import { hipMoves } from './hip';
import { neckMoves } from './neck';
import { pauses } from './pauses';
import { shoulderMoves } from './shoulder';
import { spineMoves } from './spine';
import { wristMoves } from './wrist';

/**
 * Works the library out from its builders: poses are solved and every move is checked against the schema. It takes
 * about half a second, so nobody does it at a start: the outcome is kept in `library/library.json`, and a test
 * holds the two together.
 */
export const buildLibrary = (): LibraryData => ({
  moves: [
    ...breathMoves,
    ...neckMoves,
    ...shoulderMoves,
    ...spineMoves,
    ...wristMoves,
    ...hipMoves,
    ...faceMoves,
    ...floorMoves,
  ].map((data) => Move.parse(data)),
  pauses: [...pauses],
});
