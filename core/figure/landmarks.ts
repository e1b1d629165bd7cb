import type { Side } from '../model';
import { inHand, onHead } from './parts';
import { outward, type Skeleton } from './skeleton';
import { add, direct, mix, place, scale, type Vec } from './space';

/** A place a hand can go to, with the direction its palm and its fingers take there (of space, or left free). */
export interface Landing {
  at: Vec;
  palm?: Vec;
  along?: Vec;
}

const neg = (v: Vec): Vec => scale(v, -1);

/**
 * Places of the body by name, seen from one side: "own" is the side of the hand, "far" the other one.
 * Each says where the hand lands and how it lies there.
 */
const LANDMARKS = {
  /** The top and far side of the head: the hand comes over it. */
  'over the head': (s: Skeleton, side: Side): Landing => {
    const h = outward(s.head, side);
    return {
      at: onHead(h, [-5.5, 8, 0.5]),
      palm: neg(direct(h, [-0.75, 0.66, 0])),
      along: direct(h, [-0.7, -0.7, 0]),
    };
  },
  'back of the head': (s: Skeleton, side: Side): Landing => {
    const h = outward(s.head, side);
    return {
      at: onHead(h, [3.5, 0.5, -9]),
      palm: direct(h, [-0.2, 0, 1]),
      along: direct(h, [-0.9, 0.4, -0.2]),
    };
  },
  'back of the neck': (s: Skeleton, side: Side): Landing => {
    const n = outward(s.neck, side);
    return { at: place(n, [3, 4, -6.2]), palm: direct(n, [0, 0, 1]), along: direct(n, [-0.95, -0.2, 0]) };
  },
  'side of the neck': (s: Skeleton, side: Side): Landing => {
    const n = outward(s.neck, side);
    return {
      at: place(n, [5.5, 4.5, -2.5]),
      palm: direct(n, [-1, 0, 0]),
      along: direct(n, [-0.2, 0.6, -0.7]),
    };
  },
  chin: (s: Skeleton, side: Side): Landing => {
    const h = outward(s.head, side);
    return {
      at: onHead(h, [0.5, -8.6, 7]),
      palm: direct(h, [0, 0.4, -0.9]),
      along: direct(h, [-0.6, 0.7, 0]),
    };
  },
  temple: (s: Skeleton, side: Side): Landing => {
    const h = outward(s.head, side);
    return {
      at: onHead(h, [6.8, 2, 4.5]),
      palm: direct(h, [-0.9, 0, -0.4]),
      along: direct(h, [-0.1, 0.9, 0.2]),
    };
  },
  brow: (s: Skeleton, side: Side): Landing => {
    const h = outward(s.head, side);
    return { at: onHead(h, [3, 4.5, 7.4]), palm: direct(h, [0, 0, -1]), along: direct(h, [-0.7, 0.7, 0]) };
  },
  eye: (s: Skeleton, side: Side): Landing => {
    const h = outward(s.head, side);
    return { at: onHead(h, [3.4, 0.5, 8.4]), palm: direct(h, [0, 0, -1]), along: direct(h, [-0.35, 0.9, 0]) };
  },
  jaw: (s: Skeleton, side: Side): Landing => {
    const h = outward(s.head, side);
    return {
      at: onHead(h, [5.8, -4.5, 3.6]),
      palm: direct(h, [-0.9, 0.1, -0.3]),
      along: direct(h, [0, 0.9, -0.3]),
    };
  },
  crown: (s: Skeleton, side: Side): Landing => {
    const h = outward(s.head, side);
    return {
      at: onHead(h, [4.6, 9.6, 0]),
      palm: direct(h, [-0.3, -0.95, 0]),
      along: direct(h, [-0.7, 0.3, -0.4]),
    };
  },
  'base of the skull': (s: Skeleton, side: Side): Landing => {
    const h = outward(s.head, side);
    return {
      at: onHead(h, [4.2, -5.4, -6.6]),
      palm: direct(h, [-0.3, 0.2, 0.9]),
      along: direct(h, [-0.7, 0.6, 0]),
    };
  },
  'own shoulder': (s: Skeleton, side: Side): Landing => ({
    at: add(s.arm[side].shoulder, direct(outward(s.top, side), [0.5, 5.6, 1.5])),
    palm: direct(s.top, [0, -1, 0]),
    along: direct(outward(s.top, side), [0.2, 0, -1]),
  }),
  'far shoulder': (s: Skeleton, side: Side): Landing => {
    const other = side === 'left' ? 'right' : 'left';
    return {
      at: add(mix(s.arm[other].shoulder, s.neck.at, 0.15), direct(outward(s.top, side), [0, 5.4, 2.5])),
      palm: direct(s.top, [0, -0.9, -0.3]),
      along: direct(outward(s.top, side), [-0.7, 0.2, -0.7]),
    };
  },
  'far upper arm': (s: Skeleton, side: Side): Landing => {
    const arm = s.arm[side === 'left' ? 'right' : 'left'];
    return {
      at: add(mix(arm.shoulder, arm.elbow, 0.72), direct(s.top, [0, 0, 5])),
      palm: direct(s.top, [0, 0, -1]),
      along: direct(outward(s.top, side), [-0.8, 0.5, 0]),
    };
  },
  'far elbow': (s: Skeleton, side: Side): Landing => {
    const arm = s.arm[side === 'left' ? 'right' : 'left'];
    return {
      at: add(arm.elbow, direct(outward(s.top, side), [0, 1.5, 3.5])),
      palm: direct(s.top, [0, 0, -1]),
    };
  },
  'far forearm': (s: Skeleton, side: Side): Landing => {
    const arm = s.arm[side === 'left' ? 'right' : 'left'];
    return { at: add(mix(arm.elbow, arm.hand.wrist, 0.55), [0, 4, 0]), palm: [0, -1, 0] };
  },
  'far wrist': (s: Skeleton, side: Side): Landing => {
    const arm = s.arm[side === 'left' ? 'right' : 'left'];
    return { at: arm.hand.wrist };
  },
  'far palm': (s: Skeleton, side: Side): Landing => {
    const { hand } = s.arm[side === 'left' ? 'right' : 'left'];
    return { at: inHand(hand, 8, 0, 3.4), palm: neg(hand.palm), along: hand.along };
  },
  'far fingers': (s: Skeleton, side: Side): Landing => {
    const { hand } = s.arm[side === 'left' ? 'right' : 'left'];
    return { at: inHand(hand, 11.5, 0, 2.6), palm: neg(hand.palm), along: neg(hand.thumb) };
  },
  'back of far hand': (s: Skeleton, side: Side): Landing => {
    const { hand } = s.arm[side === 'left' ? 'right' : 'left'];
    return { at: inHand(hand, 9, 0, -3), palm: hand.palm, along: neg(hand.thumb) };
  },
  chest: (s: Skeleton, side: Side): Landing => {
    const t = outward(s.top, side);
    return { at: place(t, [0.5, 4, 11.4]), palm: direct(t, [0, 0, -1]), along: direct(t, [-0.95, 0.2, 0]) };
  },
  collarbone: (s: Skeleton, side: Side): Landing => {
    const t = outward(s.top, side);
    return { at: place(t, [-5, 8.4, 9.6]), palm: direct(t, [0, 0, -1]), along: direct(t, [-0.9, 0.4, 0]) };
  },
  'own collarbone': (s: Skeleton, side: Side): Landing => {
    const t = outward(s.top, side);
    return { at: place(t, [6, 7.6, 10]), palm: direct(t, [0, 0, -1]), along: direct(t, [-0.7, 0.6, 0]) };
  },
  belly: (s: Skeleton, side: Side): Landing => {
    const l = outward(s.low, side);
    return { at: place(l, [0.5, 2, 11.6]), palm: direct(l, [0, 0, -1]), along: direct(l, [-0.95, 0, 0]) };
  },
  'low back': (s: Skeleton, side: Side): Landing => {
    const l = outward(s.low, side);
    return { at: place(l, [5, -2, -11]), palm: direct(l, [0, 0, 1]), along: direct(l, [-0.8, -0.5, 0]) };
  },
  'behind the back': (s: Skeleton, side: Side): Landing => {
    const l = outward(s.low, side);
    return { at: place(l, [1.5, 1, -14]), palm: direct(l, [0, 0, -1]), along: direct(l, [-0.6, -0.8, 0]) };
  },
  'own thigh': (s: Skeleton, side: Side): Landing => {
    const leg = s.leg[side];
    return {
      at: add(mix(leg.hip, leg.knee, 0.62), [0, 7.6, 0]),
      palm: [0, -1, 0],
      along: [0, -0.05, 1],
    };
  },
  'own knee': (s: Skeleton, side: Side): Landing => ({
    at: add(s.leg[side].knee, [0, 6.5, 1]),
    palm: [0, -0.95, -0.3],
    along: [0, -0.4, 0.9],
  }),
  'far knee': (s: Skeleton, side: Side): Landing => {
    const other = side === 'left' ? 'right' : 'left';
    return {
      at: add(s.leg[other].knee, add([0, 6, -3], direct(outward(s.pelvis, side), [-2.5, 0, 0]))),
      palm: [0, -0.9, 0],
      along: direct(outward(s.pelvis, side), [-0.7, -0.2, 0.6]),
    };
  },
  'under own thigh': (s: Skeleton, side: Side): Landing => {
    const leg = s.leg[side];
    return { at: add(mix(leg.hip, leg.knee, 0.3), [0, -8.2, 0]), palm: [0, -1, 0], along: [0, 0, 1] };
  },
  'own ankle': (s: Skeleton, side: Side): Landing => ({
    at: add(s.leg[side].ankle, [0, 2, 3.5]),
    palm: [0, 0, -1],
  }),
  'own sole': (s: Skeleton, side: Side): Landing => ({
    at: add(s.leg[side].ball, [0, -2.5, 0]),
    palm: [0, 1, 0],
    along: [0, 0, -1],
  }),
  'own toes': (s: Skeleton, side: Side): Landing => ({ at: s.leg[side].toe }),
  seat: (s: Skeleton, side: Side): Landing => {
    const p = outward({ ...s.pelvis, up: [0, 1, 0], fwd: [0, 0, 1], right: [1, 0, 0] }, side);
    return { at: place(p, [21, -8, 1]), palm: [0, -1, 0], along: [0, -0.3, 0.9] };
  },
  'under the seat': (s: Skeleton, side: Side): Landing => {
    const p = outward({ ...s.pelvis, up: [0, 1, 0], fwd: [0, 0, 1], right: [1, 0, 0] }, side);
    return {
      at: place(p, [22, -12, 2]),
      palm: direct(p, [-0.4, 0.9, 0]),
      along: direct(p, [-0.8, -0.2, 0.3]),
    };
  },
  'chair back': (s: Skeleton, side: Side): Landing => {
    const p = outward({ ...s.pelvis, up: [0, 1, 0], fwd: [0, 0, 1], right: [1, 0, 0] }, side);
    return { at: place(p, [14, 24, -29]), palm: [0, -0.6, -0.7], along: [0, -0.5, -0.8] };
  },
  'chair back, far side': (s: Skeleton, side: Side): Landing => {
    const p = outward({ ...s.pelvis, up: [0, 1, 0], fwd: [0, 0, 1], right: [1, 0, 0] }, side);
    return { at: place(p, [-12, 26, -29]), palm: [0, -0.6, -0.7], along: [0, -0.5, -0.8] };
  },
  'desk edge': (_: Skeleton, side: Side): Landing => ({
    at: [side === 'left' ? -16 : 16, 71, 53],
    palm: [0, -1, 0],
    along: [0, 0, 1],
  }),
  'desk beside': (_: Skeleton, side: Side): Landing => {
    const out = side === 'left' ? -1 : 1;
    return { at: [out * 39, 68, 12], palm: [0, -1, 0], along: [out, 0, 0.4] };
  },
  'desk beside, far side': (_: Skeleton, side: Side): Landing => {
    const over = side === 'left' ? 1 : -1;
    return { at: [over * 37, 68, 27], palm: [0, -1, 0], along: [over, 0, 0.2] };
  },
} as const;
export type LandmarkName = keyof typeof LANDMARKS;
export const LANDMARK_NAMES = Object.keys(LANDMARKS) as LandmarkName[];

/** Where a named place is in a pose, for one hand. */
export const landingOf = (name: LandmarkName, s: Skeleton, side: Side): Landing => LANDMARKS[name](s, side);
