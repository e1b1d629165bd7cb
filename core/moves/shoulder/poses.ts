import { both, edge, hand, left, pose } from '../make';

/** Poses that several moves of this shelf share. */
export const T = both({ 'arm.raise': 88, 'arm.across': 5, 'elbow.bend': 4 });
export const goal = both({ 'arm.raise': 88, 'arm.across': 0, 'arm.twist': -85, 'elbow.bend': 90 });
export const fists = { 'fingers.curl': 88 };
const bentUp = (across: number, raise: number) => ({
  'arm.raise': raise,
  'arm.across': across,
  'elbow.bend': 146,
  'arm.twist': -40,
  'forearm.turn': 60,
  'fingers.curl': 20,
});
/** Fingertips on the shoulders, the elbows so far to the front and so high. */
export const onShoulders = (across: number, raise: number) => pose(both(bentUp(across, raise)));
/** The left hand alone on its shoulder, at the front of the seat. */
export const oneOnShoulder = (across: number, raise: number) => edge(left(bentUp(across, raise)));
export const shrug = (lift: number, forward: number) => pose(both({ 'shoulder.lift': lift, 'shoulder.forward': forward }));
export const hug = (top: 'left' | 'right') => {
  const base = edge({ 'upper.flex': 10, ...both({ 'shoulder.forward': 16 }) });
  const under = top === 'left' ? 'right' : 'left';
  return hand(hand(base, under, 'far shoulder', { elbow: [0.5, -0.5, 0.6] }), top, 'far shoulder', { elbow: [0.5, -0.2, 0.9] });
};
export const strapUp = pose(both({ 'arm.raise': 158, 'arm.across': 10, 'elbow.bend': 4, 'fingers.curl': 80 }));
