import { demandsOf } from '../../../needs';
import { partsOf, placedSteps } from '../../facts';
import type { Finding, ReviewRule } from '../../finding';

/** A rest in the middle longer than this is taken for the end. Common practice, no source. */
export const REST_MOST_MS = 60_000;
/** The dose that one press gives such a rest, s. */
export const REST_SEC = 30;
/** Eyes are closed for longer than this only when it was said how long it will be. Common practice, no source. */
export const UNTOLD_MOST_MS = 60_000;

const LENGTH = /\b(?:minutes?|seconds?)\b/i;
const spokenMinutes = (ms: number): string => {
  const halves = Math.round(ms / 30_000) / 2;
  return halves === 1.5 ? 'a minute and a half' : `about ${Math.round(halves)} minutes`;
};

/** A long rest in the middle of a break; and eyes that are closed for long, when nobody has said for how long. */
export const silence: ReviewRule = ({ resolved, timeline }) => {
  const steps = placedSteps(resolved);
  const lastWork = steps.findLastIndex(({ move }) => move.kind !== 'pause' && move.kind !== 'close');
  return steps.flatMap((at): Finding[] => {
    const { step, move, index, variant } = at;
    const lengthMs = Math.max(
      0,
      ...partsOf(timeline, step.id).map((p) => (p.kind === 'work' ? p.lengthMs : 0)),
    );
    const one = { weight: 'look', stepIds: [step.id], move: move.name, lengthMs } as const;
    if (move.kind === 'pause' && lengthMs > REST_MOST_MS && index < lastWork)
      return [
        {
          ...one,
          code: 'restLong',
          mostMs: REST_MOST_MS,
          fix: { do: 'dose', stepId: step.id, amount: REST_SEC, unit: 's' },
        },
      ];
    if (lengthMs <= UNTOLD_MOST_MS || !demandsOf(variant).has('eyes closed')) return [];
    const told = steps
      .slice(0, index + 1)
      .some((s) =>
        partsOf(timeline, s.step.id).some((p) =>
          p.lines.some((l) => ['note', 'say'].includes(l.role) && LENGTH.test(l.text)),
        ),
      );
    const text = `Later it will be quiet for ${spokenMinutes(lengthMs)}, with the eyes closed if you like. You will hear when it is over.`;
    return told ? [] : [{ ...one, code: 'silenceUntold', fix: { do: 'announce', text } }];
  });
};
