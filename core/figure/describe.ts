import {
  JOINT_NAMES,
  type JointName,
  jointInfo,
  type Motion,
  type Pose,
  partsOfJoint,
  type Side,
} from '../model';
import { poseAt, stillOf } from './motion';
import { normIn } from './norms';
import { angleOf } from './rest';

/** One joint action: what moves from the start of a motion to its end, in standard words. */
export interface JointAction {
  side: Side | null;
  joint: string;
  action: string;
  /**
   * How far it goes, degrees (cm for the glide of the head), rounded to 5 (to 1), and no farther than the joint usually does:
   * where a leg is bent, opened and turned at once, its joint is drawn past what would be measured of it by itself.
   */
  amount: number;
  unit: 'deg' | 'cm';
}

/** Smaller changes are a matter of taste, not of the move, degrees. */
const LEAST_DEG = 8;

/** Shoulder elevation has a name by its plane. */
const shoulderAction = (across: number, rising: boolean): string => {
  const plane =
    across >= 115
      ? 'horizontal adduction'
      : across > 60
        ? 'flexion'
        : across > -45
          ? 'abduction'
          : 'extension';
  return rising ? plane : plane === 'horizontal adduction' ? plane : `${plane}, lowering`;
};

/** What moves between two poses. Hip and knee angles that only carry the seat do not appear, since they do not change. */
export const jointActions = (from: Pose, to: Pose): JointAction[] =>
  JOINT_NAMES.flatMap((name): JointAction[] => {
    const { side, joint } = partsOfJoint(name);
    const change = angleOf(to, name) - angleOf(from, name);
    const info = jointInfo(name);
    const least = info.unit === 'cm' ? 1 : LEAST_DEG;
    if (Math.abs(change) < least) return [];
    if (joint === 'arm.across' && angleOf(to, name) < 115) return [];
    const action =
      joint === 'arm.raise'
        ? shoulderAction(angleOf(to, `${side as Side}.arm.across`), change > 0)
        : joint === 'arm.across'
          ? 'horizontal adduction'
          : change > 0
            ? info.plus
            : info.minus;
    const step = info.unit === 'cm' ? 1 : 5;
    const norm = normIn(to, name);
    const far = Math.min(Math.max(angleOf(to, name), norm.least), norm.most);
    const went = Math.abs(far - angleOf(from, name));
    return [
      {
        side,
        joint: info.joint,
        action,
        amount: Math.round(went / step) * step,
        unit: info.unit,
      },
    ];
  });

/** All joint actions of a motion, from its first pose to the one that shows it best. */
export const motionActions = (motion: Motion): JointAction[] =>
  jointActions(motion.poses[0] as Pose, stillOf(motion)).length > 0
    ? jointActions(motion.poses[0] as Pose, stillOf(motion))
    : jointActions(motion.poses[0] as Pose, poseAt(motion, 0.35));

const BASE_WORDS: Record<Pose['base'], string> = {
  back: 'Sitting',
  edge: 'Sitting on the front edge of the seat',
  'off the seat': 'Just off the seat',
  stand: 'Standing',
  'cross-legged': 'Sitting on the floor, legs crossed',
  'lying on the back': 'Lying on the back',
  'lying along a roll': 'Lying along a roll',
  'lying on the right side': 'Lying on the right side',
  'lying on the left side': 'Lying on the left side',
};

const near5 = (deg: number): number => Math.round(Math.abs(deg) / 5) * 5;
const list = (items: string[]): string =>
  items.length < 2 ? (items[0] ?? '') : `${items.slice(0, -1).join(', ')} and ${items.at(-1)}`;

const middle = (pose: Pose): string[] => {
  const a = (n: JointName): number => angleOf(pose, n);
  const said: string[] = [];
  const head: string[] = [];
  const head1 = (value: number, plus: string, minus: string, least = 6): void => {
    if (Math.abs(value) >= least) head.push(`${value > 0 ? plus : minus} ${near5(value)}°`);
  };
  head1(a('neck.flex') + a('neck.nod'), 'lowered', 'lifted');
  head1(a('neck.side'), 'tilted to the left', 'tilted to the right');
  head1(a('neck.turn'), 'turned to the left', 'turned to the right');
  if (Math.abs(a('neck.glide')) >= 1) head.push(a('neck.glide') > 0 ? 'glided forward' : 'glided back');
  if (head.length) said.push(`head ${list(head)}`);
  const trunk: string[] = [];
  const trunk1 = (value: number, plus: string, minus: string): void => {
    if (Math.abs(value) >= 6) trunk.push(`${value > 0 ? plus : minus} ${near5(value)}°`);
  };
  trunk1(a('trunk.hinge'), 'leaning forward', 'leaning back');
  trunk1(a('low.flex') + a('upper.flex'), 'rounded', 'arched');
  trunk1(a('low.side') + a('upper.side'), 'bent to the left', 'bent to the right');
  trunk1(a('low.turn') + a('upper.turn'), 'turned to the left', 'turned to the right');
  if (trunk.length) said.push(`trunk ${list(trunk)}`);
  return said;
};

