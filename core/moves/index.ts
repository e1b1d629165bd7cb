import { Move, type MoveLookup } from '../model';
import { breathMoves } from './breath';
import { neckMoves } from './neck';
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
].map((data) => Move.parse(data));

const byId = new Map(library.map((move) => [move.id, move]));

/** Finds a move among the instructor's own first, then in the library. */
export const moveLookup =
  (own: readonly Move[] = []): MoveLookup =>
  (id) =>
    own.find((m) => m.id === id) ?? byId.get(id);

export * from './cautions';
export * from './step';
