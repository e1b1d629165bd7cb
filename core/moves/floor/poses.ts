import { both, pose, right } from '../make';

/** Poses that several moves of this shelf share. */
export const onSide = (angles: Parameters<typeof pose>[0]) =>
  pose(
    {
      ...both({ 'hip.bend': 80, 'knee.bend': 85, 'hip.out': 0 }),
      ...right({ 'arm.raise': 88, 'arm.across': 90, 'elbow.bend': 8, 'hip.bend': 80, 'knee.bend': 85, 'hip.out': 0 }),
      ...angles,
    },
    'lying on the right side',
  );
export const onBack = (angles: Parameters<typeof pose>[0]) =>
  pose({ ...both({ 'hip.bend': 48, 'knee.bend': 92 }), ...angles }, 'lying on the back');
export const legs = both({ 'hip.bend': 48, 'knee.bend': 92 });
