import {
  type Arrow,
  mirrorMotion,
  moveArrows,
  type Picture,
  pictureOf,
  pressArrows,
  reversed,
  stillOf,
} from '../figure';
import { Motion, type Move, type Position, type Side, type View, variantOf } from '../model';
import { motionOf } from '../needs';
import { feltOf } from './felt';

export type Drawn = Pick<
  Move,
  'figure' | 'muscles' | 'ways' | 'rungs' | 'usualRung' | 'position' | 'standing'
>;

const AT_REST = Motion.parse({ poses: [{}] });

/** The motion of a move on one of its rungs, where it is done, seen as asked; sitting at rest when it has none. */
export const shownMotion = (move: Drawn, rung?: string, view?: View, position?: Position): Motion => {
  const motion = motionOf(variantOf(move, rung, position ?? move.position)) ?? AT_REST;
  return view && view !== motion.view ? { ...motion, view } : motion;
};

/** A still picture with its arrows. */
export interface Still extends Picture {
  arrows: Arrow[];
  /** Limbs that move, in moves with two ways; null where both sides do the same. */
  moving: { names: ReadonlySet<string>; side: Side } | null;
}

const LIMB = /^(left|right) (upper arm|forearm|thigh|shin|shoe)$/;

/** The limbs of the way's own side that have gone somewhere. */
export const movingLimbs = (move: Drawn, ghost: readonly { name: string }[], side: Side): Still['moving'] => {
  if (move.ways.pattern === 'together') return null;
  const names = ghost.map((s) => s.name).filter((name) => LIMB.test(name) && name.startsWith(side));
  return { names: new Set(names), side };
};

const drawn = new WeakMap<object, Map<string, Still>>();

/** The still picture of one way of a move, in the first or the second of two directions; drawn once and kept. */
export const stillPicture = (
  move: Drawn,
  side: Side,
  rung?: string,
  view?: View,
  position?: Position,
  second = false,
): Still => {
  const variant = variantOf(move, rung, position ?? move.position);
  const key = `${side}|${view ?? ''}|${second}`;
  const known = drawn.get(variant)?.get(key);
  if (known) return known;
  const first = shownMotion(move, rung, view, position);
  const motion = second ? reversed(first) : first;
  const shown = side === 'right' ? mirrorMotion(motion) : motion;
  const picture = pictureOf(motion, { side, felt: feltOf(move, side) });
  const still: Still = {
    ...picture,
    moving: movingLimbs(move, picture.ghost, side),
    arrows: [...moveArrows(shown, side), ...pressArrows(stillOf(shown), shown, side)],
  };
  const ofVariant = drawn.get(variant) ?? new Map<string, Still>();
  drawn.set(variant, ofVariant.set(key, still));
  return still;
};
