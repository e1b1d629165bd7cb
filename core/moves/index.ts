import { Move, type MoveLookup } from '../model';
import { breathMoves } from './breath';
import { faceMoves } from './face';
import { floorMoves } from './floor';
import { hipMoves } from './hip';
import { neckMoves } from './neck';
import { pauses } from './pauses';
import { shoulderMoves } from './shoulder';
import { spineMoves } from './spine';
import { wristMoves } from './wrist';

/** The moves that come with Kotabi, checked against the schema when they are loaded. */
export const library: readonly Move[] = [
  ...breathMoves,
  ...neckMoves,
  ...shoulderMoves,
  ...spineMoves,
  ...wristMoves,
  ...hipMoves,
  ...faceMoves,
  ...floorMoves,
].map((data) => Move.parse(data));

const byId = new Map([...library, ...pauses].map((move) => [move.id, move]));

/** Finds a move among the instructor's own first, then in the library. */
export const moveLookup =
  (own: readonly Move[] = []): MoveLookup =>
  (id) =>
    own.find((m) => m.id === id) ?? byId.get(id);

export * from './cautions';
export * from './pauses';
export * from './step';
