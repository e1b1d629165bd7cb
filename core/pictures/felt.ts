import { type Move, type Muscle, otherSide, type Side } from '../model';

/** How many of a move's muscles are tinted: the main ones, so that the picture stays calm. */
const SHOWN = 2;

/** What is tinted in one way of a move, and on which side: the one statement of the move's ways. */
export const feltOf = (
  { muscles, ways }: Pick<Move, 'muscles' | 'ways'>,
  side: Side,
): { muscles: readonly Muscle[]; side: Side | 'both' } => ({
  muscles: muscles.slice(0, SHOWN),
  side:
    ways.pattern === 'together' || ways.felt === 'both'
      ? 'both'
      : ways.felt === 'same'
        ? side
        : otherSide(side),
});
