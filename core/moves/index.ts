import type { LibraryData } from '../library';
import { Move } from '../model';
import { breathMoves } from './breath';
import { faceMoves } from './face';
import { floorMoves } from './floor';
import { hipMoves } from './hip';
import { neckMoves } from './neck';
import { pauses } from './pauses';
import { RUNG_WORDS } from './rung-words';
import { shoulderMoves } from './shoulder';
import { spineMoves } from './spine';
import type { MoveData } from './types';
import { wristMoves } from './wrist';

/** A move with the words of its rungs put into them. Throws where there is no such rung: a slip in the words. */
const withRungWords = (data: MoveData): MoveData => {
  const words = RUNG_WORDS[data.id] ?? {};
  const rungs = data.rungs ?? [];
  for (const name of Object.keys(words))
    if (!rungs.some((r) => r.name === name)) throw new Error(`${data.id} has no rung ${name}`);
  return { ...data, rungs: rungs.map((r) => ({ ...words[r.name], ...r })) };
};

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
  ].map((data) => Move.parse(withRungWords(data))),
  pauses: [...pauses],
});
