import { also, both, edge, hand, left, stand } from '../make';

/** Poses that several moves of this shelf share. */
export const onKnees = (angles: Parameters<typeof edge>[0]) =>
  hand(edge(angles), 'both', 'own knee', { elbow: [0.7, -0.4, -0.5] });
export const rounded = onKnees({ 'low.flex': 26, 'upper.flex': 30, 'neck.flex': 26 });
export const lifted = onKnees({ 'low.flex': -12, 'upper.flex': -12, 'neck.flex': -10 });
/** The thighs go out so far with the feet wide. */
const WIDE = 38;
/** So far out are the thighs of who folds between the knees. */
const APART = 22;
export const apart = both({ 'hip.out': APART });
export const bow = (hinge: number, flex: number, neck = 20, out = APART) =>
  edge({ 'trunk.hinge': hinge, 'low.flex': flex, 'upper.flex': flex, 'neck.flex': neck, ...both({ 'hip.out': out }) });
export const folded = also(bow(28, 36, 30, WIDE), both({ 'arm.raise': 94, 'arm.across': 96, 'elbow.bend': 10 }));
/** One hand on the backrest, behind. */
export const CHAIR_HAND = left({
  'arm.raise': 44,
  'arm.across': -72,
  'arm.twist': 10,
  'elbow.bend': 34,
  'forearm.turn': 60,
  'fingers.curl': 60,
});
export const wings = both({ 'arm.raise': 84, 'arm.across': 10, 'elbow.bend': 20 });
export const wide = both({ 'hip.out': WIDE });
export const atDesk = stand({
  'trunk.hinge': 78,
  'upper.flex': -6,
  'neck.flex': 4,
  ...both({ 'arm.raise': 158, 'arm.across': 78, 'elbow.bend': 6, 'knee.bend': 8, 'hip.bend': 4 }),
});

/** Arms crossed on the chest, with the trunk turned. */
export function hug(turn: number) {
  return hand(edge({ 'upper.turn': turn, 'low.turn': turn / 5 }), 'both', 'far shoulder', { elbow: [0.5, -0.6, 0.6] });
}
