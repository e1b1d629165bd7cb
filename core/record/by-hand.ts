import type { Area, DonePart, Milliseconds, Side } from '../model';
import type { ResolvedBreak, Timeline } from '../timing';
import { doneParts } from './record';

/** What was left out of a break that was led without Kotabi: a step, or one side of it. */
export interface LeftOut {
  stepId: string;
  side: Side | null;
}

/** The parts of a break that was led as planned but for what was left out. */
export const partsLed = (
  resolved: ResolvedBreak,
  timeline: Timeline,
  leftOut: readonly LeftOut[],
): DonePart[] => {
  const out = (stepId: string, side: Side | null): boolean =>
    leftOut.some((l) => l.stepId === stepId && (l.side === null || l.side === side));
  const doneMs = timeline.parts.map((p) => (out(p.stepId, p.side) ? 0 : p.lengthMs));
  return doneParts(resolved, timeline, { doneMs });
};

/** Minutes on some areas, shared out evenly, each on both sides: all that is known where no break was written. */
export const partsOfAreas = (areas: readonly Area[], lengthMs: Milliseconds): DonePart[] =>
  areas.map((area, i) => {
    const each = Math.round((lengthMs * (i + 1)) / areas.length) - Math.round((lengthMs * i) / areas.length);
    return {
      stepId: `area-${i + 1}`,
      moveName: area.charAt(0).toUpperCase() + area.slice(1),
      kind: 'work',
      side: null,
      felt: 'both',
      plannedMs: each,
      doneMs: each,
      moveId: null,
      area,
      // Nobody said that it was held: it does not count for the aim.
      counts: 'moved',
      muscles: [],
    };
  });
