import type { Milliseconds } from '../model';

/** A hold that ends so near to the end of a breath ends with it. */
const WHOLE_BREATH_MS = 300;

/**
 * How many whole breaths a stretch of work is, for telling which is the last of them; null where it ends in the middle of
 * a breath, since nobody is told of a last breath that is cut short, and where it is only one, which is not news.
 */
export const breathsToTell = (lengthMs: Milliseconds, cycleMs: Milliseconds): number | null => {
  const over = lengthMs % cycleMs;
  const breaths = Math.round(lengthMs / cycleMs);
  return Math.min(over, cycleMs - over) <= WHOLE_BREATH_MS && breaths >= 2 ? breaths : null;
};
