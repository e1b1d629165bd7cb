import type { Move, MoveLookup } from '../model';

/** The moves that come with Kotabi, as data: those on the shelves, and the pauses that stand between moves. */
export interface LibraryData {
  moves: readonly Move[];
  pauses: readonly Move[];
}

/** What is at hand for a break: what may be proposed, what stands between, and how to find any move by its id. */
export interface Shelf {
  library: readonly Move[];
  pauses: readonly Move[];
  lookup: MoveLookup;
}

/** The library with the instructor's own moves before it: a move is found among their own first. */
export const shelfOf = ({ moves, pauses }: LibraryData, own: readonly Move[] = []): Shelf => {
  const byId = new Map([...moves, ...pauses, ...own].map((move) => [move.id, move]));
  return { library: moves, pauses, lookup: (id) => byId.get(id) };
};

/** True for what stands between the moves. */
export const isPause = (move: Pick<Move, 'kind'>): boolean => move.kind === 'pause';
