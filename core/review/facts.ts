import type { Position, Side } from '../model';
import { isResolvedChain, type Part, type ResolvedBreak, type ResolvedStep, type Timeline } from '../timing';

/** A step with where it stands and the sides it is really done on, chain included. */
export interface PlacedStep extends ResolvedStep {
  /** Place among all steps, from 0. */
  index: number;
  chainId: string | null;
  doneSides: 'both' | Side | 'none';
  position: Position;
}

const meet = (a: 'both' | Side, b: 'both' | Side): PlacedStep['doneSides'] => {
  if (a === 'both') return b;
  return b === 'both' || a === b ? a : 'none';
};

const placed = new WeakMap<ResolvedBreak, PlacedStep[]>();

/** All steps in order, links of chains with the sides their chain leaves them. Worked out once for each break. */
export const placedSteps = (resolved: ResolvedBreak): PlacedStep[] => {
  const known = placed.get(resolved);
  if (known) return known;
  const steps: PlacedStep[] = [];
  const add = (at: ResolvedStep, chainId: string | null, doneSides: PlacedStep['doneSides']): void => {
    const position = at.step.position ?? at.move.position;
    steps.push({ ...at, index: steps.length, chainId, doneSides, position });
  };
  for (const item of resolved.items)
    if (isResolvedChain(item))
      for (const link of item.links) add(link, item.chain.id, meet(item.chain.sides, link.step.sides));
    else add(item, null, item.step.sides);
  placed.set(resolved, steps);
  return steps;
};

const byStep = new WeakMap<Timeline, Map<string, Part[]>>();

/** The parts of one step, in order. Worked out once for each timeline. */
export const partsOf = (timeline: Timeline, stepId: string): readonly Part[] => {
  let map = byStep.get(timeline);
  if (!map) {
    map = new Map();
    for (const part of timeline.parts) {
      const own = map.get(part.stepId);
      if (own) own.push(part);
      else map.set(part.stepId, [part]);
    }
    byStep.set(timeline, map);
  }
  return map.get(stepId) ?? [];
};

/** Milliseconds of work of one step on one side, or on all of them. */
export const workOf = (timeline: Timeline, stepId: string, side?: Side): number =>
  partsOf(timeline, stepId).reduce(
    (sum, p) => sum + (p.kind === 'work' && (side === undefined || p.side === side) ? p.lengthMs : 0),
    0,
  );

/** A hold: a stretch that is kept, not repeated. */
export const isHeld = ({ step, move }: ResolvedStep): boolean =>
  move.kind === 'stretch' && step.dose.measure !== 'reps';
