import { proposedDose } from '../approach/propose';
import { breathCycle } from '../breath';
import { type Approach, type Dose, doseStep, type Move, type Pace, type Step } from '../model';
import { repMs } from '../timing';

/** The doses a step may take, in its own measure: from least to most around the usual one, in steps that suit. */
export interface StepBand {
  least: number;
  usual: number;
  most: number;
  /** 5 seconds, 1 breath or 1 repetition. */
  step: number;
}

/** Seconds that one second, one breath or one repetition takes. */
const unitSec = (dose: Dose, pace: Pace): number => {
  const breathSec = breathCycle(pace).cycleMs / 1000;
  if (dose.measure === 'seconds') return 1;
  if (dose.measure === 'breaths') return breathSec;
  return repMs(dose, pace) / 1000;
};

/**
 * The band of a step. When the step is measured in something else than its move (breaths for seconds), the band of
 * the move is carried over by the time it takes, seconds to the nearest 5.
 */
export const bandOf = (step: Pick<Step, 'dose'>, move: Move, pace: Pace, approach: Approach): StepBand => {
  const { least, most, usual } = move.dose;
  const proposed = proposedDose(move, approach);
  const size = doseStep(step.dose);
  const into = (amount: number, from: Dose): number => {
    const same =
      from.measure === step.dose.measure &&
      (from.measure !== 'reps' ||
        (from.repSec === (step.dose as typeof from).repSec &&
          from.holdSec === (step.dose as typeof from).holdSec));
    if (same) return amount;
    const units = (amount * unitSec(from, pace)) / unitSec(step.dose, pace);
    return Math.max(size, Math.round(units / size) * size);
  };
  const wanted = into(proposed.amount, proposed);
  return {
    least: Math.min(into(least, usual), wanted),
    usual: wanted,
    most: Math.max(into(most, usual), wanted),
    step: size,
  };
};

/** Every dose of a band, the least first: the usual one and whole steps from it. */
export const dosesOf = ({ least, usual, most, step }: StepBand): number[] => {
  const below = Math.floor((usual - least) / step);
  const above = Math.floor((most - usual) / step);
  return Array.from({ length: below + above + 1 }, (_, i) => usual + (i - below) * step);
};
