import { type Move, rungOf } from '../model';

/** The set-up line of a rung: its own, or the move's. */
export const sayOf = (move: Move, rung?: string): string => rungOf(move, rung)?.say ?? move.cues.say;

/** The short set-up of the second side on a rung. A move that has none says nothing. */
export const againOf = (move: Move, rung?: string): string =>
  rungOf(move, rung)?.again ?? move.cues.again ?? '';
