import { left, pose, right } from '../make';

/** Poses that several moves of this shelf share. */
/** The ankle on the other knee, the shin across. */
export const figureFour = left({ 'hip.bend': 99, 'hip.out': 26, 'hip.twist': -123, 'knee.bend': 116, 'ankle.bend': 8 });
/** Why the crossed leg turns further than the norm. */
export const CROSSED = 'The crossed leg is bent, opened and turned at once; the norm measures each by itself.';
export const ankle = (bend: number, twist: number) =>
  pose(left({ 'hip.bend': 98, 'knee.bend': 52, 'ankle.bend': bend, 'hip.twist': twist }));
/** The heel stays where it is, the toes rise and go to one side. */
export const toesOnHeel = (bend: number, twist: number) => pose(left({ 'ankle.bend': bend, 'hip.twist': twist }));
/** The leg behind, the foot long on the floor. */
export const longBack = {
  ...left({ 'hip.bend': -26, 'hip.out': 4, 'knee.bend': 65, 'ankle.bend': -45 }),
  ...right({ 'hip.bend': 90, 'knee.bend': 92 }),
};
/** The knee below the seat, close to the floor. */
export const kneeUnder = {
  ...left({ 'hip.bend': 6, 'hip.out': 4, 'knee.bend': 99, 'ankle.bend': -50 }),
  ...right({ 'hip.bend': 90, 'knee.bend': 92 }),
};
