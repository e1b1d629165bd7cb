import { angleOf, stillOf } from '../../../figure';
import { rungOf } from '../../../model';
import { motionOf } from '../../../needs/demands';
import { moveFor } from '../../choose';
import { isHeld, type PlacedStep, placedSteps } from '../../facts';
import type { Finding, ReviewRule } from '../../finding';

/** Bent at least so far a wrist is bent. Common practice, no source. */
const BENT_DEG = 30;

/** Which way a step bends the wrists: fingers up, down, or both. */
const bendOf = ({ move, step }: PlacedStep): { up: boolean; down: boolean } => {
  const motion = motionOf(move, rungOf(move, step.rung));
  const poses = motion ? (motion.path === 'there' ? [stillOf(motion)] : motion.poses) : [];
  const bends = poses.flatMap((p) => [angleOf(p, 'left.wrist.bend'), angleOf(p, 'right.wrist.bend')]);
  return { up: bends.some((b) => b <= -BENT_DEG), down: bends.some((b) => b >= BENT_DEG) };
};

/** Wrists that are bent one way only: fingers up wants fingers down as well. Common practice, no source. */
export const wrists: ReviewRule = ({ resolved, library }) => {
  const steps = placedSteps(resolved).filter(({ move }) => move.region === 'wrist');
  const holds = steps.filter((s) => isHeld(s) && s.move.areas[0] === 'forearm');
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
