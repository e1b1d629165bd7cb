import { hand, pose } from '../make';

/** Poses that several moves of this shelf share. */
export const tilt = pose({ 'neck.side': 34 });
export const armpit = pose({ 'neck.turn': 38, 'neck.flex': 34, 'neck.side': 10 });
export const ring = (flex: number, side: number, turn: number) =>
  pose({ 'neck.flex': flex, 'neck.side': side, 'neck.turn': turn });
export const behind = hand(pose(), 'both', 'back of the head', { elbow: [0.7, 0.1, 0.8] });
