import type { Area } from '../model';
import type { Finding, ReviewRule } from './finding';
import { placedSteps } from './places';

/** Longer holds than this want the area moved first. Common practice, no source. */
const SHORT_HOLD_MS = 10_000;

/** A stretch held for more than 10 s whose area has not been mobilised before it. */
export const mobilised: ReviewRule = ({ resolved, timeline: { parts } }) => {
  const warm = new Set<Area>();
  return placedSteps(resolved).flatMap(({ step, move }): Finding[] => {
    if (move.kind === 'mobilise') for (const area of move.areas) warm.add(area);
    if (move.kind !== 'stretch' || step.dose.measure === 'reps') return [];
    const holds = parts.filter((p) => p.stepId === step.id && p.kind === 'work').map((p) => p.lengthMs);
    const holdMs = Math.max(0, ...holds);
    const area = move.areas[0] as Area;
    if (holdMs <= SHORT_HOLD_MS || warm.has(area)) return [];
    return [{ code: 'notMobilised', weight: 'caution', stepIds: [step.id], move: move.name, area, holdMs }];
  });
};
