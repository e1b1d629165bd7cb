import { angleOf, reversed, stillOf } from '../../../figure';
import type { JointName } from '../../../model';
import { motionOf } from '../../../needs/demands';
import { moveFor } from '../../choose';
import { isHeld, type PlacedStep, placedSteps } from '../../facts';
import type { Finding, ReviewRule } from '../../finding';

/** Bent at least so far a wrist is bent. Common practice, no source. */
export const BENT_DEG = 30;
/** A movement that bends them at least so far, up and down, does for both ways. Common practice, no source. */
export const MOVED_DEG = 48;

/** Which way a step bends the wrists: fingers up, down, or both. */
export const bendOf = (at: Pick<PlacedStep, 'move' | 'step' | 'variant'>): { up: boolean; down: boolean } => {
  const { move, variant } = at;
  const least = isHeld(at) ? BENT_DEG : MOVED_DEG;
  const motion = motionOf(variant);
  // Circles pass through both ways and stay in none.
  const poses =
    !motion || motion.path === 'round'
      ? []
      : motion.path === 'there'
        ? [stillOf(motion), stillOf(reversed(motion))].slice(0, motion.second ? 2 : 1)
        : motion.poses;
  // Poses are drawn for the left way: of a move with two ways it is the left wrist that is meant.
  const joints: readonly JointName[] =
    move.ways.pattern === 'together' ? ['left.wrist.bend', 'right.wrist.bend'] : ['left.wrist.bend'];
  const bends = poses.flatMap((p) => joints.map((joint) => angleOf(p, joint)));
  return { up: bends.some((b) => b <= -least), down: bends.some((b) => b >= least) };
};

/** A hold of the forearm, which wants the wrists bent the other way as well. */
export const wantsOther = (at: Pick<PlacedStep, 'move' | 'step'>): boolean =>
  isHeld(at) && at.move.areas[0] === 'forearm' && at.move.region === 'wrist';

/** Wrists that are bent one way only: fingers up wants fingers down as well. Common practice, no source. */
export const wrists: ReviewRule = ({ resolved, library }) => {
  const steps = placedSteps(resolved).filter(({ move }) => move.region === 'wrist');
  const holds = steps.filter(wantsOther);
  const held = holds.map(bendOf);
  const all = steps.map(bendOf);
  const [first] = holds;
  if (!first) return [];
  const ways = (['up', 'down'] as const).filter((way) => held.some((b) => b[way]));
  const [way] = ways;
  if (ways.length !== 1 || !way) return [];
  const other = way === 'up' ? 'down' : 'up';
  if (all.some((b) => b[other])) return [];
  const put = moveFor(library, 'stretch', 'forearm', resolved.approach, (m) => m.id === `fingers-${other}`);
  const finding: Finding = {
    code: 'wristOneWay',
    weight: 'look',
    stepIds: [first.step.id],
    move: first.move.name,
    way,
    ...(put && {
      fix: {
        do: 'add',
        moveId: put.id,
        name: put.name,
        beforeId: placedSteps(resolved)[first.index + 1]?.step.id ?? null,
      },
    }),
  };
  return [finding];
};
