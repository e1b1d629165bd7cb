import type { JointName, Pose, Side, SidedJoint } from '../model';
import { BODY } from './body';
import { angleOf } from './rest';
import {
  add,
  along,
  bent,
  clamp,
  cross,
  direct,
  dot,
  type Frame,
  place,
  rad,
  scale,
  turnAbout,
  unit,
  type Vec,
  WORLD,
} from './space';

export const SIDES: readonly Side[] = ['left', 'right'];

/** Where the hand is and how it lies: along the fingers, out of the palm, toward the thumb. */
export interface Hand {
  wrist: Vec;
  along: Vec;
  palm: Vec;
  thumb: Vec;
  curlDeg: number;
  spreadDeg: number;
}
export interface Arm {
  shoulder: Vec;
  elbow: Vec;
  hand: Hand;
}
export interface Leg {
  hip: Vec;
  knee: Vec;
  ankle: Vec;
  heel: Vec;
  ball: Vec;
  toe: Vec;
}

/** Every place of the body that a pose determines, cm. */
export interface Skeleton {
  pelvis: Frame;
  low: Frame;
  mid: Frame;
  top: Frame;
  /** Where the neck leaves the trunk. */
  neck: Frame;
  /** Centre of the head. */
  head: Frame;
  arm: Record<Side, Arm>;
  leg: Record<Side, Leg>;
}

/** A frame seen from one side: x points outward there, so that both sides are reckoned alike. */
export const outward = (f: Frame, side: Side): Frame =>
  side === 'right' ? f : { ...f, right: scale(f.right, -1) };

const UP: Vec = [0, 1, 0];

/** How high a rolled mat carries whoever lies along it. */
export const ROLL_CM = 9;

/** The root: where the pelvis is and how the body as a whole lies, before it bends. */
const rootOf = ({ base }: Pose): Frame => {
  const seat: Vec = [0, BODY.pelvisY, 0];
  switch (base) {
    case 'cross-legged':
      return { ...WORLD, at: [0, BODY.floorSeatY, 0] };
    case 'lying on the back':
      return { at: [0, 11, 0], right: [1, 0, 0], up: [0, 0, -1], fwd: UP };
    case 'lying along a roll':
      return { at: [0, 11 + ROLL_CM, 0], right: [1, 0, 0], up: [0, 0, -1], fwd: UP };
    // Lying on a side, seen from the front: the head at the side of the page that carries the weight.
    case 'lying on the right side':
      return { at: [0, 16, 0], right: [0, -1, 0], up: [1, 0, 0], fwd: [0, 0, 1] };
    case 'lying on the left side':
      return { at: [0, 16, 0], right: [0, 1, 0], up: [-1, 0, 0], fwd: [0, 0, 1] };
    default:
      return { ...WORLD, at: seat };
  }
};

/** The shoulder blade follows the arm: about a third of the lift above 30 degrees. Common practice, no source. */
const bladeLift = (raise: number): number => Math.max(0, raise - 30) * 0.16;

/** The shoulder joint: on the trunk's top, moved by the shoulder blade and by the lifting arm. */
export const shoulderAt = (top: Frame, side: Side, pose: Pose, raise: number): Vec => {
  const of = (j: SidedJoint): number => angleOf(pose, `${side}.${j}`);
  const lift = rad(of('shoulder.lift') + bladeLift(raise));
  const fwd = rad(of('shoulder.forward'));
  const r = BODY.clavicle;
  const local: Vec = [
    r * Math.cos(lift) * Math.cos(fwd),
    BODY.spineTop - BODY.shoulderDrop + r * Math.sin(lift),
    r * Math.sin(fwd) * 0.9,
  ];
  return place(outward(top, side), local);
};

/** Direction of a limb lifted `raise` from hanging, in the plane `across` (0 outward, 90 forward), side's frame. */
export const limbDirection = (raise: number, across: number): Vec => [
  Math.sin(rad(raise)) * Math.cos(rad(across)),
  -Math.cos(rad(raise)),
  Math.sin(rad(raise)) * Math.sin(rad(across)),
];

