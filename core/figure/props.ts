import type { Pose, Prop } from '../model';
import { ball, oval, type Wrap } from './hull';
import { gripOf, type Part } from './parts';
import { ROLL_CM, type Skeleton } from './skeleton';
import { type Vec, WORLD } from './space';

const box = (x: [number, number], y: [number, number], z: [number, number], r: number): Wrap =>
  x.flatMap((px) => y.flatMap((py) => z.map((pz) => ball([px, py, pz], r))));
const bar = (a: Vec, b: Vec, r: number): Wrap => [ball(a, r), ball(b, r)];

/**
 * The seat lies under the hips; on its edge, and just off it, the hips have come forward. Standing, the seat is out of
 * the way, and a chair that is held stands before the hands.
 */
const seatZ = (pose: Pose, s: Skeleton, held: boolean): number => {
  if (pose.base === 'edge' || pose.base === 'off the seat') return -9;
  if (pose.base !== 'stand') return 3;
  return held ? farHandZ(s) + 26 : -46;
};
const farHandZ = ({ arm }: Skeleton): number => Math.max(gripOf(arm.left.hand)[2], gripOf(arm.right.hand)[2]);

/** A desk stands where a seated person has it, or under the hands of a standing one. */
const deskWraps = (pose: Pose, { arm }: Skeleton): Wrap[] => {
  const standing = pose.base === 'stand';
  const [near, top] = standing
    ? [Math.min(gripOf(arm.left.hand)[2], gripOf(arm.right.hand)[2]) - 6, gripOf(arm.left.hand)[1] - 4]
    : [50, 68];
  return [
    box([-40, 40], [top, top], [near, near + 40], 1.6),
    bar([-38, top - 2, near + 34], [-38, 2, near + 34], 1.6),
    bar([38, top - 2, near + 34], [38, 2, near + 34], 1.6),
  ];
};
/** A desk beside the seat, within reach of whoever turns to it. */
const deskBeside = (side: 1 | -1): Wrap[] => {
  const [near, far] = [side * 33, side * 57];
  return [
    box([near, far], [65, 65], [-14, 56], 1.6),
    ...[-12, 54].map((z) => bar([far, 63, z], [far, 2, z], 1.6)),
  ];
};
const SEAT_TOP = 39.6;

const stool = (z: number): Wrap[] => [
  [oval(WORLD, [0, SEAT_TOP - 2.4, z], [24, 2.4, 18])],
  ...([-1, 1] as const).flatMap((s) => [
    bar([s * 17, SEAT_TOP - 4, z + 8], [s * 22, 1.4, z + 13], 1.4),
    bar([s * 17, SEAT_TOP - 4, z - 8], [s * 22, 1.4, z - 13], 1.4),
  ]),
];

const chairBack = (z: number): Wrap[] => [
  box([-15, 15], [58, 82], [z - 22, z - 22], 2.2),
  bar([0, SEAT_TOP - 4, z - 16], [0, 60, z - 22], 2.2),
];

/** The back of a chair on which somebody sits sideways. */
const backBeside = (side: 1 | -1): Wrap[] => [
  box([side * 25, side * 25], [58, 82], [-14, 16], 2.2),
  bar([side * 19, SEAT_TOP - 4, 1], [side * 25, 60, 1], 2.2),
];

/** A wall stands beside the higher hand of those that touch it. */
const wallAt = ({ arm }: Skeleton): Wrap => {
  const [l, r] = [gripOf(arm.left.hand), gripOf(arm.right.hand)];
  const far = Math.abs(l[0]) > Math.abs(r[0]) ? l[0] : r[0];
  const x = far + Math.sign(far) * 4;
  return box([x, x + Math.sign(far) * 2], [1, 168], [-30, 42], 1);
};

const wrapsOf = (prop: Prop, pose: Pose, s: Skeleton): Wrap[] => {
  const z = seatZ(pose, s, prop === 'chair');
  switch (prop) {
    case 'stool':
      return stool(z);
    case 'chair':
      return [...stool(z), ...chairBack(z)];
    case 'backrest on the left':
      return backBeside(-1);
    case 'backrest on the right':
      return backBeside(1);
    case 'desk':
      return deskWraps(pose, s);
    case 'desk on the left':
      return deskBeside(-1);
    case 'desk on the right':
      return deskBeside(1);
    case 'wall':
      return [wallAt(s)];
    case 'strap':
      return [bar(gripOf(s.arm.left.hand), gripOf(s.arm.right.hand), 1)];
    case 'mat':
      return [
        / side$/.test(pose.base)
          ? box([-95, 95], [0.8, 0.8], [-26, 26], 1)
          : box([-40, 40], [0.8, 0.8], [-95, 95], 1),
      ];
    case 'roll':
      return [bar([0, ROLL_CM / 2, -78], [0, ROLL_CM / 2, 10], ROLL_CM / 2)];
  }
};

/** What stands and lies around the body. */
export const propParts = (props: readonly Prop[], pose: Pose, s: Skeleton): Part[] =>
  props.flatMap((prop, p) =>
    wrapsOf(prop, pose, s).map(
      (wrap, i): Part => ({
        name: `prop ${p * 20 + i}`,
        tone: prop === 'strap' ? 'prop' : 'seat',
        wraps: [wrap],
      }),
    ),
  );
