import type { Area } from '../../../model';
import { placedSteps } from '../../facts';
import type { Finding, ReviewRule } from '../../finding';

/** One asked-for area with so many times the seconds of another, and so much more. Common practice, no source. */
export const TIMES = 4;
export const MORE_MS = 60_000;
/** Below this it is told as missing. */
export const MISSED_MS = 10_000;

/** Two areas the break is for, one of them with many times what the other gets. */
export const farBeyond: ReviewRule = ({ resolved, timeline }) => {
  const { targets = [] } = resolved.brk;
  if (targets.length < 2) return [];
  const steps = new Map(placedSteps(resolved).map(({ step, move }) => [step.id, move]));
  const none = (): Map<Area, number> => new Map(targets.map((area) => [area, 0]));
  // What a move is mainly for makes an area too much; an area has something as well where it comes second.
  const [mainly, inAll] = [none(), none()];
  for (const part of timeline.parts) {
    const move = steps.get(part.stepId);
    if (part.kind !== 'work' || !move || move.kind === 'settle') continue;
    for (const area of targets) {
      if (move.areas[0] === area) mainly.set(area, (mainly.get(area) ?? 0) + part.lengthMs);
      if (move.areas.includes(area)) inAll.set(area, (inAll.get(area) ?? 0) + part.lengthMs);
    }
  }
  const [most] = [...mainly].sort((a, b) => b[1] - a[1]);
  const [least] = [...inAll].sort((a, b) => a[1] - b[1]);
  if (!most || !least || least[1] < MISSED_MS) return [];
  if (most[1] < least[1] * TIMES || most[1] - least[1] < MORE_MS) return [];
  const finding: Finding = {
    code: 'areaFarBeyond',
    weight: 'look',
    stepIds: [],
    area: most[0],
    heldMs: most[1],
    least: least[0],
    leastMs: least[1],
  };
  return [finding];
};
