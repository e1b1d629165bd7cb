import type { FeltSpot, Pose } from '../model';

const flip = (spot: FeltSpot): FeltSpot => {
  if (spot.endsWith(' left')) return spot.replace(/left$/, 'right') as FeltSpot;
  return spot.replace(/ right$/, ' left') as FeltSpot;
};

/** Minus zero would differ from zero in a comparison. */
const minus = (deg: number): number => (deg === 0 ? 0 : -deg);

/** The pose of the other way: left and right changed over throughout. */
export const mirrorPose = (pose: Pose): Pose => ({
  ...pose,
  headTilt: minus(pose.headTilt),
  headTurn: minus(pose.headTurn),
  lean: minus(pose.lean),
  turn: minus(pose.turn),
  left: pose.right,
  right: pose.left,
  felt: pose.felt.map(flip),
});
