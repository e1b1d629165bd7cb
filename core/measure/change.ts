import type { Measure, ReachKind } from '../model';
import { ratingChange } from '../reference';
import { meanOf } from '../stats';
import { REACHES } from './kinds';

/** From so many repeated readings on, a group's own error is used instead of the usual one. Common practice, no source. */
export const ENOUGH_REPEATS = 10;
/** 95 of 100 lie within so many standard deviations: the normal distribution. */
const Z95 = 1.96;

/** The smallest change that cannot be put down to the error of two readings. */
export interface SmallestChange {
  /** In the unit of the kind, on its grid. */
  change: number;
  /** Before it was put on the grid. */
  exact: number;
  /** Standard error of one reading. */
  sem: number;
  from: 'usual error' | 'own repeats';
  repeats: number;
}

/** On a grid, never below the value: a reading cannot show less than one step. */
const upTo = (value: number, step: number): number =>
  Number((Math.ceil(value / step - 1e-9) * step).toFixed(6));

/**
 * Smallest detectable change (95 %): 1.96 x sqrt(2) x the standard error of measurement. The standard error comes from
 * readings that were repeated, as sqrt(sum of squared differences / 2n) (Dahlberg 1940; Weir 2005, both from memory); with
 * fewer than ten pairs from the usual error of the kind, which is 1.96 standard errors.
 */
export const smallestChange = (
  kind: ReachKind,
  repeats: readonly (readonly [number, number])[] = [],
): SmallestChange => {
  const { usualError, step } = REACHES[kind];
  const own = repeats.length >= ENOUGH_REPEATS;
  const sem = own ? Math.sqrt(meanOf(repeats.map(([a, b]) => (a - b) ** 2)) / 2) : usualError / Z95;
  const exact = Z95 * Math.SQRT2 * sem;
  return {
    change: Math.max(step, upTo(exact, step)),
    exact,
    sem,
    from: own ? 'own repeats' : 'usual error',
    repeats: repeats.length,
  };
};

/** Pairs of readings of the same thing, one after the other. */
export const repeatsIn = (measures: readonly Measure[], kind: ReachKind): [number, number][] =>
  measures.flatMap(({ reach }) =>
    reach
      .filter((r) => r.kind === kind)
      .flatMap((r) => [r.before, r.after])
      .flatMap(([first, second]) =>
        first === undefined || second === undefined ? [] : [[first, second] as [number, number]],
      ),
  );

/** What a set of readings comes to; null where none was taken. */
export const readingOf = (readings: readonly number[]): number | null =>
  readings.length === 0 ? null : meanOf(readings);

/** A reach before and after. */
export interface ReachChange {
  /** How much farther it goes, in the unit of the kind; negative where it goes less far. */
  fartherBy: number;
  /** Beyond what the error of two readings can make. */
  real: boolean;
  smallest: SmallestChange;
}

/** What a reach did between two readings; null where one of them is missing. */
export const reachChange = (
  kind: ReachKind,
  before: number | null,
  after: number | null,
  repeats: readonly (readonly [number, number])[] = [],
): ReachChange | null => {
  if (before === null || after === null) return null;
  const smallest = smallestChange(kind, repeats);
  const by = after - before;
  return {
    fartherBy: REACHES[kind].farther === 'more' ? by : -by,
    real: Math.abs(by) >= smallest.change - 1e-9,
    smallest,
  };
};

/** One side is tighter than the other from so many points on: as much as a change that people notice. */
export const TIGHTER_BY = ratingChange.points;
