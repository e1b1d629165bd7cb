import { motionOf } from '../../../needs/demands';
import { isHeld, type PlacedStep, placedSteps, workOf } from '../../facts';
import type { Finding, ReviewRule } from '../../finding';

/** So long the head may be away from neutral before it comes back. Common practice, no source. */
export const LONGEST_NECK_MS = 60_000;

/** Held, or going round: to and fro comes through neutral with each repetition. */
const isAway = (at: PlacedStep): boolean =>
  at.move.region === 'neck' && (isHeld(at) || motionOf(at.variant)?.path === 'round');

/** More than a minute of neck work from one return to neutral to the next: long holds, many sets, long series. */
export const neckLong: ReviewRule = ({ resolved, timeline }) => {
  const steps = placedSteps(resolved);
  const away = new Map(steps.flatMap((s) => (isAway(s) ? [[s.step.id, s]] : [])));
  if (away.size === 0) return [];
  /** The links of a series led one by one come back in time, if each does so by itself. */
  const helps = (chainId: string): boolean =>
    steps.every(
      (s) =>
        s.chainId !== chainId ||
        (['left', 'right'] as const).every((side) => workOf(timeline, s.step.id, side) <= LONGEST_NECK_MS),
    );
  const found: Finding[] = [];
  let lengthMs = 0;
  let first: PlacedStep | null = null;
  for (const part of timeline.parts) {
    const at = away.get(part.stepId);
    if (part.kind === 'return' || !at) {
      lengthMs = 0;
      first = null;
      continue;
    }
    if (part.kind !== 'work') continue;
    first ??= at;
    lengthMs += part.lengthMs;
    if (lengthMs <= LONGEST_NECK_MS) continue;
    const said = found.find((f) => f.stepIds[0] === first?.step.id);
    if (said?.code === 'neckLong') said.lengthMs = Math.max(said.lengthMs, lengthMs);
    else
      found.push({
        code: 'neckLong',
        weight: 'look',
        stepIds: [first.step.id],
        move: first.move.name,
        lengthMs,
        ...(first.chainId !== null &&
          helps(first.chainId) && { fix: { do: 'link by link', chainId: first.chainId } }),
      });
  }
  return found;
};
