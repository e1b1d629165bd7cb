import { type Cues, type Move, type Rung, rungOf } from '../model';

const OWN = ['say', 'again', 'turn', 'go', 'feel', 'check', 'breathe', 'last', 'back'] as const;

const made = new WeakMap<Move, WeakMap<Rung, Cues>>();

/** All words of a move on a rung (the usual one when left out): the rung's own, else the move's. */
export const cuesOf = (move: Move, rungName?: string): Cues => {
  const rung = rungOf(move, rungName);
  if (!rung || OWN.every((role) => rung[role] === undefined)) return move.cues;
  const known = made.get(move)?.get(rung);
  if (known) return known;
  const own = Object.fromEntries(
    OWN.flatMap((role) => (rung[role] === undefined ? [] : [[role, rung[role]]])),
  ) as Partial<Cues>;
  const cues = { ...move.cues, ...own };
  const ofMove = made.get(move) ?? new WeakMap<Rung, Cues>();
  made.set(move, ofMove.set(rung, cues));
  return cues;
};
