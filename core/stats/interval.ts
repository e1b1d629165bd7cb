import jstat from 'jstat';
import type { Estimate } from '../model';

/** Upper tail of the two-sided 95 %. */
const P = 0.975;

/** Mean of a list. Throws `RangeError` for an empty one: it has none. */
export const meanOf = (values: readonly number[]): number => {
  if (values.length === 0) throw new RangeError('an empty list has no mean');
  return jstat.mean([...values]);
};

/**
 * Mean with its 95 % confidence interval by Student's t, n - 1 degrees of freedom; null for an empty list. With one value
 * there is no interval; where all values are the same, one of no width would claim too much, and there is none either.
 */
export const meanEstimate = (values: readonly number[]): Estimate | null => {
  const n = values.length;
  if (n === 0) return null;
  const value = meanOf(values);
  const sd = n > 1 ? jstat.stdev([...values], true) : 0;
  if (sd === 0) return { n, value, low: null, high: null };
  const half = (jstat.studentt.inv(P, n - 1) * sd) / Math.sqrt(n);
  return { n, value, low: value - half, high: value + half };
};

/**
 * A share of so many with its 95 % confidence interval by Wilson's score method (Wilson, J Am Stat Assoc 1927;22:209-12, from
 * memory); null for none of none. Throws `RangeError` unless 0 <= done <= of.
 */
export const shareEstimate = (done: number, of: number): Estimate | null => {
  if (done < 0 || done > of) throw new RangeError(`done must be between 0 and ${of}, not ${done}`);
  if (of === 0) return null;
  const z = jstat.normal.inv(P, 0, 1);
  const p = done / of;
  const middle = (p + z ** 2 / (2 * of)) / (1 + z ** 2 / of);
  const half = (z / (1 + z ** 2 / of)) * Math.sqrt((p * (1 - p)) / of + z ** 2 / (4 * of ** 2));
  return { n: of, value: p, low: Math.max(0, middle - half), high: Math.min(1, middle + half) };
};

/**
 * How much larger the second of two shares is, told apart from chance: its 95 % interval from the two Wilson intervals, squared
 * and added (Newcombe, Stat Med 1998;17:873-90, method 10, from memory). The two must not count the same things. Null where one
 * of them has no interval.
 */
export const shareDifference = (first: Estimate, second: Estimate): Estimate | null => {
  if (first.low === null || first.high === null || second.low === null || second.high === null) return null;
  const value = second.value - first.value;
  const down = Math.hypot(second.value - second.low, first.high - first.value);
  const up = Math.hypot(second.high - second.value, first.value - first.low);
  return { n: first.n + second.n, value, low: value - down, high: value + up };
};

/**
 * Chance that at least `more` of `more + less` fall on one side when both are equally likely: the sign test, one-sided. 1 for
 * none at all.
 */
export const signTest = (more: number, less: number): number =>
  more + less === 0 ? 1 : more === 0 ? 1 : 1 - jstat.binomial.cdf(more - 1, more + less, 0.5);
