import { type ReachChange, reachChange, readingOf, repeatsIn } from '../measure';
import type { Estimate, IsoDate, ReachKind, Side } from '../model';
import { weeksSince } from '../schedule/dates';
import { slopeOf } from '../stats';
import type { Records } from './input';

/** A reach on a day. */
export interface ReachPoint {
  date: IsoDate;
  before: number | null;
  after: number | null;
}

/** One reach on one side over time. */
export interface ReachTrend {
  kind: ReachKind;
  side: Side | 'both';
  points: ReachPoint[];
  /** From the first reading to the latest, as taken before a break where both were. */
  change: ReachChange | null;
  /** A week, where there are enough days for a line. */
  aWeek: Estimate | null;
}

/** Reaches over time, by kind and side. */
export const reachTrends = ({ personId, measures }: Records): ReachTrend[] => {
  const mine = measures.filter((m) => m.measure.personId === personId);
  const all = new Map<string, ReachTrend>();
  for (const { date, measure } of [...mine].sort((a, b) => a.date.localeCompare(b.date)))
    for (const { kind, side, before, after } of measure.reach) {
      const one = all.get(`${kind} ${side}`) ?? { kind, side, points: [], change: null, aWeek: null };
      one.points.push({ date, before: readingOf(before), after: readingOf(after) });
      all.set(`${kind} ${side}`, one);
    }
  return [...all.values()].map((trend) => {
    const read = trend.points.flatMap(({ date, before, after }) => {
      const value = before ?? after;
      return value === null ? [] : [{ date, value }];
    });
    const [first] = read;
    const last = read.at(-1);
    const repeats = repeatsIn(
      mine.map((m) => m.measure),
      trend.kind,
    );
    const slope = first && slopeOf(read.map((r) => ({ x: weeksSince(first.date, r.date), y: r.value })));
    return {
      ...trend,
      change:
        first && last && first !== last ? reachChange(trend.kind, first.value, last.value, repeats) : null,
      aWeek: slope ? { n: slope.n, value: slope.value, low: slope.low, high: slope.high } : null,
    };
  });
};
