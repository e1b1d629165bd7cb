import { type Move, type Position, type Rung, rungOf, type Thing } from './move';

/**
 * A move as it is done: on one of its rungs (none where it has no ladder), in a position. Words, motion, demands, cautions
 * and things are those of a variant, and of nothing less.
 */
export interface Variant<M = Move> {
  readonly move: M;
  readonly rung: Rung | undefined;
  readonly position: Position;
}

const made = new WeakMap<object, Map<string, Variant<unknown>>>();

/**
 * The variant of a move on a rung (the usual one for none, or for a name that it does not have) in a position. The same
 * three always give the same object, so that what is worked out for it can be kept with it.
 */
export const variantOf = <M extends Pick<Move, 'rungs' | 'usualRung'>>(
  move: M,
  rungName: string | undefined,
  position: Position,
): Variant<M> => {
  const rung = rungOf(move, rungName);
  const key = `${position}|${rung?.name ?? ''}`;
  const ofMove = made.get(move) ?? new Map<string, Variant<unknown>>();
  const known = ofMove.get(key);
  if (known) return known as Variant<M>;
  const variant: Variant<M> = { move, rung, position };
  made.set(move, ofMove.set(key, variant));
  return variant;
};

/** A move where it is usually done, on a rung; on its usual one when left out. */
export const usualVariant = <M extends Pick<Move, 'rungs' | 'usualRung' | 'position'>>(
  move: M,
  rungName?: string,
): Variant<M> => variantOf(move, rungName, move.position);

const needed = new WeakMap<Variant, readonly Thing[]>();

/** What a variant needs, of the move and of the rung, each thing once. */
export const thingsOf = (variant: Variant): readonly Thing[] => {
  const known = needed.get(variant);
  if (known) return known;
  const { move, rung } = variant;
  const things = rung?.things.length ? [...new Set([...move.things, ...rung.things])] : move.things;
  needed.set(variant, things);
  return things;
};
