import { hand, left, pose } from '../make';

/** Poses that several moves of this shelf share. */
export const head = { crop: 'upper' } as const;
export const atSkull = (nod: number) =>
  hand(pose({ 'neck.flex': nod }), 'both', 'base of the skull', { elbow: [0.6, -0.4, 1], with: 13 });
export const onTop = (lift: number) =>
  hand(pose(left({ 'shoulder.lift': lift })), 'right', 'far shoulder', { elbow: [0.5, -0.8, 0.5], with: 12 });
