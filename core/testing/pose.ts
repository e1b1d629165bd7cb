import fc from 'fast-check';
import { JOINT_NAMES, type JointName, jointInfo, Pose } from '../model';

/** Any pose within the reach of the drawing. */
export const arbPose: fc.Arbitrary<Pose> = fc
  .record({
    base: fc.constantFrom('back', 'edge', 'stand', 'lying on the back', 'lying on the left side'),
    angles: fc.dictionary(fc.constantFrom(...JOINT_NAMES), fc.double({ min: 0, max: 1, noNaN: true }), {
      maxKeys: 16,
    }),
  })
  .map(({ base, angles }) =>
    Pose.parse({
      base,
      angles: Object.fromEntries(
        Object.entries(angles).map(([name, share]) => {
          const { least, most } = jointInfo(name as JointName);
          return [name, Math.round(least + (most - least) * share)];
        }),
      ),
    }),
  );
