import type { Session } from '../model';
import { DONE_SHARE, sumOf } from './record';

/** How a led break ended: to its end, gone through to its end with most of the work left out, or stopped before. */
export type Ending = 'to the end' | 'skipped through' | 'stopped';

/** How a record ended. What was skipped all through was not led to the end. */
export const endingOf = (session: Pick<Session, 'ended' | 'parts'>): Ending => {
  if (session.ended === 'stopped') return 'stopped';
  const { workDoneMs, workPlannedMs } = sumOf(session);
  return workDoneMs >= workPlannedMs * DONE_SHARE ? 'to the end' : 'skipped through';
};
