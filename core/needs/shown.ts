import { angleOf, dot, length, skeletonOf, sub } from '../figure';
import { BODY } from '../figure/body';
import type { Ask, JointName, Pose, Side, SidedJoint } from '../model';

/**
 * What a step asks of a body or of a seat: what the move says (`Ask`), what its poses show, and what its dose adds to
 * both.
 */
export type Demand =
  | Ask
  | 'movement'
  | 'neck turned'
  | 'neck bent to the side'
  | 'chin to the chest'
  | 'looking up'
  | 'head low'
  | 'back rounded'
  | 'back rounded a little'
  | 'back arched'
  | 'back turned'
  | 'back bent to the side'
  | 'deep lean forward'
  | 'arms overhead'
  | 'arm at shoulder height'
  | 'arm across'
  | 'arm behind'
  | 'wrist bent far'
  | 'hip bent deep'
  | 'leg crossed'
  | 'legs wide'
  | 'knee bent deep'
  | 'knee straight'
  | 'standing'
  | 'on the floor'
  | 'both arms'
  | 'arms alike'
  | 'edge of the seat'
  | 'feet off the floor'
  | 'arms stretched out'
  | 'looking up while turned'
  | 'hinge with a long back'
  | 'knees wide on the seat'
  | 'knee bent under load'
  | 'on one leg'
  | 'turned while bent'
  | 'hip turned in'
  | 'hip bent past level'
  | 'hip stretched back'
  | 'lying on the back'
  | 'lying on the side'
  | 'head moving'
  | 'head moving fast'
  | 'long at the end'
  | 'arms overhead for long'
  | 'effort for long';

const SIDES: readonly Side[] = ['left', 'right'];
const seated = (pose: Pose): boolean => pose.base === 'back' || pose.base === 'edge';

/** Angles from which a posture counts, degrees. Common practice, no source. */
export const POSTURE_FROM = {
  neckTurn: 35,
  neckSide: 20,
  chin: 30,
  lookUp: 12,
  rounded: 26,
  arched: 14,
  turned: 22,
  sideBent: 18,
  lean: 35,
  overhead: 100,
  level: 68,
  across: 118,
  wrist: 48,
  hipDeep: 112,
  hipPastLevel: 100,
  hipBack: 12,
  crossed: 25,
  wide: 26,
  kneeDeep: 100,
  kneeStraight: 35,
  lookUpTurned: 6,
  turnedUp: 20,
  bentUp: 10,
  /** A back that is bent less than this is long, and folds from the hips; bent more it is rounded a little. */
  longBack: 15,
  kneeLoaded: 40,
  /** Turned so far with the back rounded, or the trunk leaning, so far at the same time. */
  turnedBent: 15,
  leanTurned: 25,
  turnedIn: 25,
} as const;

/** Wrists nearer than this work together, cm. Common practice, no source. */
export const HANDS_MEET_CM = 24;
/** A wrist so far behind the shoulders is behind the back, or, further still, behind and beside it; a hand at the hip is not. */
export const BEHIND_CM = 9;
export const FAR_BEHIND_CM = 16;
/** A foot whose heel and toes are higher than this is off the floor. */
export const FEET_OFF_CM = 15;
/** An upper arm that points down by this share of its length hangs. */
export const HANGING_SHARE = 0.95;
/** The back is so wide, from its middle. */
export const BACK_CM = 15;

