import {
  BREATHS_A_MINUTE,
  type Dose,
  doseStep,
  HELD_SEC,
  MOST_AMOUNT,
  type Pace,
  type Step,
  withAmount,
} from '../model';

/** The next dose up or down, in the steps that suit it: 5 s (from a multiple of 5), 1 breath, 1 repetition. */
export const nextDose = (dose: Dose, by: 1 | -1): Dose => {
  const size = doseStep(dose);
  const stepped = by > 0 ? Math.floor(dose.amount / size) + 1 : Math.ceil(dose.amount / size) - 1;
  return withAmount(dose, Math.min(MOST_AMOUNT[dose.measure], Math.max(size, stepped * size)));
};

/** The upper end of a range one step up or down: it begins above the dose, and ends where it comes back to it. */
export const nextRange = (dose: Dose, by: 1 | -1): Dose => {
  const to = Math.min(MOST_AMOUNT[dose.measure], (dose.to ?? dose.amount) + by * doseStep(dose));
  const { to: _, ...plain } = dose;
  return to > dose.amount ? { ...plain, to } : plain;
};

/** Repetitions held a second longer or shorter, down to not at all; anything else stays as it is. */
export const nextHeld = (dose: Dose, by: 1 | -1): Dose => {
  if (dose.measure !== 'reps') return dose;
  const { holdSec = 0, ...plain } = dose;
  const held = Math.min(HELD_SEC.most, holdSec + by);
  return held >= HELD_SEC.least ? { ...plain, holdSec: held } : plain;
};

/** A hold until one goes on, or no longer so; anything but a hold in seconds stays as it is. */
export const openOrNot = (dose: Dose): Dose => {
  if (dose.measure !== 'seconds') return dose;
  const { open, ...plain } = dose;
  return open ? plain : { ...plain, open: true };
};

/** Breaths a minute go up and down by so much. */
const BREATH_STEP = 0.5;

/** A breath of its own, a little slower (-1) or quicker; where it comes back to that of the break, it is its own no more. */
export const nextBreath = (
  { breath }: Pick<Step, 'breath'>,
  pace: Pick<Pace, 'breathsPerMinute'>,
  by: 1 | -1,
): Step['breath'] => {
  const now = breath?.breathsPerMinute ?? pace.breathsPerMinute;
  const breathsPerMinute = Math.min(
    BREATHS_A_MINUTE.most,
    Math.max(BREATHS_A_MINUTE.least, now + by * BREATH_STEP),
  );
  const { breathsPerMinute: _, ...rest } = breath ?? {};
  if (breathsPerMinute !== pace.breathsPerMinute) return { ...rest, breathsPerMinute };
  return rest.exhaleRatio === undefined ? undefined : rest;
};
