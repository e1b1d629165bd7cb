import type { FieldProblem, Move } from '../model';

/** Moves of a file that have the id of one before them: nobody could tell which of them a step means. */
export const doubledMoves = (moves: readonly Pick<Move, 'id'>[]): FieldProblem[] => {
  const seen = new Set<string>();
  return moves.flatMap(({ id }, i) => {
    if (!seen.has(id)) {
      seen.add(id);
      return [];
    }
    return [{ path: `moves.${i}.id`, message: 'is the id of a move before it in this file', value: id }];
  });
};
