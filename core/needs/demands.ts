import { SMALL_SHARE } from '../cues';
import { allPoses, mapPoses, scaled } from '../figure';
import {
  type Ask,
  type Dose,
  isOnEdge,
  isOnFloor,
  type Motion,
  type Move,
  type Pose,
  type Position,
  type Rung,
  SEATED,
  type Side,
  type Variant,
} from '../model';
import { type Demand, demandsOfPose } from './shown';

/** The motion of a rung where the move is usually done: its own, or its share of the move's. */
const usualMotion = (move: Pick<Move, 'figure'>, rung: Rung | undefined): Motion | undefined => {
  if (rung?.figure) return rung.figure;
  if (!move.figure || !rung || rung.share === 1) return move.figure;
  return scaled(move.figure, rung.share);
};

/** On what a pose stands or sits, for each position in which a step can be done. */
const BASE: Readonly<Partial<Record<Position, Pose['base']>>> = {
  back: 'back',
  edge: 'edge',
  'wide edge': 'edge',
  standing: 'stand',
  floor: 'lying on the back',
  'floor seat': 'cross-legged',
};

const SIDES: readonly Side[] = ['left', 'right'];
/** The thighs go out so far with the feet wide, degrees. Common practice, no source. */
export const WIDE_OUT_DEG = 30;
/** The joints of one side there: feet below the knees. Where the arm rests, its hand goes along with the thigh. */
const WIDE_LEG = { 'hip.out': WIDE_OUT_DEG } as const;
const RESTING_ARM = { 'arm.across': 44 } as const;

/** The legs with the feet wide, where a pose does not say how they are; hands that rest on the thighs go along with them. */
const wideApart = ({ angles }: Pose): Pose['angles'] => {
  const rests = (side: Side): boolean =>
    !Object.keys(angles).some((name) => new RegExp(`^${side}\\.(arm|elbow|forearm)`).test(name));
  return Object.fromEntries(
    SIDES.flatMap((side) =>
      Object.entries({ ...WIDE_LEG, ...(rests(side) && RESTING_ARM) }).map(([joint, deg]) => [
        `${side}.${joint}`,
        deg,
      ]),
    ),
  );
};

const LEG = /\.(hip|knee|ankle|toes)\./;
/** The angles of a pose without those of the legs: sitting on the floor these are crossed, whatever they do on a chair. */
const crossedBelow = ({ angles }: Pose): Pose['angles'] =>
  Object.fromEntries(Object.entries(angles).filter(([name]) => !LEG.test(name)));

/** A pose as it is in the position of the step: the same angles on another seat, or on the feet. */
const placed = (pose: Pose, position: Position): Pose => {
  const base = BASE[position];
  if (base === undefined || pose.base.startsWith('lying')) return pose;
  if (position === 'wide edge') return { ...pose, base, angles: { ...wideApart(pose), ...pose.angles } };
  if (pose.base === base) return pose;
  return position === 'floor seat' ? { ...pose, base, angles: crossedBelow(pose) } : { ...pose, base };
};

const moved = new WeakMap<Motion, Map<Position, Motion>>();

/** A motion in another position than it is drawn in, with what stands around it there. */
const motionIn = (motion: Motion, position: Position): Motion => {
  const known = moved.get(motion)?.get(position);
  if (known) return known;
  const off = !SEATED.includes(position);
  const props = off ? motion.props.filter((prop) => prop !== 'stool') : motion.props;
  const there: Motion = {
    ...mapPoses(motion, (poses) => poses.map((pose) => placed(pose, position))),
    props: off && position !== 'standing' ? [...props, 'mat'] : props,
  };
  const map = moved.get(motion) ?? new Map<Position, Motion>();
  moved.set(motion, map.set(position, there));
  return there;
};

type Drawable = Pick<Move, 'figure' | 'position' | 'standing'>;

/**
 * The motion of a variant: what is drawn, and what is judged. Standing it may look different in more than its seat, where
 * the move or the rung says so.
 */
export const motionOf = ({ move, rung, position }: Variant<Drawable>): Motion | undefined => {
  if (position === move.position) return usualMotion(move, rung);
  const upright =
    position === 'standing'
      ? (rung?.standing?.figure ?? (rung?.figure ? undefined : move.standing?.figure))
      : undefined;
  if (upright)
    return rung && !rung.standing?.figure && rung.share !== 1 ? scaled(upright, rung.share) : upright;
  const usual = usualMotion(move, rung);
  return usual && motionIn(usual, position);
};

