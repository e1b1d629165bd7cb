import type { DayInput, PlacedBreak } from '../model';
import { type Counter, spanOf, type Tally } from './counters';
import { better, type State, type Trail } from './frontier';
import type { PlanFailure, PlanResult } from './plan-result';
import type { SearchResult } from './plan-search';
import { readDay } from './run';

const tooFew = (counter: Counter, possible: number): PlanFailure => ({
  code: 'tooFewFit',
  minCount: counter.least,
  possible,
  ...spanOf(counter),
});

/** Why none of the ways to end the day has enough breaks. */
const whyNone = (
  day: DayInput,
  last: readonly Counter[],
  tally: Tally,
  { ends, short }: SearchResult,
): PlanFailure => {
  const counter = last.find(
    (c) => ends.length > 0 && ends.every((s) => tally.reached(s.counts, c) < c.least),
  );
  if (counter) return tooFew(counter, Math.max(...ends.map((s) => tally.reached(s.counts, counter))));
  // Each count can be kept, but not all of them at once.
  if (ends.length > 0 && last[0]) return tooFew(last[0], last[0].least - 1);
  return short
    ? tooFew(short.counter, short.possible)
    : { code: 'tooFewFit', minCount: day.minCount, possible: 0 };
};

/** The best of the ways in which a day can end, or why there is none. */
export const verdictOf = (day: DayInput, tally: Tally, found: SearchResult): PlanResult => {
  const last = tally.counters.filter((c) => c.until >= day.endMin);
  const enough = found.ends.filter((s) => last.every((c) => tally.reached(s.counts, c) >= c.least));
  const [first, ...rest] = enough;
  if (!first) return { ok: false, failure: whyNone(day, last, tally, found) };
  const best = rest.reduce((a: State, b) => (better(b, a) ? b : a), first);
  const breaks = unwind(best.from);
  const { overMin, cost, longestRunMin } = readDay(day, breaks);
  return { ok: true, plan: { breaks, overMin, cost, longestRunMin } };
};

const unwind = (trail: Trail | null): PlacedBreak[] => {
  const breaks: PlacedBreak[] = [];
  for (let t = trail; t; t = t.before) breaks.unshift(t.placed);
  return breaks;
};
