import type { LibraryData } from '../library';
import { type Ask, Move } from '../model';
import { breathMoves } from './breath';
import { faceMoves } from './face';
import { floorMoves } from './floor';
import { hipMoves } from './hip';
import { neckMoves } from './neck';
import { withOneByOne } from './one-by-one';
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

/** Nothing that is said of it speaks of a seat, or of feet and legs that stand or lie somewhere. */
const FROM_THE_CHAIR =
  /\b(seat|chair|backrest|desk|feet|foot|legs?|knees?|heels?|thighs?|sitting bones|footrest|stand)\b/i;
const CARRIED: readonly Ask[] = ['chair carries', 'room behind the seat', 'room beside the seat'];

/** Sitting on the floor one can do what needs no chair and leaves the legs alone. */
const onFloorToo = (move: Move): Move => {
  const seated = move.position === 'back' || move.position === 'edge';
  const words = [move.cues, move.rungs.filter((r) => !r.notIn.includes('floor seat'))];
  const asks = [...move.asks, ...move.rungs.flatMap((r) => r.asks)];
  if (!seated || FROM_THE_CHAIR.test(JSON.stringify(words))) return move;
  if (move.things.includes('chair') || asks.some((ask) => CARRIED.includes(ask))) return move;
  return { ...move, alsoIn: [...move.alsoIn, 'floor seat'] };
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
  ].map((data) => withOneByOne(onFloorToo(Move.parse(withRungWords(data))))),
  pauses: [...pauses],
});