/**
 * The poses that ask something: all of them, the one it comes from as well. Only what settles or rests comes from however
 * one happens to sit, which nobody is told to do.
 */
const askingPoses = (variant: Variant): readonly Pose[] => {
  const { move, rung } = variant;
  const motion = motionOf(variant);
  const poses = motion ? allPoses(motion) : [];
  const comesFrom = STILL.includes(move.kind) && (rung?.figure ?? move.figure)?.path === 'there';
  return comesFrom && poses.length > 1 ? poses.slice(1) : poses;
};

const STILL: readonly Move['kind'][] = ['settle', 'breathe', 'close', 'pause'];

/** Longer than this is long at the end of the range, s. Common practice, no source. */
export const LONG_HOLD_SEC = 30;
/** A breath at the usual pace: longer than this is long for arms overhead and for effort, s. */
export const ONE_BREATH_SEC = 10;
/** A repetition of the head that is shorter than this is quick, s. Common practice, no source. */
export const QUICK_REP_SEC = 3;

/** For how long one stays in it, s: the hold; repetitions let go in between. */
const heldSec = ({ measure, amount }: Dose): number =>
  measure === 'seconds' ? amount : measure === 'breaths' ? amount * ONE_BREATH_SEC : 0;

/** What the dose adds to what is asked anyway. */
const byDose = (move: Move, asked: ReadonlySet<Demand>, dose: Dose): Demand[] => {
  const sec = heldSec(dose);
  const headMoves = move.areas[0] === 'neck' && move.kind !== 'massage' && dose.measure === 'reps';
  const quick = headMoves && typeof dose.repSec === 'number' && dose.repSec < QUICK_REP_SEC;
  const tests: [Demand, boolean][] = [
    ['head moving', headMoves],
    ['head moving fast', quick],
    ['long at the end', asked.has('end of range') && sec > LONG_HOLD_SEC],
    ['arms overhead for long', asked.has('arms overhead') && sec > ONE_BREATH_SEC],
    ['effort for long', asked.has('effort') && sec > ONE_BREATH_SEC],
  ];
  return tests.filter(([, holds]) => holds).map(([demand]) => demand);
};

const found = new WeakMap<Variant, Map<string, ReadonlySet<Demand>>>();

/**
 * What a variant asks, for a dose (the usual one when left out). All of the movement counts: the pose it comes from, the
 * way there, and the end.
 */
export const demandsOf = (variant: Variant, dose: Dose = variant.move.dose.usual): ReadonlySet<Demand> => {
  const { move, rung, position } = variant;
  const repSec = dose.measure === 'reps' ? dose.repSec : '';
  const key = `${dose.measure}|${heldSec(dose)}|${repSec}`;
  const known = found.get(variant)?.get(key);
  if (known) return known;
  const spared = new Set<Ask>(rung?.spares);
  const easiest = rung !== undefined && rung === move.rungs[0] && move.rungs.length > 1;
  if (easiest || (rung && rung.share < SMALL_SHARE)) spared.add('end of range');
  const demands = new Set<Demand>([...move.asks.filter((a) => !spared.has(a)), ...(rung?.asks ?? [])]);
  if (!STILL.includes(move.kind)) demands.add('movement');
  for (const pose of askingPoses(variant)) for (const d of demandsOfPose(pose)) demands.add(d);
  // Where it is bent deep that is what is asked; and whoever walks takes a leg back without stretching the hip.
  if (demands.has('hip bent deep')) demands.delete('hip bent past level');
  if (move.kind !== 'stretch') demands.delete('hip stretched back');
  // The way to a rounded back is no demand of its own.
  if (demands.has('back rounded')) demands.delete('back rounded a little');
  if (position === 'standing') demands.add('standing');
  if (isOnFloor(position)) demands.add('on the floor');
  if (isOnEdge(position)) demands.add('edge of the seat');
  for (const d of byDose(move, demands, dose)) demands.add(d);
  const ofVariant = found.get(variant) ?? new Map<string, ReadonlySet<Demand>>();
  found.set(variant, ofVariant.set(key, demands));
  return demands;
};
