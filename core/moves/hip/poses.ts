import { left, pose, right } from '../make';

/** Poses that several moves of this shelf share. */
export const figureFour = left({ 'hip.bend': 96, 'hip.out': 30, 'hip.twist': -80, 'knee.bend': 98, 'ankle.bend': 8 });
/** Why the crossed leg turns further than the norm. */
export const CROSSED = 'The crossed leg is bent, opened and turned at once; the norm measures each by itself.';
export const ankle = (bend: number, twist: number) =>
  pose(left({ 'hip.bend': 98, 'knee.bend': 52, 'ankle.bend': bend, 'hip.twist': twist }));
/** The heel stays where it is, the toes rise and go to one side. */
export const toesOnHeel = (bend: number, twist: number) => pose(left({ 'ankle.bend': bend, 'hip.twist': twist }));
export const longBack = {
  ...left({ 'hip.bend': -27, 'hip.out': 4, 'knee.bend': 56, 'ankle.bend': -14, 'toes.bend': 30 }),
  ...right({ 'hip.bend': 90, 'knee.bend': 92 }),
};
