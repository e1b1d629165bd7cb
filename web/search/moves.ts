import type { Move } from '@kotabi/core/model';
import MiniSearch, { type Query } from 'minisearch';
import { ASIDE, MEANT, NO_BEGINNING } from './words';

/** What of a move can be found by typing, and how much a hit in it weighs. */
const FIELDS = {
  name: 4,
  otherNames: 3,
  muscles: 2,
  areas: 2,
  rungs: 1,
  kind: 1.5,
  region: 1.5,
  things: 1.5,
  purpose: 0.5,
  discreet: 0.5,
} as const;

interface Index {
  search: MiniSearch<Move>;
  /** Every word that stands anywhere. */
  words: readonly string[];
}

const made = new WeakMap<readonly Move[], Index>();

const textOf = (move: Move, field: string): string => {
  if (field === 'rungs') return move.rungs.map((r) => r.name).join(' ');
  // Where it can be done without being noticed.
  if (field === 'discreet')
    return Object.entries(move.discreet)
      .flatMap(([where, is]) => (is ? where : []))
      .join(' ');
  return [move[field as keyof Move] ?? ''].flat().join(' ');
};

/** Rolls are looked for as roll, in what is typed and in what is found. */
const one = (word: string): string => (/[^s]s$/.test(word) && word.length > 3 ? word.slice(0, -1) : word);

const splitUp = (text: string): string[] =>
  text
    .toLowerCase()
    .replaceAll('’s ', ' ')
    .split(/[^\p{L}\p{N}]+/u)
    .filter(Boolean)
    .map(one);
const meantBy = new Map(Object.entries(MEANT).map(([word, meant]) => [one(word), meant.map(one)]));
const aside = new Set([...ASIDE].map(one));

/** What is done on the seat, and what is of the shelf or for the area that is asked for, comes before the rest. */
const nearness = (move: Move, term: string): number => {
  const off = move.onlyWhenAsked || move.position === 'floor' ? 0.6 : move.position === 'standing' ? 0.85 : 1;
  const near = move.region.startsWith(term) || move.areas[0]?.startsWith(term);
  // Whoever names a part of the body means to move or stretch it; a massage is asked for by that name.
  return off * (near ? (move.kind === 'massage' ? 0.6 : 1.8) : 1);
};

const indexOf = (moves: readonly Move[]): Index => {
  const known = made.get(moves);
  if (known) return known;
  const fields = Object.keys(FIELDS);
  const byId = new Map(moves.map((m) => [m.id, m]));
  const search = new MiniSearch<Move>({
    fields,
    extractField: (move, field) => (field === 'id' ? move.id : textOf(move, field)),
    tokenize: splitUp,
    searchOptions: {
      boost: FIELDS,
      prefix: true,
      combineWith: 'AND',
      boostDocument: (id, term) => {
        const move = byId.get(String(id));
        return move ? nearness(move, term) : 1;
      },
    },
  });
  search.addAll(moves);
  const words = [...new Set(moves.flatMap((m) => fields.flatMap((f) => splitUp(textOf(m, f)))))];
  const index = { search, words };
  made.set(moves, index);
  return index;
};

/** A word with two neighbouring letters changed over, in each place. */
const swapped = (word: string): string[] =>
  Array.from({ length: word.length - 1 }, (_, i) =>
    [word.slice(0, i), word[i + 1], word[i], word.slice(i + 2)].join(''),
  );

/** What one word is looked for as: itself, what it means, and, where nothing begins like it, what it may be a slip of. */
const queryOf = (word: string, words: readonly string[]): Query => {
  const meant = meantBy.get(word) ?? [];
  if (meant.length > 0) return { combineWith: 'OR', queries: [word, ...meant], fuzzy: false };
  if (words.some((w) => w.startsWith(word))) return { queries: [word], fuzzy: false };
  const slips = swapped(word).filter((other) => words.some((w) => w.startsWith(other)));
  // One letter in three of a short word, two of a long one, may be wrong or missing.
  if (slips.length === 0) return { queries: [word], fuzzy: word.length > 5 ? 2 : 1 };
  return { combineWith: 'OR', queries: slips, fuzzy: false };
};

/** Words that were typed apart and stand together in the library are one: goal post. */
const joined = (typed: readonly string[], words: readonly string[]): string[] => {
  const [first, second, ...rest] = typed;
  if (first === undefined) return [];
  // One or two letters are the beginning of a word of their own.
  if (second !== undefined && second.length > 2 && words.some((w) => w.startsWith(first + second)))
    return [first + second, ...joined(rest, words)];
  return [first, ...joined(typed.slice(1), words)];
};

/** Moves that answer what is typed, the best first; all of them, in their order, when nothing is. */
export const searchMoves = (moves: readonly Move[], text: string): Move[] => {
  const { search, words } = indexOf(moves);
  const typed = joined(splitUp(text), words);
  const telling = typed.filter((word) => !aside.has(word));
  const asked = telling.length > 0 ? telling : typed;
  if (asked.length === 0) return [...moves];
  const byId = new Map(moves.map((m) => [m.id, m]));
  const named = (m: Move): string[][] =>
    [m.name, ...m.otherNames].map((name) => splitUp(name).filter((word) => !aside.has(word)));
  /** Whoever types a whole name means that move; whoever begins as a name does, its own before others, most likely as well. */
  const closeness = (m: Move): number => {
    const begins = (name: readonly string[]): boolean =>
      asked.every((word, i) => name[i]?.startsWith(word) ?? false);
    const [own = [], ...others] = named(m);
    if ([own, ...others].some((n) => begins(n) && n.length === asked.length && n.at(-1) === asked.at(-1)))
      return 0;
    if (asked.length === 1 && NO_BEGINNING.has(asked[0] ?? '')) return 3;
    if (begins(own)) return 1;
    return others.some(begins) ? 2 : 3;
  };
  const queries = asked.map((word) => queryOf(word, words));
  const all = search.search({ combineWith: 'AND', queries });
  // Where nothing answers every word, what answers some of them is better than nothing.
  const hits = (all.length > 0 ? all : search.search({ combineWith: 'OR', queries })).flatMap(
    (hit) => byId.get(String(hit.id)) ?? [],
  );
  return hits.sort((a, b) => closeness(a) - closeness(b));
};
