import { type Base, JOINT_NAMES, type JointName, type Pose, partsOfJoint, type SidedJoint } from '../model';

/** Sitting tall, hands on the thighs. */
const SEATED: Partial<Record<SidedJoint, number>> = {
  'arm.raise': 24,
  'arm.across': 62,
  'arm.twist': 12,
  'elbow.bend': 52,
  'forearm.turn': 62,
  'fingers.curl': 18,
  'hip.bend': 90,
  'hip.out': 6,
  'knee.bend': 90,
};
/** On the floor with crossed legs, hands on the thighs. */
const CROSSED: Partial<Record<SidedJoint, number>> = {
  ...SEATED,
  'hip.bend': 106,
  'hip.out': 25,
  'hip.twist': -58,
  'knee.bend': 140,
  'ankle.bend': 20,
};
/** Standing or lying, arms beside the body. */
const UPRIGHT: Partial<Record<SidedJoint, number>> = {
  'arm.raise': 9,
  'arm.across': 20,
  'elbow.bend': 12,
  'fingers.curl': 24,
  'hip.out': 20,
  'hip.bend': 4,
};

const restOf = (sided: typeof SEATED): ReadonlyMap<JointName, number> =>
  new Map(
    JOINT_NAMES.map((name) => {
      const { side, joint } = partsOfJoint(name);
      return [name, side === null ? 0 : (sided[joint] ?? 0)];
    }),
  );
const [seated, crossed, upright] = [restOf(SEATED), restOf(CROSSED), restOf(UPRIGHT)];
const REST: Partial<Record<Base, ReadonlyMap<JointName, number>>> = {
  back: seated,
  edge: seated,
  'off the seat': seated,
  'cross-legged': crossed,
};

/** The angle of a joint that a pose does not name, degrees (cm for the glide of the head). */
export const restAngle = (base: Base, name: JointName): number => (REST[base] ?? upright).get(name) ?? 0;

/** The angle of a joint in a pose. */
export const angleOf = ({ base, angles }: Pick<Pose, 'base' | 'angles'>, name: JointName): number =>
  angles[name] ?? restAngle(base, name);
