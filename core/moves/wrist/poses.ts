import { also, both, hand, pose } from '../make';

/** Poses that several moves of this shelf share. */
export const inFront = { 'arm.raise': 22, 'arm.across': 60, 'elbow.bend': 128, 'arm.twist': 4 } as const;
export const hands = (more: Parameters<typeof both>[0] = {}) =>
  pose(both({ ...inFront, 'forearm.turn': 74, 'fingers.curl': 6, ...more }));
export const circle = (bend: number, tilt: number) => hands({ 'wrist.bend': bend, 'wrist.tilt': tilt, 'fingers.curl': 55 });
export const ahead = { 'arm.raise': 78, 'arm.across': 88, 'elbow.bend': 6 } as const;
export const prayer = (height: number) =>
  hand(pose(), 'both', [0.8, height, 17], { palm: [-1, 0, 0], along: [0, 1, 0.12], elbow: [1, -0.1, -0.1] });
export const close = { crop: 'hands' } as const;

/** Loose fists before the chest with their knuckles together, palms to oneself, the wrists curled so far. */
export const knuckles = (bend: number) =>
  also(
    hand(pose(), 'both', [9 - bend / 12, -13, 24 + bend / 12], {
      palm: [0, -0.1, -1],
      along: [-1, 0, 0.1],
      elbow: [1, -0.4, -0.2],
      with: 0,
    }),
    both({ 'fingers.curl': 88, 'wrist.bend': bend }),
  );
