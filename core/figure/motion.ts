import type { JointName, Motion, Pose } from '../model';
import { angleOf } from './rest';

/** Slow at both ends, as a body moves. */
const ease = (t: number): number => t * t * (3 - 2 * t);

/** Whoever gets up from a seat is off it from the first moment on, and comes back to it at the last. */
const baseBetween = (from: Pose, to: Pose, t: number): Pose['base'] => {
  if ([from.base, to.base].includes('off the seat')) return 'off the seat';
  return t < 0.5 ? from.base : to.base;
};

/** The pose between two: every joint on its way, `t` from 0 to 1. Things that cannot be halved change at half-way. */
export const between = (from: Pose, to: Pose, t: number): Pose => {
  if (t <= 0) return from;
  if (t >= 1) return to;
  const names = new Set([...Object.keys(from.angles), ...Object.keys(to.angles)] as JointName[]);
  const angles: Pose['angles'] = {};
  for (const name of names) {
    const a = angleOf(from, name);
    angles[name] = a + (angleOf(to, name) - a) * t;
  }
  return { base: baseBetween(from, to, t), angles, press: t < 0.5 ? from.press : to.press };
};

/** A motion with other poses, those of its second direction as well. */
export const mapPoses = (motion: Motion, change: (poses: readonly Pose[]) => Pose[]): Motion => ({
  ...motion,
  poses: change(motion.poses),
  ...(motion.second && { second: change(motion.second) }),
});

/** Every pose of a motion, in whichever direction. */
export const allPoses = ({ poses, second }: Pick<Motion, 'poses' | 'second'>): readonly Pose[] =>
  second ? [...poses, ...second] : poses;

/** A share of a motion: an easier rung goes the same way, only not so far (or a little farther, above 1). */
export const scaled = (motion: Motion, share: number): Motion => {
  const toward = (first: Pose, pose: Pose): Pose => {
    const angles: Pose['angles'] = {};
    for (const name of new Set([
      ...Object.keys(first.angles),
      ...Object.keys(pose.angles),
    ]) as Set<JointName>) {
      const a = angleOf(first, name);
      angles[name] = Math.round(a + (angleOf(pose, name) - a) * share) || 0;
    }
    return { ...pose, angles };
  };
  const along = (poses: readonly Pose[]): Pose[] =>
    poses.map((pose, i) => (i === 0 ? pose : toward(poses[0] as Pose, pose)));
  return mapPoses(motion, along);
};

/**
 * The pose at a moment of a motion, `phase` from 0 to 1 of one repetition. `there` goes into the last pose and
 * stays; `back` reaches it half-way and returns; `round` goes through all poses in a ring.
 */
export const poseAt = ({ poses, path }: Pick<Motion, 'poses' | 'path'>, phase: number): Pose => {
  const first = poses[0] as Pose;
  if (poses.length === 1) return first;
  const wrapped = path === 'there' ? Math.min(1, Math.max(0, phase)) : phase - Math.floor(phase);
  const legs = path === 'round' ? poses.length : poses.length - 1;
  const share = path === 'back' ? 1 - Math.abs(1 - 2 * wrapped) : wrapped;
  const at = (path === 'round' ? share : ease(share)) * legs;
  const leg = Math.min(legs - 1, Math.floor(at));
  const from = poses[leg] as Pose;
  const to = poses[(leg + 1) % poses.length] as Pose;
  return between(from, to, at - leg);
};

/** The second of two directions: poses of its own, or the same ones the other way round. */
export const reversed = (motion: Motion): Motion => {
  if (motion.second) return { ...motion, poses: motion.second, second: motion.poses };
  return motion.path === 'round'
    ? { ...motion, poses: [motion.poses[0] as Pose, ...motion.poses.slice(1).reverse()] }
    : { ...motion, poses: [...motion.poses].reverse() };
};

/** The pose that shows a motion best when it stands still: its last, or the far side of its ring. */
export const stillOf = ({ poses, path }: Pick<Motion, 'poses' | 'path'>): Pose =>
  (path === 'round' ? poses[Math.floor(poses.length / 2)] : poses.at(-1)) as Pose;
