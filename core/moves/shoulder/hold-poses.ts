import { also, both, edge, hand, left, pose } from '../make';

/** Poses that several moves of this shelf share. */
export const across = pose({
  'upper.turn': -4,
  ...left({ 'arm.raise': 82, 'arm.across': 126, 'elbow.bend': 14, 'shoulder.forward': 12 }),
});
export const overhead = pose(
  left({ 'arm.raise': 172, 'arm.across': 30, 'arm.twist': -20, 'elbow.bend': 140, 'forearm.turn': 0 }),
);
export const clasped = (more: Parameters<typeof pose>[0] = {}) =>
  hand(pose({ 'upper.flex': 20, 'neck.flex': 18, ...both({ 'shoulder.forward': 18 }), ...more }), 'both', [0.5, 3, 52], {
    palm: [0, 0, 1],
    along: [-0.9, 0, 0.3],
    elbow: [1, -0.2, 0.2],
  });
export const up = also(
  hand(pose({ 'upper.flex': -3 }), 'both', [2.5, 70, 9], { elbow: [1, 0, 0.9], with: 4 }),
  both({ 'forearm.turn': 70, 'wrist.bend': -55 }),
);
export const reachedBack = edge({
  'upper.flex': -14,
  'neck.flex': -4,
  ...both({ 'arm.raise': 34, 'arm.across': -82, 'elbow.bend': 8, 'shoulder.forward': -16, 'forearm.turn': 40 }),
});
export const behindHead = hand(
  edge({ 'upper.flex': -12, 'neck.flex': -4, ...both({ 'shoulder.forward': -10 }) }),
  'both',
  'back of the head',
  { elbow: [0.8, 0.05, 0.6] },
);
export const claspBack = (bend: number) => {
  const open = edge({ 'upper.flex': -10, ...both({ 'shoulder.forward': -16, 'fingers.curl': 60 }) });
  // The palms meet behind the seat of the trousers, nearer to the back with bent elbows.
  return hand(open, 'both', bend > 20 ? [2, -42, -20] : [5, -46, -24], { elbow: [0.9, -0.1, -0.6] });
};
/** Sitting back, the hands meet behind the backrest. */
export const joinedBehind = hand(
  pose({ 'upper.flex': -8, ...both({ 'shoulder.forward': -16, 'fingers.curl': 50 }) }),
  'both',
  [3, -34, -30],
  { elbow: [0.9, -0.1, -0.6] },
);
