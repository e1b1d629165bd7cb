import type { Muscle, Side } from '../model';
import { ball, oval, type Wrap } from './hull';
import { inHand, onHead, type PartName } from './parts';
import { outward, SIDES, type Skeleton } from './skeleton';
import { add, mix, place, scale, type Vec } from './space';

/** A tinted place of the body: its shape, the piece it lies on, and which way it faces. */
export interface FeltMark {
  muscle: Muscle;
  side: Side;
  wraps: Wrap[];
  on: PartName;
  normal: Vec;
}

type Made = Pick<FeltMark, 'wraps' | 'on' | 'normal'>;
type Maker = (s: Skeleton, side: Side) => Made;

const strip = (on: Made['on'], normal: Vec, ...points: [Vec, number][]): Made => ({
  on,
  normal,
  wraps:
    points.length === 1
      ? [points.map(([at, r]) => ball(at, r))]
      : points.slice(1).map(([at, r], i): Wrap => {
          const [from, fromR] = points[i] as [Vec, number];
          return [ball(from, fromR), ball(at, r)];
        }),
});

const upperArm = (s: Skeleton, side: Side, t: number): Vec => mix(s.arm[side].shoulder, s.arm[side].elbow, t);
const forearm = (s: Skeleton, side: Side, t: number): Vec =>
  mix(s.arm[side].elbow, s.arm[side].hand.wrist, t);
const thigh = (s: Skeleton, side: Side, t: number): Vec => mix(s.leg[side].hip, s.leg[side].knee, t);
const shin = (s: Skeleton, side: Side, t: number): Vec => mix(s.leg[side].knee, s.leg[side].ankle, t);
const back = (v: Vec): Vec => scale(v, -1);

/** A strip on the arm or leg between two shares of its length. */
const onLimb =
  (
    at: typeof upperArm,
    part: 'upper arm' | 'forearm' | 'thigh' | 'shin',
    from: number,
    to: number,
    r: number,
    facing: (s: Skeleton) => Vec,
  ): Maker =>
  (s, side) =>
    strip(`${side} ${part}`, facing(s), [at(s, side, from), r], [at(s, side, to), r * 0.8]);

const forward = (s: Skeleton): Vec => s.top.fwd;
const backward = (s: Skeleton): Vec => back(s.top.fwd);
const noFacing = (): Vec => [0, 0, 0];

const neckSide: Maker = (s, side) => {
  const [n, h, t] = [outward(s.neck, side), outward(s.head, side), outward(s.top, side)];
  return strip(
    'neck',
    scale(t.right, 0.3),
    [onHead(h, [4.6, -5.6, -0.6]), 2.2],
    [place(n, [4.6, 1.2, 0]), 2.6],
    [mix(s.arm[side].shoulder, place(t, [6, 12, 0]), 0.25), 3],
  );
};
const neckBackSide: Maker = (s, side) => {
  const [n, h, t] = [outward(s.neck, side), outward(s.head, side), outward(s.top, side)];
  return strip(
    'neck',
    scale(backward(s), 0.9),
    [onHead(h, [3.4, -5, -3.6]), 2],
    [place(n, [3.8, 1, -2.4]), 2.4],
    [place(t, [8, 7.5, -7]), 2.6],
  );
};
const neckFrontSide: Maker = (s, side) => {
  const [n, h] = [outward(s.neck, side), outward(s.head, side)];
  return strip('neck', scale(forward(s), 0.4), [onHead(h, [5, -4.6, 0]), 1.8], [place(n, [1.8, -1.6, 4]), 2]);
};
const chestSide: Maker = (s, side) => {
  const t = outward(s.top, side);
  return strip(
    'trunk',
    forward(s),
    [place(t, [4.5, 4, 8.4]), 3.6],
    [mix(s.arm[side].shoulder, place(t, [9, 6, 8]), 0.45), 3.2],
  );
};
const sideOfTrunk =
  (top: number): Maker =>
  (s, side) => {
    const [p, l, m, t] = [
      outward(s.pelvis, side),
      outward(s.low, side),
      outward(s.mid, side),
      outward(s.top, side),
    ];
    const points: [Vec, number][] = [
      [place(p, [13, 2, 0]), 2.6],
      [place(l, [12, 3, 0]), 2.8],
      [place(m, [12.4, 2, 0]), 3],
      [place(t, [13.4, 3, 0]), 3.2],
    ];
    return strip('trunk', scale(t.right, 0.2), ...points.slice(0, top));
  };
const backStrip =
  (from: number, to: number): Maker =>
  (s, side) => {
    const frames = [s.pelvis, s.low, s.mid, s.top].map((f) => outward(f, side));
    const points = frames.map((f, i): [Vec, number] => [place(f, [4, 2 + (i === 3 ? 4 : 0), -8.6]), 2.8]);
    return strip('trunk', backward(s), ...points.slice(from, to + 1));
  };
