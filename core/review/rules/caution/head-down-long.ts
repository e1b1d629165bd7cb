import { demandsOf } from '../../../needs';
import { eachStep } from '../../each-step';
import { isHeld, partsOf } from '../../facts';
import type { Finding } from '../../finding';

/** So long nobody lets the head hang, whoever is there. Common practice, no source. */
export const LONGEST_HEAD_LOW_MS = 30_000;

/** A head kept low for longer than half a minute at a time, in any group. */
export const headDownLong = eachStep((at, { timeline }): Finding[] => {
  const { move, step, position } = at;
  if (!isHeld(at)) return [];
  if (!demandsOf(move, step.rung, position).has('head low')) return [];
  const lengthMs = Math.max(
    0,
    ...partsOf(timeline, step.id).map((p) => (p.kind === 'work' ? p.lengthMs : 0)),
  );
  if (lengthMs <= LONGEST_HEAD_LOW_MS) return [];
  return [{ code: 'headDownLong', weight: 'caution', stepIds: [step.id], move: move.name, lengthMs }];
});
