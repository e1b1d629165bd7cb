import type { AreaSide, Estimate, IsoDate } from '../model';
import { ratingChange } from '../reference';
import { mondayOf, weeksSince } from '../schedule/dates';
import { meanEstimate, meanOf, slopeOf } from '../stats';
import type { Records } from './input';

/** A tension before and after on a day. */
export interface Pair {
  date: IsoDate;
  before: number | null;
  after: number | null;
}

/** What can be said of a change of tension over many pairs. */
export type TensionVerdict =
  /** Fewer pairs than are worth a sentence. */
  | 'too few'
  /** The span of the change reaches over 0. */
  | 'cannot be told apart from chance'
  /** A change, smaller than what people usually notice. */
  | 'less than people notice'
  | 'noticed';

/** From so many pairs on the change of a tension is spoken of. Common practice, no source. */
export const ENOUGH_PAIRS = 5;

/** Tension of one week: the middle of what was said before and after. */
export interface TensionWeek {
  week: IsoDate;
  before: Estimate | null;
  after: Estimate | null;
}

/** Tension of the whole, or of one area and side, over weeks. */
export interface TensionTrend {
  of: AreaSide | null;
  weeks: TensionWeek[];
  pairs: number;
  /** How much lower after than before, of all pairs. */
  downBy: Estimate | null;
  verdict: TensionVerdict;
  /** How the tension before a break went from week to week, where there are enough weeks for a line. */
  aWeek: Estimate | null;
  /** The change that people usually notice, of this mean before: 2 points or 30 %, whichever is less. */
  noticedFrom: number | null;
}

/** What can be said of pairs of ratings. */
export const tensionOf = (of: AreaSide | null, pairs: readonly Pair[]): TensionTrend => {
  const byWeek = new Map<IsoDate, Pair[]>();
  for (const p of [...pairs].sort((a, b) => a.date.localeCompare(b.date))) {
    const week = mondayOf(p.date);
    byWeek.set(week, [...(byWeek.get(week) ?? []), p]);
  }
  const said = (list: readonly Pair[], key: 'before' | 'after'): number[] =>
    list.flatMap((p) => p[key] ?? []);
  const whole = pairs.flatMap(({ before, after }) =>
    before === null || after === null ? [] : [{ before, downBy: before - after }],
  );
  const [first] = [...byWeek.keys()];
  const slope = slopeOf(
    pairs.flatMap(({ date, before }) =>
      before === null || !first ? [] : [{ x: weeksSince(first, date), y: before }],
    ),
  );
  const downBy = meanEstimate(whole.map((p) => p.downBy));
  const { points, share } = ratingChange;
  const noticedFrom =
    whole.length === 0 ? null : Math.min(points, share * meanOf(whole.map((p) => p.before)));
  return {
    of,
    weeks: [...byWeek].map(([week, list]) => ({
      week,
      before: meanEstimate(said(list, 'before')),
      after: meanEstimate(said(list, 'after')),
    })),
    pairs: whole.length,
    aWeek: slope && { n: slope.n, value: slope.value, low: slope.low, high: slope.high },
    downBy,
    noticedFrom,
    verdict: verdictOf(downBy, noticedFrom),
  };
};

const verdictOf = (downBy: Estimate | null, noticedFrom: number | null): TensionVerdict => {
  if (!downBy || noticedFrom === null || downBy.n < ENOUGH_PAIRS) return 'too few';
  // All alike: no doubt about a change that is there each time, none where there is none.
  const { low, high, value } = downBy;
  if (low === null || high === null ? value === 0 : low <= 0 && high >= 0)
    return 'cannot be told apart from chance';
  return noticedFrom > 0 && Math.abs(value) >= noticedFrom ? 'noticed' : 'less than people notice';
};

const key = ({ area, side }: AreaSide): string => `${area} ${side}`;

/** How tense it was before breaks: the most tense stands first. */
const tenseness = (pairs: readonly Pair[]): number => {
  const said = pairs.flatMap((p) => p.before ?? []);
  return said.length === 0 ? -1 : meanOf(said);
};

/**
 * Tension over weeks: of a group as asked of all, of a person as measured; the whole first, then each area and side of
 * which something was said.
 */
export const tensionTrends = ({ personId, rows, measures, said }: Records): TensionTrend[] => {
  const whole: Pair[] = [];
  const byArea = new Map<string, { of: AreaSide; pairs: Pair[] }>();
  const add = (of: AreaSide, pair: Pair): void => {
    const one = byArea.get(key(of)) ?? { of, pairs: [] };
    one.pairs.push(pair);
    byArea.set(key(of), one);
  };
  if (personId === null)
    for (const { date, row } of rows) {
      if (row.tensionBefore !== null || row.tensionAfter !== null)
        whole.push({ date, before: row.tensionBefore, after: row.tensionAfter });
      for (const { area, before, after } of row.areas) add({ area, side: 'both' }, { date, before, after });
    }
  for (const { date, before, after } of said.filter((s) => s.personId === personId))
    if (before !== null || after !== null) whole.push({ date, before, after });
  for (const { date, measure } of measures.filter((m) => m.measure.personId === personId))
    for (const { area, side, before, after } of measure.tension) add({ area, side }, { date, before, after });
  return [
    ...(whole.length > 0 ? [tensionOf(null, whole)] : []),
    ...[...byArea.values()]
      .sort((a, b) => tenseness(b.pairs) - tenseness(a.pairs) || key(a.of).localeCompare(key(b.of)))
      .map(({ of, pairs }) => tensionOf(of, pairs)),
  ];
};
