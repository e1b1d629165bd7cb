import { z } from 'zod';
import { JOINT_NAMES, type JointName, jointInfo } from './joint';

/** What carries the body: the back of the seat, its front edge, the feet, or the floor. */
export const Base = z.enum([
  'back',
  'edge',
  'off the seat',
  'stand',
  'cross-legged',
  'lying on the back',
  'lying along a roll',
  'lying on the right side',
  'lying on the left side',
]);
export type Base = z.infer<typeof Base>;

/** Where a pressure arrow points, from the moving person. */
export const Toward = z.enum(['up', 'down', 'forward', 'back', 'left', 'right']);
export type Toward = z.infer<typeof Toward>;

/** Where a pressure arrow sits. */
export const PressPoint = z.enum([
  'head',
  'left hand',
  'right hand',
  'left elbow',
  'right elbow',
  'left knee',
  'right knee',
  'left foot',
  'right foot',
  'chest',
]);
export type PressPoint = z.infer<typeof PressPoint>;

const Angles = z
  .partialRecord(z.enum(JOINT_NAMES as unknown as [JointName, ...JointName[]]), z.number())
  .superRefine((angles, ctx) => {
    for (const [name, value] of Object.entries(angles)) {
      const { least, most, unit } = jointInfo(name as JointName);
      if (value < least || value > most)
        ctx.addIssue({
          code: value < least ? 'too_small' : 'too_big',
          origin: 'number',
          minimum: least,
          maximum: most,
          input: value,
          path: [name],
          message: `must lie from ${least} to ${most} ${unit}`,
        } as never);
    }
  });

/**
 * A pose as joint angles, of the left way of a move; the right way is its mirror image. A joint that is not
 * named rests: sitting tall with the hands on the thighs, or standing with the arms hanging.
 */
export const Pose = z.object({
  base: Base.default('back'),
  angles: Angles.default({}),
  /** Pressure without movement, shown by a small arrow. */
  press: z
    .array(z.object({ on: PressPoint, toward: Toward }))
    .max(4)
    .default([]),
});
export type Pose = z.infer<typeof Pose>;

/** From where the figure is seen. `near` is the left side in the left way and the right side in the right way. */
export const View = z.enum(['front', 'back', 'near', 'far']);
export type View = z.infer<typeof View>;

/** What is drawn around the figure. */
export const Prop = z.enum([
  'stool',
  'chair',
  'backrest on the left',
  'backrest on the right',
  'desk',
  'desk on the left',
  'desk on the right',
  'wall',
  'strap',
  'mat',
  'roll',
]);
export type Prop = z.infer<typeof Prop>;

/** How a move or one of its rungs looks: the poses it goes through, and how they follow each other. */
export const Motion = z.object({
  view: View.default('front'),
  /** What fills the picture. */
  crop: z.enum(['whole', 'upper', 'head', 'hands', 'legs']).default('whole'),
  /** `there`: into the last pose and held. `back`: there and back again. `round`: in a ring. */
  path: z.enum(['there', 'back', 'round']).default('there'),
  props: z.array(Prop).default(['stool']),
  poses: z.array(Pose).min(1).max(8),
  /** The poses of the second of two directions, where they are not the same ones the other way round. */
  second: z.array(Pose).min(1).max(8).optional(),
  /** Why an angle lies outside the published norm, where one does. */
  reason: z.string().min(1).max(200).optional(),
});
export type Motion = z.infer<typeof Motion>;
