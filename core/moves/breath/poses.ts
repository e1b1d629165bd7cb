import { both, hand, pose } from '../make';

/** Poses that several moves of this shelf share. */
export const tall = pose({ 'upper.flex': -5, 'neck.nod': 3 });
/** As one sits before one is asked to sit tall: not slumped. */
export const atEase = pose({ 'low.flex': 6, 'upper.flex': 10, 'neck.flex': 4, 'neck.glide': 1 });
export const inLap = hand(pose(), 'both', [5, -33, 15], { palm: [0, 1, 0.2], along: [-0.9, -0.2, 0.4] });
export const inhale = pose({ 'upper.flex': -6, ...both({ 'shoulder.lift': 4 }) });
export const palmsUp = hand(pose(), 'both', 'own thigh', { palm: [0, 1, 0], along: [-0.15, 0, 1] });
export const overEyes = hand(pose(), 'both', 'eye', { elbow: [0.6, -0.9, 0.3] });
export const armsUp = pose(both({ 'arm.raise': 168, 'arm.across': 20, 'elbow.bend': 10, 'forearm.turn': 0 }));
export const armsDown = pose(both({ 'arm.raise': 10, 'arm.across': 10, 'elbow.bend': 6, 'forearm.turn': 0 }));