const handSpot =
  (out: number): Maker =>
  (s, side) => {
    const h = s.arm[side].hand;
    return strip(
      `${side} hand`,
      scale(h.palm, out),
      [inHand(h, 2, 0, out), 2.2],
      [inHand(h, 9, 0, out), 2.4],
    );
  };
const foot: Maker = (s, side) =>
  strip(
    `${side} shoe`,
    noFacing(),
    [mix(s.leg[side].ankle, s.leg[side].heel, 0.4), 2.4],
    [s.leg[side].ball, 2.4],
  );
const seatBack: Maker = (s, side) => {
  const p = outward(s.pelvis, side);
  return { on: 'trunk', normal: backward(s), wraps: [[oval(p, place(p, [8.5, -3, -6.5]), [5.6, 4.6, 4])]] };
};
const faceSpot =
  (x: number, y: number, z: number, r: number): Maker =>
  (s, side) =>
    strip('fringe', forward(s), [onHead(outward(s.head, side), [x, y, z]), r]);

/** Where on the figure each muscle group lies; anatomy as usually charted, simplified for the drawing. */
const MARKS: Record<Muscle, Maker> = {
  suboccipitals: (s, side) =>
    strip(
      'hair',
      scale(backward(s), 0.9),
      [onHead(outward(s.head, side), [2.6, -6, -5]), 2.2],
      [place(outward(s.neck, side), [2.6, 4, -3.6]), 2],
    ),
  'upper trapezius': neckSide,
  'levator scapulae': neckBackSide,
  scalenes: neckFrontSide,
  sternocleidomastoid: neckFrontSide,
  'deep neck flexors': (s, side) =>
    strip(
      'neck',
      scale(forward(s), 0.4),
      [onHead(outward(s.head, side), [1.4, -6.6, 2]), 1.6],
      [place(outward(s.neck, side), [1.4, 0, 3.6]), 1.8],
    ),
  'middle and lower trapezius': backStrip(2, 3),
  rhomboids: (s, side) => {
    const t = outward(s.top, side);
    return strip('trunk', backward(s), [place(t, [3, 2, -9]), 2.4], [place(t, [6, 6, -8.6]), 2.6]);
  },
  pectorals: chestSide,
  'anterior deltoid': onLimb(upperArm, 'upper arm', 0.02, 0.35, 3.6, noFacing),
  'posterior deltoid': onLimb(upperArm, 'upper arm', 0.02, 0.4, 3.8, noFacing),
  'rotator cuff': (s, side) => strip(`${side} upper arm`, noFacing(), [s.arm[side].shoulder, 4.4]),
  'latissimus dorsi': sideOfTrunk(4),
  'triceps brachii': onLimb(upperArm, 'upper arm', 0.25, 0.9, 3, noFacing),
  'forearm flexors': onLimb(forearm, 'forearm', 0.1, 0.85, 2.9, noFacing),
  'forearm extensors': onLimb(forearm, 'forearm', 0.1, 0.85, 2.9, noFacing),
  'hand intrinsics': handSpot(0.6),
  'thoracic spine': backStrip(1, 3),
  'lumbar erectors': backStrip(0, 1),
  obliques: sideOfTrunk(3),
  'quadratus lumborum': sideOfTrunk(2),
  'gluteals and piriformis': seatBack,
  'hip flexors': onLimb(thigh, 'thigh', 0.02, 0.35, 5, noFacing),
  hamstrings: onLimb(thigh, 'thigh', 0.3, 0.9, 4.4, noFacing),
  quadriceps: onLimb(thigh, 'thigh', 0.25, 0.9, 4.6, noFacing),
  adductors: (s, side) => {
    const inner = scale(outward(s.pelvis, side).right, -3);
    return strip(
      `${side} thigh`,
      noFacing(),
      [add(thigh(s, side, 0.2), inner), 3.4],
      [add(thigh(s, side, 0.75), inner), 2.8],
    );
  },
  calf: onLimb(shin, 'shin', 0.12, 0.6, 3.8, noFacing),
  'ankle and foot': foot,
  eyes: faceSpot(2.9, 1.2, 6.8, 1.7),
  'jaw and face': faceSpot(4.6, -4.2, 4.4, 2.2),
  diaphragm: (s, side) => {
    const l = outward(s.low, side);
    return { on: 'trunk', normal: forward(s), wraps: [[oval(l, place(l, [2, 5, 8]), [6.4, 5, 2])]] };
  },
};

/** The marks of some muscles, on one side or on both; what lies on one piece on both sides is one mark. */
export const feltMarks = (s: Skeleton, muscles: readonly Muscle[], side: Side | 'both'): FeltMark[] =>
  muscles.flatMap((muscle): FeltMark[] => {
    const made = SIDES.filter((here) => side === 'both' || side === here).map(
      (here): FeltMark => ({ muscle, side: here, ...MARKS[muscle](s, here) }),
    );
    const [one, other] = made;
    if (!one || !other || one.on !== other.on) return made;
    return [{ ...one, wraps: [...one.wraps, ...other.wraps] }];
  });
