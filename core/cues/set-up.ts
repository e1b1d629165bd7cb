import { type Cues, type Move, type Rung, rungOf, type Variant } from '../model';
import { english, type Say } from '../words';

const ROLES = ['say', 'again', 'turn', 'go', 'feel', 'check', 'breathe', 'last', 'back'] as const;

/** The words that a rung, or standing, has of its own. */
const ownOf = (rung: Partial<Cues> | undefined): Partial<Cues> =>
  Object.fromEntries(ROLES.flatMap((role) => (rung?.[role] === undefined ? [] : [[role, rung[role]]])));

/** Rungs below this share of the move are done small: they stay clear of the end of the range. */
export const SMALL_SHARE = 0.8;

/** What a smaller rung adds to the set-up of the move, where it has no words of its own: nobody would do it small otherwise. */
const onlyHalf = (move: Move, say: Say): string =>
  say(move.ways.directions ? 'onlyHalfLarge' : 'onlyHalfFar');

/** How small comes before what is done afterwards (“Then change arms.”), and else at the end. */
const smaller = (words: string, only: string): string => {
  const [then] = words.match(/ Then [^.]*\.$/) ?? [''];
  return `${words.slice(0, words.length - then.length)} ${only}${then}`;
};

/** Is it the usual rung of a move, whose words the move itself has? */
const isUsual = (move: Move, rung: Rung): boolean => rung === rungOf(move);

const made = new WeakMap<Variant, Map<boolean, Cues>>();

/**
 * All words of a variant: the rung's, else the move's. Standing, a seated move has other words where the seat is spoken of: the rung's own,
 * else the move's, unless the rung says that line in its own words anyway. `oneByOne`: a move that usually goes from side
 * to side is done on one side first, and then on the other. A smaller
 * rung without a set-up of its own says that it is smaller.
 */
export const cuesOf = (variant: Variant, oneByOne = false, say: Say = english): Cues => {
  const { move, rung, position } = variant;
  // Only English is asked for again and again.
  const known = say === english ? made.get(variant)?.get(oneByOne) : undefined;
  if (known) return known;
  const own = ownOf(rung);
  const upright = position === 'standing' && move.position !== 'standing';
  const cues: Cues = {
    ...move.cues,
    ...(upright && ownOf(move.standing)),
    ...own,
    ...(upright && ownOf(rung?.standing)),
    ...(oneByOne && ownOf(move.oneByOne)),
    ...(oneByOne && ownOf(rung?.oneByOne)),
  };
  if (rung && rung.share < SMALL_SHARE && rung.say === undefined && !isUsual(move, rung))
    cues.say = smaller(cues.say, onlyHalf(move, say));
  if (say !== english) return cues;
  const ofVariant = made.get(variant) ?? new Map<boolean, Cues>();
  made.set(variant, ofVariant.set(oneByOne, cues));
  return cues;
};
