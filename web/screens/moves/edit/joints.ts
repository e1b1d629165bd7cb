import type { Handle, NormCheck } from '@kotabi/core/figure';
import { type JointName, jointInfo, partsOfJoint } from '@kotabi/core/model';

/** Part of the body whose joints are shown together. */
export type Group = 'head' | 'trunk' | 'left arm' | 'right arm' | 'left leg' | 'right leg';
export const GROUPS: Group[] = ['head', 'trunk', 'left arm', 'right arm', 'left leg', 'right leg'];

/** The part a joint belongs to. */
export const groupOf = (name: JointName): Group => {
  const { side, joint } = partsOfJoint(name);
  if (side === null) return joint.startsWith('neck') ? 'head' : 'trunk';
  return `${side} ${/^(hip|knee|ankle|toes)/.test(joint) ? 'leg' : 'arm'}` as Group;
};

/** The part a handle moves. */
export const HANDLE_GROUP: Record<Handle, Group> = {
  head: 'head',
  chest: 'trunk',
  'left hand': 'left arm',
  'right hand': 'right arm',
  'left foot': 'left leg',
  'right foot': 'right leg',
};

const NAMES: Partial<Record<string, string>> = {
  'neck.flex': 'Chin down / up',
  'neck.side': 'Tilt left / right',
  'neck.turn': 'Turn left / right',
  'neck.nod': 'Small nod',
  'neck.glide': 'Glide forward / back',
  'upper.flex': 'Upper back round / lift',
  'upper.side': 'Upper back tilt',
  'upper.turn': 'Upper back turn',
  'low.flex': 'Low back round / arch',
  'low.side': 'Low back tilt',
  'low.turn': 'Low back turn',
  'trunk.hinge': 'Lean from the hips',
  'shoulder.lift': 'Shoulder up / down',
  'shoulder.forward': 'Shoulder forward / back',
  'arm.raise': 'Raise',
  'arm.across': 'To the side / front / across',
  'arm.twist': 'Roll in / out',
  'elbow.bend': 'Elbow',
  'forearm.turn': 'Palm down / up',
  'wrist.bend': 'Wrist in / back',
  'wrist.tilt': 'Wrist to thumb / little finger',
  'fingers.curl': 'Fingers curl',
  'fingers.spread': 'Fingers spread',
  'hip.bend': 'Hip bend',
  'hip.out': 'Hip out / across',
  'hip.twist': 'Hip turn in / out',
  'knee.bend': 'Knee',
  'ankle.bend': 'Toes up / pointed',
  'toes.bend': 'Toes',
};

/** What a joint is called beside its slider. */
export const nameOf = (name: JointName): string => NAMES[partsOfJoint(name).joint] ?? jointInfo(name).joint;

/** An angle or a length of a joint, as it stands beside its slider. */
export const amountOf = (name: JointName, value: number): string =>
  `${Math.round(value)}${jointInfo(name).unit === 'deg' ? '°' : ' cm'}`.replace('-', '−');

/** What of a pose is beyond the usual range, in the words of its sliders. */
export const beyondWords = ({ joints, value, least, most }: NormCheck): string => {
  const [first = 'neck.flex'] = joints;
  const amount = (n: number): string => amountOf(first, n);
  const names = joints.map((j) => `“${nameOf(j)}”`).join(' and ');
  return `${groupOf(first)}, ${names}, ${amount(value)} (usual: ${amount(least)} to ${amount(most)})`;
};
