import type { z } from 'zod';
import { type Reach, reaching } from '../figure';
import { type JointName, Motion, Pose, type Rung, type Side, type SidedJoint } from '../model';

export type Angles = Pose['angles'];
export type SidedAngles = Partial<Record<SidedJoint, number>>;

const of =
  (side: Side) =>
  (angles: SidedAngles): Angles =>
    Object.fromEntries(
      Object.entries(angles).map(([joint, value]) => [`${side}.${joint}` as JointName, value]),
    );

/** Angles of one side, or of both alike. */
export const left = of('left');
export const right = of('right');
export const both = (angles: SidedAngles): Angles => ({ ...left(angles), ...right(angles) });

/** A pose sitting back, unless another base is named. */
export const pose = (angles: Angles = {}, base: Pose['base'] = 'back'): Pose => Pose.parse({ base, angles });
export const edge = (angles: Angles = {}): Pose => pose(angles, 'edge');
/** Lifted off the edge of the seat, the feet where they are when one sits on it. */
export const offSeat = (angles: Angles = {}): Pose => pose(angles, 'off the seat');
export const stand = (angles: Angles = {}): Pose => pose(angles, 'stand');

/** The same pose with some angles changed. */
export const also = (from: Pose, angles: Angles): Pose => ({
  ...from,
  angles: { ...from.angles, ...angles },
});
/** The same pose with arrows of pressure. */
export const pressing = (from: Pose, ...press: Pose['press']): Pose => ({ ...from, press });

/** The same pose with one hand, or both, reaching somewhere. */
export const hand = (from: Pose, side: Side | 'both', to: Reach['to'], more: Omit<Reach, 'to'> = {}): Pose =>
  side === 'both'
    ? reaching(reaching(from, 'left', { to, ...more }), 'right', { to, ...more })
    : reaching(from, side, { to, ...more });

type Look = Partial<Pick<z.input<typeof Motion>, 'view' | 'crop' | 'props' | 'reason' | 'second'>>;
const motion =
  (path: Motion['path']) =>
  (look: Look, ...poses: Pose[]): Motion =>
    Motion.parse({ ...look, path, poses });

/** The same motion with arrows of pressure where it ends. */
export const pressed = (made: Motion, ...press: Pose['press']): Motion => ({
  ...made,
  poses: made.poses.map((p, i) => (i === made.poses.length - 1 ? { ...p, press } : p)),
});
/** Into a pose and held; there and back again; round in a ring. */
export const there = motion('there');
export const andBack = motion('back');
export const round = motion('round');

/** One rung. */
export const rung = (
  name: string,
  how: string,
  more: Partial<z.input<typeof Rung>> = {},
): z.input<typeof Rung> => ({
  name,
  how,
  ...more,
});
/** The two rungs nearly every movement has: half as far, and as far as is easy. */
export const smallAndFull = (
  full = 'as far as is easy',
  how = 'To the point of mild tension.',
  share = 0.55,
) => [rung('small', 'Half as far, or less.', { share }), rung(full, how)];

/** Dose bands: least, usual, most. */
export const sec = (least: number, usual: number, most: number) => ({
  least,
  usual: { measure: 'seconds', amount: usual } as const,
  most,
});
export const breaths = (least: number, usual: number, most: number) => ({
  least,
  usual: { measure: 'breaths', amount: usual } as const,
  most,
});
export const reps = (least: number, usual: number, most: number, repSec: number | 'breath') => ({
  least,
  usual: { measure: 'reps', amount: usual, repSec } as const,
  most,
});

/** Ways. */
export const together = { pattern: 'together' } as const;
export const directions = (first: string, second: string) =>
  ({ pattern: 'together', directions: [first, second] }) as {
    pattern: 'together';
    directions: [string, string];
  };
type Felt = 'same' | 'opposite' | 'both';
type Pair = 'side' | 'arm on top' | 'hand on top' | 'leg on top' | 'thumb in front' | 'diagonal';
export const each = (felt: Felt, moves: string, pair: Pair = 'side') =>
  ({ pattern: 'each', pair, felt, moves }) as const;
export const alternate = (felt: Felt, moves: string, pair: Pair = 'side') =>
  ({ pattern: 'alternate', pair, felt, moves }) as const;

/** Why a hand behind the back turns its shoulder further than the norm. */
export const BEHIND =
  'Behind the back the shoulder blade tips along; the norm is measured with the blade held still.';

/** Nobody notices, on the phone or on camera. */
export const unseen = { call: true, camera: true } as const;
/** Quiet enough for the phone, but seen. */
export const quiet = { call: true, camera: false } as const;
