import type { BreakKind, DayInput } from '../model';
import { countersOf, Tally } from './counters';
import { checkDay } from './plan-checks';
import type { PlanResult } from './plan-result';
import { searchDay, TooManyWays } from './plan-search';
import { verdictOf } from './plan-verdict';

/**
 * Places breaks on a day exactly: first as few minutes over the limit as possible, then the least cost
 * (dynamic programming over minute, run, remaining gap and counts). Breaks start on the grid, counted from
 * midnight, overlap neither meetings nor time off the desk, and keep the gap from the end of the one before;
 * minutes off the desk count into the gap and the day starts with it satisfied. A kind may have a gap, a
 * time of day and counts of its own, and discreet kinds may be in meetings in which one listens. Locked breaks
 * stay where they are and may be closer to each other; all others keep the rule's gap to them. The same input
 * gives the same plan. One with more ways than `mostStates` is refused: coarser steps or fewer counts have far fewer.
 */
export const planDay = (day: DayInput, mostStates?: number): PlanResult => {
  const kinds = new Map(day.kinds.map((k) => [k.id, k]));
  const kindOf = (id: string): BreakKind => kinds.get(id) as BreakKind;
  const counters = countersOf(day);
  const tally = new Tally(counters);
  const failure = checkDay(day, counters, tally, kindOf);
  if (failure) return { ok: false, failure };
  try {
    return verdictOf(day, tally, searchDay(day, tally, kindOf, mostStates));
  } catch (error) {
    if (!(error instanceof TooManyWays)) throw error;
    return { ok: false, failure: { code: 'tooManyWays', gridMin: day.gridMin, counted: counters.length } };
  }
};