/** What one pose asks, by its angles. */
export const demandsOfPose = (pose: Pose): Demand[] => {
  const a = (name: JointName): number => angleOf(pose, name);
  const any = (test: (of: (joint: SidedJoint) => number) => boolean): boolean =>
    SIDES.some((side) => test((joint) => a(`${side}.${joint}`)));
  const s = skeletonOf(pose);
  const chin = a('neck.flex') + a('neck.nod');
  const bend = a('low.flex') + a('upper.flex');
  const reachesBack = (side: Side): boolean => a(`${side}.arm.raise`) >= 20 && a(`${side}.arm.across`) <= -50;
  const behind = (side: Side): boolean => {
    if (!reachesBack(side)) return false;
    const wrist = sub(s.arm[side].hand.wrist, s.top.at);
    const back = -dot(wrist, s.top.fwd);
    return back >= FAR_BEHIND_CM || (back >= BEHIND_CM && Math.abs(dot(wrist, s.top.right)) < BACK_CM);
  };
  /** An arm that hangs straight down is not raised, however far the trunk is bent. */
  const hanging = (side: Side): boolean =>
    (seated(pose) || pose.base === 'stand') &&
    s.arm[side].shoulder[1] - s.arm[side].elbow[1] > BODY.upperArm * HANGING_SHARE;
  const raised = (from: number): boolean =>
    SIDES.some((side) => a(`${side}.arm.raise`) >= from && !hanging(side));
  const lifted = (side: Side): boolean => Math.min(s.leg[side].ankle[1], s.leg[side].toe[1]) >= FEET_OFF_CM;
  const backTurn = Math.abs(a('low.turn') + a('upper.turn'));
  const lean = a('trunk.hinge') + Math.max(0, bend) / 2;
  const standing = pose.base === 'stand' || pose.base === 'off the seat';
  const longBack = standing && Math.max(0, bend) < POSTURE_FROM.longBack;
  const turned =
    Math.abs(a('neck.turn')) >= POSTURE_FROM.turnedUp || Math.abs(a('neck.side')) >= POSTURE_FROM.bentUp;
  const wide = any((of) => of('hip.bend') > 20 && of('hip.out') >= POSTURE_FROM.wide);
  const moved = (side: Side): boolean =>
    a(`${side}.arm.raise`) >= 50 ||
    a(`${side}.elbow.bend`) >= 100 ||
    Math.abs(a(`${side}.wrist.bend`)) >= 40 ||
    reachesBack(side);
  const bothMoved = moved('left') && moved('right');
  const apart = length(sub(s.arm.left.hand.wrist, s.arm.right.hand.wrist));
  const uneven = Math.abs(a('left.arm.raise') - a('right.arm.raise')) > 25;
  const joined = bothMoved && (apart < HANDS_MEET_CM || uneven);
  const tests: [Demand, boolean][] = [
    ['neck turned', Math.abs(a('neck.turn')) >= POSTURE_FROM.neckTurn],
    ['neck bent to the side', Math.abs(a('neck.side')) >= POSTURE_FROM.neckSide],
    ['chin to the chest', chin >= POSTURE_FROM.chin],
    ['looking up', chin <= -POSTURE_FROM.lookUp],
    ['looking up while turned', chin <= -POSTURE_FROM.lookUpTurned && turned],
    ['head low', (seated(pose) || standing) && s.head.at[1] < s.top.at[1] + 3],
    ['back rounded', bend >= POSTURE_FROM.rounded],
    ['back rounded a little', bend >= POSTURE_FROM.longBack && bend < POSTURE_FROM.rounded],
    ['back arched', bend <= -POSTURE_FROM.arched],
    ['back turned', backTurn >= POSTURE_FROM.turned],
    [
      'turned while bent',
      backTurn >= POSTURE_FROM.turnedBent &&
        (bend >= POSTURE_FROM.longBack || a('trunk.hinge') >= POSTURE_FROM.leanTurned),
    ],
    ['back bent to the side', Math.abs(a('low.side') + a('upper.side')) >= POSTURE_FROM.sideBent],
    ['deep lean forward', lean >= POSTURE_FROM.lean && !longBack],
    ['hinge with a long back', lean >= POSTURE_FROM.lean && longBack],
    ['arms overhead', raised(POSTURE_FROM.overhead)],
    ['arm at shoulder height', raised(POSTURE_FROM.level)],
    ['arm across', any((of) => of('arm.raise') >= 60 && of('arm.across') >= POSTURE_FROM.across)],
    ['arm behind', SIDES.some(behind)],
    ['wrist bent far', any((of) => Math.abs(of('wrist.bend')) >= POSTURE_FROM.wrist)],
    ['hip bent deep', any((of) => of('hip.bend') + a('trunk.hinge') >= POSTURE_FROM.hipDeep)],
    ['hip bent past level', any((of) => of('hip.bend') + a('trunk.hinge') >= POSTURE_FROM.hipPastLevel)],
    ['hip stretched back', any((of) => of('hip.bend') <= -POSTURE_FROM.hipBack)],
    ['leg crossed', any((of) => of('hip.twist') <= -POSTURE_FROM.crossed || of('hip.out') <= -10)],
    ['legs wide', wide],
    ['knees wide on the seat', wide && seated(pose)],
    ['knee bent under load', standing && any((of) => of('knee.bend') >= POSTURE_FROM.kneeLoaded)],
    ['knee bent deep', any((of) => of('knee.bend') >= POSTURE_FROM.kneeDeep)],
    ['knee straight', seated(pose) && any((of) => of('knee.bend') <= POSTURE_FROM.kneeStraight)],
    ['standing', standing],
    ['on the floor', pose.base.startsWith('lying') || pose.base === 'cross-legged'],
    ['lying on the back', pose.base === 'lying on the back' || pose.base === 'lying along a roll'],
    ['lying on the side', pose.base === 'lying on the left side' || pose.base === 'lying on the right side'],
    ['both arms', joined],
    ['arms alike', bothMoved && !joined],
    ['edge of the seat', pose.base === 'edge'],
    ['feet off the floor', seated(pose) && SIDES.every(lifted)],
    ['on one leg', standing && SIDES.some(lifted)],
    ['hip turned in', any((of) => of('hip.twist') >= POSTURE_FROM.turnedIn)],
    [
      'arms stretched out',
      any((of) => of('arm.raise') >= 60 && Math.abs(of('arm.across')) <= 35 && of('elbow.bend') <= 40),
    ],
  ];
  return tests.filter(([, holds]) => holds).map(([demand]) => demand);
};
