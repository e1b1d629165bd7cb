import { z } from 'zod';

const deg = (min: number, max: number) => z.number().min(min).max(max);

/**
 * One arm, seen from the front, in degrees. `raise`: upper arm from hanging (0) out to the side (90) and
 * overhead (180); negative crosses the body. `bend`: elbow, positive folds the hand inwards and up.
 */
const Arm = z.object({
  raise: deg(-80, 180).default(8),
  bend: deg(-170, 170).default(-10),
  /** Raises the shoulder itself, 0 to 1. */
  shrug: deg(0, 1).default(0),
  /** Bend of the hand on the forearm, seen from the front. */
  wrist: deg(-90, 90).default(0),
  /** Foreshortening of the forearm: 1 lies in the plane of the page, 0.2 points at the viewer. */
  reach: deg(0.2, 1).default(1),
  /** Foreshortening of the upper arm. */
  upper: deg(0.2, 1).default(1),
});

/** A pose as joint angles, of the left way of a move; the right way is its mirror image. */
export const Pose = z.object({
  /** Head side bend, degrees, positive to the person's left. */
  headTilt: deg(-45, 45).default(0),
  /** Head turn, degrees, positive to the person's left. */
  headTurn: deg(-80, 80).default(0),
  /** Head nod, degrees, positive chin down. */
  headNod: deg(-45, 45).default(0),
  /** Trunk side bend, degrees, positive to the person's left. */
  lean: deg(-35, 35).default(0),
  /** Trunk turn, degrees, positive to the person's left. */
  turn: deg(-45, 45).default(0),
  /** Trunk rounding, degrees, positive rounds forward. */
  round: deg(-25, 80).default(0),
  left: Arm.prefault({}),
  right: Arm.prefault({}),
  /** Where the left way is felt. */
  felt: z
    .array(
      z.enum([
        'neck left',
        'neck right',
        'neck back',
        'neck front',
        'shoulder left',
        'shoulder right',
        'side left',
        'side right',
        'chest',
        'upper back',
        'low back',
        'forearm left',
        'forearm right',
        'hand left',
        'hand right',
        'belly',
      ]),
    )
    .default([]),
});
export type Pose = z.infer<typeof Pose>;
export type FeltSpot = Pose['felt'][number];