/** Where `ref` comes to when the hanging limb swings to `dir` by the shortest way. */
export const swing = (dir: Vec, ref: Vec): Vec => {
  const axis = cross([0, -1, 0], dir);
  const size = Math.hypot(...axis);
  if (size < 1e-9) return ref;
  return turnAbout(ref, unit(axis), (Math.atan2(size, -dir[1]) * 180) / Math.PI);
};

const armOf = (pose: Pose, side: Side, top: Frame): Arm => {
  const of = (j: SidedJoint): number => angleOf(pose, `${side}.${j}`);
  const raise = of('arm.raise');
  const f = outward(top, side);
  const shoulder = shoulderAt(top, side, pose, raise);
  const dir = limbDirection(raise, of('arm.across'));
  // Inward roll turns the folded forearm toward the middle.
  const fold = turnAbout(swing(dir, [0, 0, 1]), dir, of('arm.twist'));
  const bend = rad(of('elbow.bend'));
  const fore = add(scale(dir, Math.cos(bend)), scale(fold, Math.sin(bend)));
  const thumb0 = add(scale(dir, -Math.sin(bend)), scale(fold, Math.cos(bend)));
  const hand = handOf(fore, thumb0, of('forearm.turn'), of('wrist.bend'), of('wrist.tilt'));
  const elbow = along(shoulder, direct(f, dir), BODY.upperArm);
  const wrist = along(elbow, direct(f, fore), BODY.forearm);
  return {
    shoulder,
    elbow,
    hand: {
      wrist,
      along: direct(f, hand.along),
      palm: direct(f, hand.palm),
      thumb: direct(f, hand.thumb),
      curlDeg: of('fingers.curl'),
      spreadDeg: of('fingers.spread'),
    },
  };
};

/** How the hand lies at the end of a forearm, all in the side's own frame. */
export const handOf = (
  fore: Vec,
  thumb0: Vec,
  turn: number,
  bend: number,
  tilt: number,
): { along: Vec; palm: Vec; thumb: Vec } => {
  const palm0 = cross(fore, thumb0);
  const [ct, st] = [Math.cos(rad(turn)), Math.sin(rad(turn))];
  const thumb1 = add(scale(thumb0, ct), scale(palm0, st));
  const palm1 = add(scale(palm0, ct), scale(thumb0, -st));
  const [cb, sb] = [Math.cos(rad(bend)), Math.sin(rad(bend))];
  const along1 = add(scale(fore, cb), scale(palm1, sb));
  const palm = add(scale(palm1, cb), scale(fore, -sb));
  const [cv, sv] = [Math.cos(rad(tilt)), Math.sin(rad(tilt))];
  return {
    along: add(scale(along1, cv), scale(thumb1, sv)),
    palm,
    thumb: add(scale(thumb1, cv), scale(along1, -sv)),
  };
};

/**
 * So far the thigh turns by itself as it goes out, degrees: the shin of a lifted thigh keeps hanging, and the foot stays below
 * the knee. A hanging leg that goes to the side keeps its toes ahead.
 */
const hangs = (bend: number, out: number): number => (bend > 0 ? out * (1 - Math.cos(rad(bend))) : 0);

const legOf = (pose: Pose, side: Side, pelvis: Frame, root: Frame): Leg => {
  const of = (j: SidedJoint): number => angleOf(pose, `${side}.${j}`);
  const f = outward(root, side);
  const hip = place(outward(pelvis, side), [BODY.hipHalf, 0, 0]);
  const bend = of('hip.bend');
  const dir = limbDirection(Math.abs(bend), bend < 0 ? of('hip.out') - 90 : 90 - of('hip.out'));
  const back = turnAbout(swing(dir, [0, 0, -1]), dir, of('hip.twist') - hangs(bend, of('hip.out')));
  const k = rad(of('knee.bend'));
  const shin = add(scale(dir, Math.cos(k)), scale(back, Math.sin(k)));
  const toe0 = add(scale(dir, Math.sin(k)), scale(back, -Math.cos(k)));
  const a = rad(of('ankle.bend'));
  const sole = add(scale(toe0, Math.cos(a)), scale(shin, -Math.sin(a)));
  const down = add(scale(shin, Math.cos(a)), scale(toe0, Math.sin(a)));
  const t = rad(of('toes.bend'));
  const toes = add(scale(sole, Math.cos(t)), scale(down, -Math.sin(t)));
  const knee = along(hip, direct(f, dir), BODY.thigh);
  const ankle = along(knee, direct(f, shin), BODY.shank);
  const [soleW, downW, toesW] = [direct(f, sole), direct(f, down), direct(f, toes)];
  const ball = along(along(ankle, soleW, BODY.ball), downW, BODY.ankle - 2.4);
  return {
    hip,
    knee,
    ankle,
    heel: along(along(ankle, soleW, -BODY.heel), downW, BODY.ankle - 3),
    ball,
    toe: along(ball, toesW, BODY.toe),
  };
};

