import type { Move } from '@kotabi/core/model';
import MiniSearch from 'minisearch';

/** What of a move can be found by typing, and how much a hit in it weighs. */
const FIELDS = {
  name: 4,
  otherNames: 3,
  muscles: 2,
  areas: 2,
  kind: 1.5,
  region: 1.5,
  things: 1.5,
  purpose: 0.5,
} as const;

const made = new WeakMap<readonly Move[], MiniSearch<Move>>();

const indexOf = (moves: readonly Move[]): MiniSearch<Move> => {
  const known = made.get(moves);
  if (known) return known;
  const index = new MiniSearch<Move>({
    fields: Object.keys(FIELDS),
    extractField: (move, field) => [move[field as keyof Move] ?? ''].flat().join(' '),
    // One letter in five may be wrong or missing; short words must be right.
    searchOptions: {
      boost: FIELDS,
      prefix: true,
      fuzzy: (term) => (term.length > 3 ? 0.22 : false),
      combineWith: 'AND',
    },
  });
  index.addAll(moves);
  made.set(moves, index);
  return index;
};

/** Moves that answer what is typed, the best first; all of them, in their order, when nothing is. */
export const searchMoves = (moves: readonly Move[], text: string): Move[] => {
  if (text.trim() === '') return [...moves];
  const byId = new Map(moves.map((m) => [m.id, m]));
  return indexOf(moves)
    .search(text)
    .flatMap((hit) => byId.get(String(hit.id)) ?? []);
};
