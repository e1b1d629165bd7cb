import { angleOf, length, scaled, skeletonOf, sub } from '../figure';
import {
  type Ask,
  type JointName,
  type Motion,
  type Move,
  type Pose,
  type Position,
  type Rung,
  rungOf,
  type Side,
  type SidedJoint,
} from '../model';

/** What a step asks of a body or of a seat: what the move says, and what its poses show. */
export type Demand =
  | Ask
  | 'movement'
  | 'neck turned'
  | 'neck bent to the side'
  | 'chin to the chest'
  | 'looking up'
  | 'head low'
  | 'back rounded'
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
  | 'arms stretched out';

const SIDES: readonly Side[] = ['left', 'right'];
const seated = (pose: Pose): boolean => pose.base === 'back' || pose.base === 'edge';

/** Angles from which a posture counts, degrees. Common practice, no source. */
const FROM = {
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
  crossed: 25,
  wide: 26,
  kneeDeep: 100,
  kneeStraight: 35,
} as const;

/** Wrists nearer than this work together, cm. Common practice, no source. */
const HANDS_MEET_CM = 24;

/** What one pose asks, by its angles. */
export const demandsOfPose = (pose: Pose): Demand[] => {
  const a = (name: JointName): number => angleOf(pose, name);
  const any = (test: (of: (joint: SidedJoint) => number) => boolean): boolean =>
    SIDES.some((side) => test((joint) => a(`${side}.${joint}`)));
  const s = skeletonOf(pose);
  const chin = a('neck.flex') + a('neck.nod');
  const bend = a('low.flex') + a('upper.flex');
  const moved = (side: Side): boolean =>
    a(`${side}.arm.raise`) >= 50 ||
    a(`${side}.elbow.bend`) >= 100 ||
    Math.abs(a(`${side}.wrist.bend`)) >= 40 ||
    // Behind the back.
    (a(`${side}.arm.raise`) >= 20 && a(`${side}.arm.across`) <= -50);
  const bothMoved = moved('left') && moved('right');
  const apart = length(sub(s.arm.left.hand.wrist, s.arm.right.hand.wrist));
  const uneven = Math.abs(a('left.arm.raise') - a('right.arm.raise')) > 25;
  const joined = bothMoved && (apart < HANDS_MEET_CM || uneven);
  const tests: [Demand, boolean][] = [
    ['neck turned', Math.abs(a('neck.turn')) >= FROM.neckTurn],
    ['neck bent to the side', Math.abs(a('neck.side')) >= FROM.neckSide],
    ['chin to the chest', chin >= FROM.chin],
    ['looking up', chin <= -FROM.lookUp],
    ['head low', (seated(pose) || pose.base === 'stand') && s.head.at[1] < s.top.at[1] + 3],
    ['back rounded', bend >= FROM.rounded],
    ['back arched', bend <= -FROM.arched],
    ['back turned', Math.abs(a('low.turn') + a('upper.turn')) >= FROM.turned],
    ['back bent to the side', Math.abs(a('low.side') + a('upper.side')) >= FROM.sideBent],
    ['deep lean forward', a('trunk.hinge') + Math.max(0, bend) / 2 >= FROM.lean],
    ['arms overhead', any((of) => of('arm.raise') >= FROM.overhead)],
    ['arm at shoulder height', any((of) => of('arm.raise') >= FROM.level)],
    ['arm across', any((of) => of('arm.raise') >= 60 && of('arm.across') >= FROM.across)],
    ['arm behind', any((of) => of('arm.raise') >= 20 && of('arm.across') <= -50)],
    ['wrist bent far', any((of) => Math.abs(of('wrist.bend')) >= FROM.wrist)],
    ['hip bent deep', any((of) => of('hip.bend') + a('trunk.hinge') >= FROM.hipDeep)],
    ['leg crossed', any((of) => of('hip.twist') <= -FROM.crossed || of('hip.out') <= -10)],
    ['legs wide', any((of) => of('hip.bend') > 20 && of('hip.out') >= FROM.wide)],
    ['knee bent deep', any((of) => of('knee.bend') >= FROM.kneeDeep)],
    ['knee straight', seated(pose) && any((of) => of('knee.bend') <= FROM.kneeStraight)],
    ['standing', pose.base === 'stand'],
    ['on the floor', pose.base.startsWith('lying')],
    ['both arms', joined],
    ['arms alike', bothMoved && !joined],
    ['edge of the seat', pose.base === 'edge'],
    [
      'arms stretched out',
      any((of) => of('arm.raise') >= 60 && Math.abs(of('arm.across')) <= 35 && of('elbow.bend') <= 40),
    ],
  ];
  return tests.filter(([, holds]) => holds).map(([demand]) => demand);
};

