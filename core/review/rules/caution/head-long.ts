import { demandsOf } from '../../../needs';
import { eachStep } from '../../each-step';
import { isHeld, partsOf } from '../../facts';
import type { Finding } from '../../finding';

/** So long nobody lets the head hang, or keeps it turned, whoever is there. Common practice, no source. */
export const LONGEST_HEAD_MS = 30_000;

/** A head kept low, or turned, for longer than half a minute at a time, in any group. */
export const headLong = eachStep((at, { timeline }): Finding[] => {
  const { move, step, variant } = at;
  if (!isHeld(at)) return [];
  const asks = demandsOf(variant);
  const low = asks.has('head low');
  if (!low && !asks.has('neck turned')) return [];
  const lengthMs = Math.max(
    0,
    ...partsOf(timeline, step.id).map((p) => (p.kind === 'work' ? p.lengthMs : 0)),
  );
  if (lengthMs <= LONGEST_HEAD_MS) return [];
  const about = { stepIds: [step.id], move: move.name, lengthMs };
  return low
    ? [{ ...about, code: 'headDownLong', weight: 'caution' }]
    : [{ ...about, code: 'headTurnedLong', weight: 'look' }];
});