const LOWEST_SOLE = 2.4;

/** A foot no higher than this above the lowest one stands, cm. */
const STANDS_CM = 4;

/** A standing body rests on its lowest foot, with the feet where they were; on both feet the hips go to a side, not the feet. */
const standOnFeet = (pose: Pose, root: Frame): Frame => {
  const legs = SIDES.map((side) => legOf(pose, side, root, root));
  const soles = legs.map((l) => Math.min(l.heel[1], l.ball[1], l.toe[1]));
  const lowest = Math.min(...soles);
  const middle = (axis: 0 | 2): number => legs.reduce((sum, l) => sum + l.ankle[axis], 0) / legs.length;
  const aside = soles.every((y) => y - lowest <= STANDS_CM) ? middle(0) : 0;
  return { ...root, at: [-aside, root.at[1] + LOWEST_SOLE - lowest, root.at[2] - middle(2)] };
};

const AT_EDGE: Pose = { base: 'edge', angles: {}, press: [] };

/** Off the edge of a seat the feet stay where they are in front of it. */
const offSeat = (pose: Pose, root: Frame): Frame => {
  const { at, ...frame } = standOnFeet(pose, root);
  return { ...frame, at: [at[0], at[1], at[2] + legOf(AT_EDGE, 'left', root, root).ankle[2]] };
};

/** Forward kinematics: from joint angles to every place of the body. */
export const skeletonOf = (pose: Pose): Skeleton => {
  const a = (name: JointName): number => angleOf(pose, name);
  const base = rootOf(pose);
  const root =
    pose.base === 'stand'
      ? standOnFeet(pose, base)
      : pose.base === 'off the seat'
        ? offSeat(pose, base)
        : base;
  const pelvis = bent(root, { flex: a('trunk.hinge') });
  const half = (part: 'low' | 'upper') => ({
    flex: a(`${part}.flex`) / 2,
    side: a(`${part}.side`) / 2,
    turn: a(`${part}.turn`) / 2,
  });
  const on = (f: Frame, up: number): Frame => ({ ...f, at: along(f.at, f.up, up) });
  const low = bent(on(pelvis, BODY.pelvis), half('low'));
  const mid = bent(bent(on(low, BODY.spineLow), half('low')), half('upper'));
  const top = bent(on(mid, BODY.spineMid), half('upper'));
  const part = (share: number) => ({
    flex: a('neck.flex') * share,
    side: a('neck.side') * share,
    turn: a('neck.turn') * share,
  });
  const neck = bent(on(top, BODY.spineTop), part(0.55));
  const atlas = bent(on({ ...neck, at: along(neck.at, top.fwd, a('neck.glide')) }, BODY.neck), part(0.45));
  const nodded = bent(atlas, { flex: a('neck.nod') });
  const head = { ...nodded, at: place(nodded, [0, BODY.head * 0.8, 1.6]) };
  const both = <T>(make: (side: Side) => T): Record<Side, T> => ({
    left: make('left'),
    right: make('right'),
  });
  return {
    pelvis,
    low,
    mid,
    top,
    neck,
    head,
    arm: both((side) => armOf(pose, side, top)),
    leg: both((side) => legOf(pose, side, pelvis, root)),
  };
};

/** Inclination of the head against upright, forward, degrees: what a load on the neck is reckoned from. */
export const headTiltDeg = (s: Skeleton): number => {
  const forward = unit([0, 0, 1]);
  return (Math.atan2(dot(s.head.up, forward), clamp(s.head.up[1], -1, 1)) * 180) / Math.PI;
};
