import type { Answer } from '@kotabi/core/model';
import { type Outcomes, skipFromLog } from '@kotabi/core/simulate';

/**
 * A run is a long one from twice the limit on, until told otherwise: a plan that just keeps its limit comes to about
 * that with each break that is skipped. Common practice, no source.
 */
export const usualLongRun = (limitMin: number): number => 2 * limitMin;

/** What the log knows of a group's planned breaks: how many answers there are, and the chance of skipping. */
export const skipOfGroup = (
  answers: readonly Answer[],
  groupId: string,
): Outcomes & { chance: number | null } => {
  const own = answers.filter((a) => a.groupId === groupId);
  const skipped = own.filter((a) => a.answer === 'not today').length;
  const outcomes = { done: own.length - skipped, skipped };
  return { ...outcomes, chance: skipFromLog(outcomes) };
};
