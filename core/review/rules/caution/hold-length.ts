import type { Dose } from '../../../model';
import { demandsOf } from '../../../needs';
import { published } from '../../../reference';
import { eachStep } from '../../each-step';
import { isHeld, type PlacedStep, partsOf } from '../../facts';
import type { Finding } from '../../finding';

export const LEAST_MS = published.staticHold.leastSec * 1000;
export const MOST_MS = published.staticHoldTotal.olderMostSec * 1000;

/** Longer than this the neck is not held at a time, nor the arms overhead. Common practice, no source. */
export const TENDER_MOST_MS = 45_000;

/** What of a step is not held long: the neck, or arms overhead. */
const tender = ({ move, variant }: PlacedStep): 'the neck' | 'arms overhead' | null => {
  if (move.areas[0] === 'neck') return 'the neck';
  return demandsOf(variant).has('arms overhead') ? 'arms overhead' : null;
};

/** The dose that makes a hold of so many seconds. */
const asDose = (dose: Dose, seconds: number, cycleMs: number, up: boolean): number => {
  if (dose.measure === 'seconds') return seconds;
  const breaths = (seconds * 1000) / cycleMs;
  return Math.max(1, up ? Math.ceil(breaths) : Math.floor(breaths));
};

/** A hold shorter than the published 10 s, longer than 60 s, or long for the neck and for arms overhead. */
export const holdLength = eachStep((at, { timeline }): Finding[] => {
  if (!isHeld(at)) return [];
  const { step, move } = at;
  const works = partsOf(timeline, step.id).filter((p) => p.kind === 'work');
  if (works.length === 0) return [];
  const lengths = works.map((p) => p.lengthMs);
  const [short, long] = [Math.min(...lengths), Math.max(...lengths)];
  const cycleMs = works[0]?.breath?.cycleMs ?? 10_000;
  const one = { stepIds: [step.id], move: move.name } as const;
  const unit = step.dose.measure === 'seconds' ? 's' : 'breaths';
  const fix = (seconds: number, up: boolean) =>
    ({ do: 'dose', stepId: step.id, amount: asDose(step.dose, seconds, cycleMs, up), unit }) as const;
  if (short < LEAST_MS)
    return [
      {
        ...one,
        code: 'holdTooShort',
        weight: 'look',
        holdMs: short,
        leastMs: LEAST_MS,
        fix: fix(LEAST_MS / 1000, true),
      },
    ];
  if (long > MOST_MS)
    return [
      {
        ...one,
        code: 'holdTooLong',
        weight: 'caution',
        holdMs: long,
        mostMs: MOST_MS,
        fix: fix(MOST_MS / 1000, false),
      },
    ];
  const what = tender(at);
  return what && long > TENDER_MOST_MS
    ? [
        {
          ...one,
          code: 'holdLongHere',
          weight: 'look',
          what,
          holdMs: long,
          mostMs: TENDER_MOST_MS,
          fix: fix(TENDER_MOST_MS / 1000, false),
        },
      ]
    : [];
});
