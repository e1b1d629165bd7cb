import type { Side } from './units';

/** One movable joint angle: what it is called, how far the editor lets it go, and which way is positive. */
export interface JointInfo {
  /** Anatomical name of the joint. */
  joint: string;
  /** Standard name of the motion when the value is positive, and when it is negative. */
  plus: string;
  minus: string;
  /** The same in plain words, completing "head …", "left elbow …". */
  plainPlus: string;
  plainMinus: string;
  least: number;
  most: number;
  unit: 'deg' | 'cm';
}

const info = (
  joint: string,
  [plus, minus]: [string, string],
  [plainPlus, plainMinus]: [string, string],
  least: number,
  most: number,
  unit: 'deg' | 'cm' = 'deg',
): JointInfo => ({ joint, plus, minus, plainPlus, plainMinus, least, most, unit });

const sideBend: [string, string] = ['lateral flexion to the left', 'lateral flexion to the right'];
const turning: [string, string] = ['rotation to the left', 'rotation to the right'];
const tilted: [string, string] = ['tilted to the left', 'tilted to the right'];
const turned: [string, string] = ['turned to the left', 'turned to the right'];
const bending: [string, string] = ['flexion', 'extension'];

/**
 * The joints of the middle line. Side bend and turn are positive to the person's left, bending is positive
 * forward. How far a value may go is the reach of the drawing, wider than any norm; norms are in `figure/norms`.
 */
export const MIDLINE_JOINTS = {
  'neck.flex': info('Neck', bending, ['chin lowered', 'face lifted'], -60, 60),
  'neck.side': info('Neck', sideBend, tilted, -45, 45),
  'neck.turn': info('Neck', turning, turned, -80, 80),
  'neck.nod': info(
    'Head on the neck',
    ['upper cervical flexion', 'upper cervical extension'],
    ['small nod down', 'small nod up'],
    -20,
    20,
  ),
  'neck.glide': info('Head', ['protraction', 'retraction'], ['glided forward', 'glided back'], -4, 6, 'cm'),
  'upper.flex': info('Thoracic spine', bending, ['upper back rounded', 'breastbone lifted'], -25, 45),
  'upper.side': info('Thoracic spine', sideBend, tilted, -30, 30),
  'upper.turn': info('Thoracic spine', turning, turned, -50, 50),
  'low.flex': info('Lumbar spine', bending, ['low back rounded', 'low back arched'], -30, 50),
  'low.side': info('Lumbar spine', sideBend, tilted, -30, 30),
  'low.turn': info('Lumbar spine', turning, turned, -20, 20),
  'trunk.hinge': info(
    'Trunk on the hips',
    ['hip flexion by leaning forward', 'hip extension by leaning back'],
    ['leaning forward from the hips', 'leaning back'],
    -20,
    110,
  ),
} as const satisfies Record<string, JointInfo>;

/** The joints each side has, named without their side. */
export const SIDED_JOINTS = {
  'shoulder.lift': info(
    'Shoulder blade',
    ['elevation', 'depression'],
    ['lifted toward the ear', 'drawn down'],
    -8,
    25,
  ),
  'shoulder.forward': info(
    'Shoulder blade',
    ['protraction', 'retraction'],
    ['brought forward', 'drawn back'],
    -25,
    25,
  ),
  'arm.raise': info('Shoulder', ['elevation', 'elevation'], ['raised', 'raised'], 0, 180),
  'arm.across': info(
    'Shoulder',
    ['plane of elevation forward', 'plane of elevation backward'],
    ['to the front', 'to the back'],
    -100,
    140,
  ),
  'arm.twist': info(
    'Shoulder',
    ['internal rotation', 'external rotation'],
    ['rolled inward', 'rolled outward'],
    -100,
    100,
  ),
  'elbow.bend': info('Elbow', ['flexion', 'extension'], ['bent', 'straight'], 0, 150),
  'forearm.turn': info(
    'Forearm',
    ['pronation', 'supination'],
    ['turned palm down', 'turned palm up'],
    -90,
    90,
  ),
  'wrist.bend': info('Wrist', ['flexion', 'extension'], ['bent toward the palm', 'bent back'], -90, 90),
  'wrist.tilt': info(
    'Wrist',
    ['radial deviation', 'ulnar deviation'],
    ['tilted to the thumb', 'tilted to the little finger'],
    -35,
    30,
  ),
  'fingers.curl': info('Fingers', ['flexion', 'extension'], ['curled', 'stretched back'], -30, 100),
  'fingers.spread': info('Fingers', ['abduction', 'adduction'], ['spread', 'closed'], 0, 25),
  'hip.bend': info('Hip', ['flexion', 'extension'], ['lifted', 'behind'], -30, 130),
  'hip.out': info('Hip', ['abduction', 'adduction'], ['to the side', 'across'], -40, 90),
  'hip.twist': info(
    'Hip',
    ['internal rotation', 'external rotation'],
    ['rolled inward', 'rolled outward'],
    -90,
    60,
  ),
  'knee.bend': info('Knee', ['flexion', 'extension'], ['bent', 'straight'], 0, 140),
  'ankle.bend': info(
    'Ankle',
    ['dorsiflexion', 'plantar flexion'],
    ['toes drawn up', 'toes pointed'],
    -55,
    25,
  ),
  'toes.bend': info('Toes', ['extension', 'flexion'], ['lifted', 'curled'], -40, 60),
} as const satisfies Record<string, JointInfo>;

export type MidlineJoint = keyof typeof MIDLINE_JOINTS;
export type SidedJoint = keyof typeof SIDED_JOINTS;
export type JointName = MidlineJoint | `${Side}.${SidedJoint}`;

const midline = Object.keys(MIDLINE_JOINTS) as MidlineJoint[];
const sided = Object.keys(SIDED_JOINTS) as SidedJoint[];

/** Every joint of the figure, the left side's before the right side's. */
export const JOINT_NAMES = [
  ...midline,
  ...sided.map((j) => `left.${j}` as const),
  ...sided.map((j) => `right.${j}` as const),
] as const satisfies readonly JointName[];

/** Takes a joint's name apart. */
export const partsOfJoint = (
  name: JointName,
): { side: Side; joint: SidedJoint } | { side: null; joint: MidlineJoint } => {
  const side = name.startsWith('left.') ? 'left' : name.startsWith('right.') ? 'right' : null;
  return side === null
    ? { side, joint: name as MidlineJoint }
    : { side, joint: name.slice(side.length + 1) as SidedJoint };
};

/** What is known of a joint. */
export const jointInfo = (name: JointName): JointInfo => {
  const { side, joint } = partsOfJoint(name);
  return side === null ? MIDLINE_JOINTS[joint] : SIDED_JOINTS[joint];
};
