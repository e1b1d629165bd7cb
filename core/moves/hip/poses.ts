import { both, left, pose, right, type SidedAngles } from '../make';

// Poses that several moves of this shelf share.

/** The ankle on the other knee, the shin across. */
export const figureFour = left({ 'hip.bend': 99, 'hip.out': 26, 'hip.twist': -90, 'knee.bend': 116, 'ankle.bend': 8 });
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

/** Both hands on the back of a chair. */
export const holdsChair = both({ 'arm.raise': 38, 'arm.across': 85, 'elbow.bend': 30 });
/** A step back, the heel lifted, the front foot flat under its knee. */
const step = (back: SidedAngles, front: SidedAngles) => ({
  'upper.flex': -4,
  ...holdsChair,
  ...left({ 'arm.raise': 38, 'arm.across': 85, 'elbow.bend': 30, 'hip.out': 4, 'toes.bend': 20, ...back }),
  ...right({ 'arm.raise': 38, 'arm.across': 85, 'elbow.bend': 30, 'hip.out': 8, ...front }),
});
export const longStep = step(
  { 'hip.bend': -26, 'knee.bend': 5, 'ankle.bend': 8 },
  { 'hip.bend': 28, 'knee.bend': 27, 'ankle.bend': 2 },
);
export const shortStep = step(
  { 'hip.bend': -14, 'knee.bend': 18, 'ankle.bend': 9 },
  { 'hip.bend': 17, 'knee.bend': 19, 'ankle.bend': 3 },
);
