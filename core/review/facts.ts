import type { Side } from '../model';
import type { Part, ResolvedStep, Timeline } from '../timing';

export { type PlacedStep, placedSteps } from '../timing';

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

/** A hold: what is kept, not repeated. A move that goes from side to side is held too where it has seconds or breaths. */
export const isHeld = ({ step, move }: ResolvedStep): boolean =>
  step.dose.measure !== 'reps' &&
  (move.kind === 'stretch' || (move.kind === 'mobilise' && move.ways.pattern === 'alternate'));
