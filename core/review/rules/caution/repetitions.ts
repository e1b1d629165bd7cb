import { eachStep } from '../../each-step';
import type { Finding } from '../../finding';

/** A repetition of the head shorter than this is a jerk, s. Common practice, no source. */
export const QUICKEST_HEAD_SEC = 2;
/** More than so many times what a move asks for at most is a slip of the pen. Common practice, no source. */
export const FAR_TOO_MANY = 2;

/** The head moved too fast, and repetitions far beyond what a move is for. */
export const repetitions = eachStep(({ step, move }): Finding[] => {
  const { dose } = step;
  if (dose.measure !== 'reps') return [];
  const about = { stepIds: [step.id], move: move.name } as const;
  const found: Finding[] = [];
  const head = move.areas[0] === 'neck' && move.kind !== 'massage';
  if (head && typeof dose.repSec === 'number' && dose.repSec < QUICKEST_HEAD_SEC)
    found.push({ ...about, code: 'headQuick', weight: 'caution', repSec: dose.repSec });
  const most = move.dose.usual.measure === 'reps' ? move.dose.most : Number.POSITIVE_INFINITY;
  const fix = { do: 'dose', stepId: step.id, amount: most, unit: 'times' } as const;
  if (dose.amount > FAR_TOO_MANY * most)
    found.push({ ...about, code: 'repsMany', weight: 'look', times: dose.amount, most, fix });
  return found;
});
