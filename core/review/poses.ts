import { allPoses, angleOf } from '../figure';
import type { JointName, Motion, Pose, Variant } from '../model';
import { motionOf } from '../needs/demands';
import { jointMotion } from '../reference';

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

/** A swing: the joints that make one movement together, and, of head and trunk, how far it usually goes from end to end. */
interface Swing {
  joints: readonly JointName[];
  spanDeg?: number;
  /** What moves along in one go: a whole arm, a whole leg. Each direction of head and trunk is by itself. */
  limb?: string;
}
const M = jointMotion;
/**
 * Swings that are looked at. Fingers and toes are too small to count. A head turns much farther than it tilts, so what it and
 * the trunk do is taken as a share of what they can do in that direction (as published); arms and legs by the way they make.
 */
const SWINGS: readonly Swing[] = [
  { joints: ['neck.flex', 'neck.nod'], spanDeg: M.neckFlexionDeg + M.neckExtensionDeg },
  { joints: ['neck.side'], spanDeg: 2 * M.neckSideDeg },
  { joints: ['neck.turn'], spanDeg: 2 * M.neckTurnDeg },
  // From the hips as well, so that its way is longer than that of the spine alone.
  { joints: ['trunk.hinge', 'low.flex', 'upper.flex'] },
  { joints: ['low.side', 'upper.side'], spanDeg: 2 * M.trunkSideDeg },
  { joints: ['low.turn', 'upper.turn'], spanDeg: 2 * M.trunkTurnDeg },
  ...(['left', 'right'] as const).flatMap((side): Swing[] => [
    { joints: [`${side}.shoulder.lift`], limb: `${side} arm` },
    { joints: [`${side}.arm.raise`], limb: `${side} arm` },
    { joints: [`${side}.arm.across`], limb: `${side} arm` },
    { joints: [`${side}.elbow.bend`], limb: `${side} arm` },
    { joints: [`${side}.wrist.bend`] },
    { joints: [`${side}.hip.bend`], limb: `${side} leg` },
    { joints: [`${side}.knee.bend`], limb: `${side} leg` },
    { joints: [`${side}.ankle.bend`] },
  ]),
];
/** What the whole of a movement of head or trunk counts: half a turn, as the longest way of an arm does. */
export const WHOLE_DEG = 180;

const swingsOfMotion = ({ poses }: Motion): number[] =>
  SWINGS.map(({ joints, spanDeg }) => {
    const angles = poses.map((p) => sum(p, ...joints));
    const deg = Math.max(...angles) - Math.min(...angles);
    return spanDeg === undefined ? deg : (deg / spanDeg) * WHOLE_DEG;
  });

const swings = new WeakMap<Variant, readonly number[]>();

const swingsOf = (variant: Variant): readonly number[] => {
  const known = swings.get(variant);
  if (known) return known;
  const motion = motionOf(variant);
  const made = motion ? swingsOfMotion(motion) : [0];
  swings.set(variant, made);
  return made;
};

/** How large a movement is: its widest swing, in degrees or, of head and trunk, as many of 180 as it takes of the whole; 0 without a figure. */
export const rangeOf = (variant: Variant): number => Math.max(...swingsOf(variant));

/** True when one movement does what is the widest swing of another as well, at least as far: the other is a small one of it. */
export const takesIn = (variant: Variant, small: Variant): boolean => {
  const least = rangeOf(small);
  const own = swingsOf(variant);
  return swingsOf(small).some((deg, i) => {
    if (deg < least) return false;
    const limb = SWINGS[i]?.limb;
    return SWINGS.some(
      (s, n) => (n === i || (limb !== undefined && s.limb === limb)) && (own[n] ?? 0) >= least,
    );
  });
};
