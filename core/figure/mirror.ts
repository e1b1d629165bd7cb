import { type JointName, otherSide, type Pose, type PressPoint, partsOfJoint, type Side } from '../model';

/** Minus zero would differ from zero in a comparison. */
const minus = (deg: number): number => (deg === 0 ? 0 : -deg);

const SWAPPED: Partial<Record<Pose['base'], Pose['base']>> = {
  'lying on the left side': 'lying on the right side',
  'lying on the right side': 'lying on the left side',
};

const mirrorAngle = (name: JointName, value: number): [JointName, number] => {
  const { side, joint } = partsOfJoint(name);
  if (side !== null) return [`${otherSide(side)}.${joint}`, value];
  return [name, /\.(side|turn)$/.test(joint) ? minus(value) : value];
};

const mirrorPoint = (on: PressPoint): PressPoint => {
  const [side, part] = on.split(' ');
  return part ? (`${otherSide(side as Side)} ${part}` as PressPoint) : on;
};

/** The pose of the other way: left and right changed over throughout. */
export const mirrorPose = (pose: Pose): Pose => ({
  base: SWAPPED[pose.base] ?? pose.base,
  angles: Object.fromEntries(
    Object.entries(pose.angles).map(([name, value]) => mirrorAngle(name as JointName, value as number)),
  ),
  press: pose.press.map(({ on, toward }) => ({
    on: mirrorPoint(on),
    toward: toward === 'left' || toward === 'right' ? otherSide(toward) : toward,
  })),
});