/** The motion of a rung: its own, or its share of the move's. */
export const motionOf = (move: Pick<Move, 'figure'>, rung: Rung | undefined): Motion | undefined => {
  if (rung?.figure) return rung.figure;
  if (!move.figure || !rung || rung.share === 1) return move.figure;
  return scaled(move.figure, rung.share);
};

/**
 * The poses that ask something: all of them, the one it comes from as well. Only what settles or rests comes from however
 * one happens to sit, which nobody is told to do.
 */
const askingPoses = (move: Move, rung: Rung | undefined): readonly Pose[] => {
  const poses = motionOf(move, rung)?.poses ?? [];
  const comesFrom = STILL.includes(move.kind) && (rung?.figure ?? move.figure)?.path === 'there';
  return comesFrom && poses.length > 1 ? poses.slice(1) : poses;
};

/** On what a pose stands or sits, for each position in which a step can be done. */
const BASE: Readonly<Partial<Record<Position, Pose['base']>>> = {
  back: 'back',
  edge: 'edge',
  standing: 'stand',
};

/** A pose as it is in the position of the step: the same angles on another seat, or on the feet. */
const placed = (pose: Pose, position: Position): Pose => {
  const base = BASE[position];
  return base === undefined || pose.base === base || pose.base.startsWith('lying') ? pose : { ...pose, base };
};

/** Rungs below this share of the move stay clear of the end of the range. */
const SMALL_SHARE = 0.8;
const STILL: readonly Move['kind'][] = ['settle', 'breathe', 'close', 'pause'];

const found = new WeakMap<Move, Map<string, ReadonlySet<Demand>>>();

/**
 * What a move asks on one of its rungs, in the position in which it is done (its own when left out). All of the movement
 * counts: the pose it comes from, the way there, and the end.
 */
export const demandsOf = (
  move: Move,
  rungName?: string,
  position: Position = move.position,
): ReadonlySet<Demand> => {
  const rung = rungOf(move, rungName);
  const key = `${position}|${rung?.name ?? ''}`;
  const known = found.get(move)?.get(key);
  if (known) return known;
  const spared = new Set<Ask>(rung?.spares);
  const easiest = rung !== undefined && rung === move.rungs[0] && move.rungs.length > 1;
  if (easiest || (rung && rung.share < SMALL_SHARE)) spared.add('end of range');
  const demands = new Set<Demand>([...move.asks.filter((a) => !spared.has(a)), ...(rung?.asks ?? [])]);
  if (!STILL.includes(move.kind)) demands.add('movement');
  for (const pose of askingPoses(move, rung)) {
    const there = position === move.position ? pose : placed(pose, position);
    for (const d of demandsOfPose(there)) demands.add(d);
  }
  if (position === 'standing') demands.add('standing');
  if (position === 'floor') demands.add('on the floor');
  if (position === 'edge') demands.add('edge of the seat');
  const map = found.get(move) ?? new Map<string, ReadonlySet<Demand>>();
  map.set(key, demands);
  found.set(move, map);
  return demands;
};
