import type { Kept, Session } from '@kotabi/core/model';
import { endingOf, sumOf } from '@kotabi/core/record';
import { minSec } from '../words/time';

/** The records of planned breaks, by the planned break; of one that was led twice the one in which more was done. */
export const ledByPlan = (sessions: readonly Kept<Session>[]): Map<string, Session> => {
  const led = new Map<string, Session>();
  const done = (s: Session): number => sumOf(s).workDoneMs;
  for (const { value } of sessions) {
    if (value.plannedId === null) continue;
    const other = led.get(value.plannedId);
    if (!other || done(value) > done(other)) led.set(value.plannedId, value);
  }
  return led;
};

/** What came of a planned break, in a phrase: done beside planned, left and right apart. */
export const ledText = (session: Session | undefined): string => {
  if (!session) return '';
  const { doneMs, plannedMs, leftDoneMs, rightDoneMs } = sumOf(session);
  const ended = endingOf(session) === 'to the end' ? '' : `, ${endingOf(session)}`;
  return `Led: ${minSec(doneMs)} of ${minSec(plannedMs)} min, left ${minSec(leftDoneMs)}, right ${minSec(rightDoneMs)}${ended}`;
};
