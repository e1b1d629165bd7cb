import type { Span } from '../model';
import { type DoneOf, doneOf } from './done';
import { type Records, within } from './input';
import { type ReachTrend, reachTrends } from './reach';
import { type AreaSeconds, secondsByArea } from './seconds';
import { type TensionTrend, tensionTrends } from './tension';

/** Everything that is shown of a span of days. */
export interface Trends {
  span: Span;
  records: number;
  tension: TensionTrend[];
  reach: ReachTrend[];
  done: DoneOf;
  seconds: AreaSeconds[];
}

/** Trends of a group, or of a person of it, over a span of days. */
export const trendsOf = (records: Records, span: Span): Trends => {
  const there = within(records, span);
  const { personId, rows } = there;
  return {
    span,
    records: personId === null ? rows.length : rows.filter((r) => r.row.people.includes(personId)).length,
    tension: tensionTrends(there),
    reach: reachTrends(there),
    done: doneOf(there),
    seconds: secondsByArea(there),
  };
};
