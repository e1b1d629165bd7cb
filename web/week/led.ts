import type { LogRow } from '@kotabi/core/model';
import { minSec } from '../words/time';

/** The records of planned breaks, by the planned break; of one that was led twice the one in which more was done. */
export const ledByPlan = (rows: readonly LogRow[]): Map<string, LogRow> => {
  const led = new Map<string, LogRow>();
  for (const row of rows) {
    if (row.plannedId === null) continue;
    const other = led.get(row.plannedId);
    if (!other || row.workDoneMs > other.workDoneMs) led.set(row.plannedId, row);
  }
  return led;
};

/** What came of a planned break, in a phrase: done beside planned, left and right apart. */
export const ledText = (row: LogRow | undefined): string => {
  if (!row) return '';
  const { doneMs, plannedMs, leftDoneMs, rightDoneMs, ending } = row;
  const ended = ending === 'to the end' ? '' : `, ${ending}`;
  return `Led: ${minSec(doneMs)} of ${minSec(plannedMs)} min, left ${minSec(leftDoneMs)}, right ${minSec(rightDoneMs)}${ended}`;
};
