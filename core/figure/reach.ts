import type { JointName, Pose, Side, SidedJoint } from '../model';
import { BODY } from './body';
import { type Landing, type LandmarkName, landingOf } from './landmarks';
import { angleOf } from './rest';
import { handOf, limbDirection, outward, shoulderAt, skeletonOf, swing } from './skeleton';
import { add, clamp, cross, deg, dot, type Frame, place, scale, sub, unit, type Vec, within } from './space';

/** Where a hand goes: a named place of the body, or a point in the chest's own directions (outward, up, forward). */
export interface Reach {
  to: LandmarkName | Vec;
  /** Which way the elbow points, in the chest's directions (outward, up, forward). */
  elbow?: Vec;
  /** Directions of the palm and the fingers in the chest's directions; a named place has its own. */
  palm?: Vec;
  along?: Vec;
  /** What of the hand arrives, cm along it from the wrist: 8 is the palm, 15 the fingertips. */
  with?: number;
}

/** The point of the trunk's top frame, seen from one side. */
const chestFrame = (top: Frame, side: Side): Frame => outward(top, side);

const perpendicular = (v: Vec, axis: Vec): Vec => sub(v, scale(axis, dot(v, axis)));

/** Angles that bring the wrist to a point, all in the chest's own directions; too far away, the arm is stretched. */
const twoBones = (
  from: Vec,
  to: Vec,
  hint: Vec,
): { raise: number; across: number; twist: number; bend: number } => {
  const [u, f] = [BODY.upperArm, BODY.forearm];
  const way = sub(to, from);
  const far = clamp(Math.hypot(...way), Math.abs(u - f) + 4, u + f - 0.05);
  const ahead = unit(way);
  const side = unit(perpendicular(hint, ahead));
  // Law of cosines: the angle at the shoulder between the upper arm and the straight way to the wrist.
  const cosA = clamp((u * u + far * far - f * f) / (2 * u * far), -1, 1);
  const dir = unit(add(scale(ahead, cosA), scale(side, Math.sqrt(1 - cosA * cosA))));
  const cosB = clamp((u * u + f * f - far * far) / (2 * u * f), -1, 1);
  const bend = 180 - deg(Math.acos(cosB));
  const raise = deg(Math.acos(clamp(-dir[1], -1, 1)));
  const across = deg(Math.atan2(dir[2], dir[0]));
  const fore = unit(sub(add(from, scale(ahead, far)), add(from, scale(dir, u))));
  const fold0 = swing(limbDirection(raise, across), [0, 0, 1]);
  const fold = perpendicular(fore, dir);
  const twist =
    Math.hypot(...fold) < 1e-6 ? 0 : deg(Math.atan2(dot(cross(fold0, fold), dir), dot(fold0, fold)));
  return { raise, across, twist, bend };
};

/** Angles of forearm and wrist that lay the hand as wanted, on a forearm that is there already. */
const handAngles = (fore: Vec, thumb0: Vec, wanted: { along: Vec; palm: Vec }) => {
  const along = unit(wanted.along);
  const palm = unit(perpendicular(wanted.palm, along));
  const thumb = cross(palm, along);
  const bend = -Math.asin(clamp(dot(fore, palm), -1, 1));
  const tilt = Math.atan2(-dot(fore, thumb), dot(fore, along));
  const flat = unit(add(palm, scale(fore, Math.sin(bend))));
  const palm0 = cross(fore, thumb0);
  const turn = Math.atan2(-dot(flat, thumb0), dot(flat, palm0));
  return { turn: deg(turn), bend: deg(bend), tilt: deg(tilt) };
};

const WRIST = { turn: [-80, 80], bend: [-70, 80], tilt: [-30, 20] } as const;
const round1 = (n: number): number => Math.round(n) || 0;

/** True when a further pass changed nothing. */
const same = (a: Pose['angles'], b: Pose['angles']): boolean =>
  Object.keys(b).every((key) => a[key as JointName] === b[key as JointName]);

/**
 * The pose with one arm reaching somewhere: shoulder, elbow, forearm and wrist angles found by inverse
 * kinematics and rounded to whole degrees. Wrist and forearm stay inside their norms, so that a hand that would
 * have to break to lie quite flat does not.
 */
export const reaching = (
  pose: Pose,
  side: Side,
  { to, elbow = [0.5, -0.7, -0.35], palm, along, with: far = 8 }: Reach,
): Pose => {
  let made = pose;
  const set = (more: Partial<Record<SidedJoint, number>>): void => {
    const angles = { ...made.angles };
    for (const [joint, value] of Object.entries(more))
      angles[`${side}.${joint}` as JointName] = round1(value);
    made = { ...made, angles };
  };
  for (let pass = 0; pass < 6; pass++) {
    const before = made.angles;
    const s = skeletonOf(made);
    const f = chestFrame(s.top, side);
    const local = (v: Vec): Vec => within(f, sub(v, f.at));
    const landing: Landing = typeof to === 'string' ? landingOf(to, s, side) : { at: place(f, to) };
    const wanted = {
      palm: palm ?? (landing.palm && within(f, landing.palm)),
      along: along ?? (landing.along && within(f, landing.along)),
    };
    const hand = s.arm[side].hand;
    const nowAlong = pass === 0 && wanted.along ? unit(wanted.along) : within(f, hand.along);
    const wrist = sub(local(landing.at), scale(nowAlong, far));
    const raise0 = pass === 0 ? 40 : angleOf(made, `${side}.arm.raise`);
    const shoulder = local(shoulderAt(s.top, side, made, raise0));
    const bones = twoBones(shoulder, wrist, elbow);
    set({
      'arm.raise': bones.raise,
      'arm.across': clamp(bones.across, -100, 140),
      'arm.twist': clamp(bones.twist, -100, 100),
      'elbow.bend': clamp(bones.bend, 0, 150),
    });
    if (!wanted.palm && !wanted.along) {
      if (same(before, made.angles)) break;
      continue;
    }
    const after = skeletonOf(made);
    const g = chestFrame(after.top, side);
    const arm = after.arm[side];
    const fore = unit(within(g, sub(arm.hand.wrist, arm.elbow)));
    const upper = unit(within(g, sub(arm.elbow, arm.shoulder)));
    const bent = perpendicular(scale(upper, -1), fore);
    const thumb0 = Math.hypot(...bent) > 0.05 ? unit(bent) : unit(perpendicular([0, 1, 0], fore));
    const free = handOf(fore, thumb0, angleOf(made, `${side}.forearm.turn`), 0, 0);
    const angles = handAngles(fore, thumb0, { palm: wanted.palm ?? free.palm, along: wanted.along ?? fore });
    set({
      'forearm.turn': clamp(angles.turn, ...WRIST.turn),
      'wrist.bend': clamp(angles.bend, ...WRIST.bend),
      'wrist.tilt': clamp(angles.tilt, ...WRIST.tilt),
    });
    if (same(before, made.angles)) break;
  }
  return made;
};