const armWords = (pose: Pose, side: Side): string[] => {
  const a = (n: string): number => angleOf(pose, `${side}.${n}` as JointName);
  const said: string[] = [];
  const [raise, across] = [a('arm.raise'), a('arm.across')];
  const where =
    across >= 110 ? 'across the chest' : across > 60 ? 'forward' : across > -40 ? 'to the side' : 'back';
  if (raise >= 150) said.push('arm overhead');
  else if (raise >= 32 || (raise >= 15 && across < -40)) said.push(`arm ${near5(raise)}° ${where}`);
  if (a('elbow.bend') >= 65) said.push(`elbow bent ${near5(a('elbow.bend'))}°`);
  else if (raise >= 32 && a('elbow.bend') <= 15) said.push('elbow straight');
  if (Math.abs(a('wrist.bend')) >= 25)
    said.push(
      a('wrist.bend') > 0
        ? `wrist bent in ${near5(a('wrist.bend'))}°`
        : `wrist bent back ${near5(a('wrist.bend'))}°`,
    );
  if (a('fingers.curl') >= 65) said.push('hand in a fist');
  if (a('fingers.spread') >= 10) said.push('fingers spread');
  if (a('shoulder.lift') >= 8) said.push('shoulder lifted');
  if (a('shoulder.forward') >= 10) said.push('shoulder blade forward');
  if (a('shoulder.forward') <= -10) said.push('shoulder blade drawn back');
  return said;
};

const legWords = (pose: Pose, side: Side): string[] => {
  const a = (n: string): number => angleOf(pose, `${side}.${n}` as JointName);
  const said: string[] = [];
  const seated = pose.base === 'back' || pose.base === 'edge' || pose.base === 'cross-legged';
  if (seated && a('hip.bend') >= 98) said.push('knee lifted');
  if (seated && a('hip.out') >= 18) said.push('knee out to the side');
  if (seated && a('hip.bend') <= 60) said.push('leg long behind');
  if (seated && a('knee.bend') <= 40) said.push('knee straightened');
  if (!seated && a('hip.bend') <= -8) said.push('leg behind');
  if (!seated && a('knee.bend') >= 20) said.push(`knee bent ${near5(a('knee.bend'))}°`);
  if (a('hip.twist') <= -25) said.push('foot turned in over the other leg');
  if (a('ankle.bend') >= 10) said.push('toes drawn up');
  if (a('ankle.bend') <= -15) said.push('heel lifted');
  return said;
};

/** Both sides in one phrase when they do the same; otherwise each by its name. */
const sides = (of: (side: Side) => string[], plural: (s: string) => string): string[] => {
  const [left, right] = [of('left'), of('right')];
  if (left.length && left.join() === right.join()) return [`both ${list(left.map(plural))}`];
  return (['left', 'right'] as const).flatMap((side) => {
    const said = side === 'left' ? left : right;
    return said.length ? [`${side} ${list(said)}`] : [];
  });
};
const manyArms = (s: string): string =>
  s
    .replace(/^(arm|elbow|wrist|hand|shoulder blade|shoulder)\b/, (w) => `${w}s`)
    .replace('hands in a fist', 'hands in fists');
const manyLegs = (s: string): string => s.replace(/^(knee|leg|heel)\b/, (w) => `${w}s`);

const capital = (s: string): string => s.charAt(0).toUpperCase() + s.slice(1);

/** A pose in plain words, made from its angles: for screen readers and handouts. */
export const describePose = (pose: Pose): string => {
  const said = [
    ...middle(pose),
    ...sides((side) => armWords(pose, side), manyArms),
    ...sides((side) => legWords(pose, side), manyLegs),
  ];
  return `${BASE_WORDS[pose.base]}. ${said.length ? `${said.map(capital).join('. ')}.` : 'At rest.'}`;
};

/** A motion in plain words: how it starts (when that is not rest) and how it looks at its farthest. */
export const describeMotion = (motion: Motion): string => {
  const end = describePose(stillOf(motion));
  if (motion.poses.length < 2) return end;
  const start = describePose(motion.poses[0] as Pose);
  const from = start.endsWith('At rest.') ? '' : `From: ${start} `;
  return `${from}${from ? 'To: ' : ''}${end}${motion.path === 'back' ? ' And back.' : motion.path === 'round' ? ' In a circle.' : ''}`;
};
