import type { BreakKind, DayInput } from '../model';
import { obstacle } from './by-hand';
import { type Counter, spanOf, type Tally, weightOf } from './counters';
import { MOST_COUNTS } from './frontier';
import type { PlanFailure } from './plan-result';

const checkLocked = (
  day: DayInput,
  counters: readonly Counter[],
  kindOf: (id: string) => BreakKind,
): PlanFailure | null => {
  const sorted = [...day.locked].sort((a, b) => a.startMin - b.startMin);
  let until = day.startMin;
  for (const { startMin, kindId } of sorted) {
    const kind = kindOf(kindId);
    const before = [{ startMin: day.startMin, endMin: until }];
    const why = obstacle(day, before, startMin, kind);
    if (why) return { code: 'lockedDoesNotFit', startMin, why };
    until = startMin + kind.lengthMin;
  }
  for (const counter of counters) {
    const { kinds, from, until: end, most } = counter;
    const counted = sorted.filter(
      (l) => l.startMin >= from && l.startMin < end && (!kinds || kinds.has(l.kindId)),
    );
    const sum = counted.reduce((n, l) => n + weightOf(counter, l.kindId), 0);
    if (most === null || sum <= most) continue;
    if (!counter.minutes) return { code: 'tooManyLocked', maxCount: most, locked: sum, ...spanOf(counter) };
    const locked = counted.reduce((n, l) => n + kindOf(l.kindId).lengthMin, 0);
    return { code: 'tooManyLocked', maxCount: day.maxMinutes ?? 0, locked, ...spanOf(counter) };
  }
  return null;
};

/** Why a day cannot be planned at all, as far as it can be said before looking for a plan; null when it may be. */
export const checkDay = (
  day: DayInput,
  counters: readonly Counter[],
  tally: Tally,
  kindOf: (id: string) => BreakKind,
): PlanFailure | null => {
  const locked = checkLocked(day, counters, kindOf);
  if (locked) return locked;
  const beyond = counters.find((c) => c.least > 0 && c.until <= day.startMin);
  if (beyond) return { code: 'tooFewFit', minCount: beyond.least, possible: 0, ...spanOf(beyond) };
  return tally.size > MOST_COUNTS ? { code: 'tooManyCounts', most: MOST_COUNTS } : null;
};
