import { allPoses, angleOf } from '../figure';
import type { JointName, Motion, Pose, Variant } from '../model';
import { motionOf } from '../needs/demands';

/** The poses a variant really goes through. */
const posesOf = (variant: Variant): readonly Pose[] => {
  const motion = motionOf(variant);
  return motion ? allPoses(motion) : [];
};

const sum = (pose: Pose, ...names: JointName[]): number =>
  names.reduce((n, name) => n + angleOf(pose, name), 0);

/** How far the head is tipped back in a pose, degrees; 0 or less when it is not. */
const tippedBack = (pose: Pose): number => -sum(pose, 'neck.flex', 'neck.nod');

/** What the head does at its farthest: tipped back, and turned while it is tipped back. */
export const headOf = (variant: Variant): { backDeg: number; turnDeg: number } =>
  posesOf(variant).reduce(
    (most, pose) => {
      const backDeg = tippedBack(pose);
      const turnDeg = backDeg >= TIPPED_DEG ? Math.abs(angleOf(pose, 'neck.turn')) : 0;
      return { backDeg: Math.max(most.backDeg, backDeg), turnDeg: Math.max(most.turnDeg, turnDeg) };
    },
    { backDeg: 0, turnDeg: 0 },
  );
/** From here on the head counts as tipped back. Common practice, no source. */
export const TIPPED_DEG = 15;

/** How far the trunk leans or folds forward, and how far it is turned meanwhile, degrees. */
export const foldOf = (variant: Variant): { foldDeg: number; turnDeg: number } =>
  posesOf(variant).reduce(
    (most, pose) => {
      const foldDeg = angleOf(pose, 'trunk.hinge') + Math.max(0, sum(pose, 'low.flex', 'upper.flex')) / 2;
      const turnDeg = foldDeg >= FOLDED_DEG ? Math.abs(sum(pose, 'low.turn', 'upper.turn')) : 0;
      return { foldDeg: Math.max(most.foldDeg, foldDeg), turnDeg: Math.max(most.turnDeg, turnDeg) };
    },
    { foldDeg: 0, turnDeg: 0 },
  );
/** From here on a fold counts as deep. Common practice, no source. */
export const FOLDED_DEG = 35;

/** Swings that are looked at, as sums of the joints that make one movement. Fingers and toes are too small to count. */
const SWINGS: readonly (readonly JointName[])[] = [
  ['neck.flex', 'neck.nod'],
  ['neck.side'],
  ['neck.turn'],
  ['trunk.hinge', 'low.flex', 'upper.flex'],
  ['low.side', 'upper.side'],
  ['low.turn', 'upper.turn'],
  ...(['left', 'right'] as const).flatMap((side): JointName[][] => [
    [`${side}.shoulder.lift`],
    [`${side}.arm.raise`],
    [`${side}.arm.across`],
    [`${side}.elbow.bend`],
    [`${side}.wrist.bend`],
    [`${side}.hip.bend`],
    [`${side}.knee.bend`],
    [`${side}.ankle.bend`],
  ]),
];

const rangeOfMotion = ({ poses }: Motion): number =>
  Math.max(
    ...SWINGS.map((names) => {
      const angles = poses.map((p) => sum(p, ...names));
      return Math.max(...angles) - Math.min(...angles);
    }),
  );

const ranges = new WeakMap<Variant, number>();

/** How large a movement is: its widest swing, degrees; 0 without a figure. */
export const rangeOf = (variant: Variant): number => {
  const known = ranges.get(variant);
  if (known !== undefined) return known;
  const motion = motionOf(variant);
  const range = motion ? rangeOfMotion(motion) : 0;
  ranges.set(variant, range);
  return range;
};
