import jstat from 'jstat';
import type { Estimate } from '../model';
import { meanOf } from './interval';

/** A point of a trend: when, counted in weeks, and what. */
export interface TrendPoint {
  x: number;
  y: number;
}

/** From so many points on a line is drawn: through fewer, one is always found. Common practice, no source. */
export const FEWEST_FOR_A_LINE = 6;

/**
 * Slope of the least-squares line with its 95 % confidence interval (Student's t, n - 2 degrees of freedom), a unit of y for a
 * unit of x; null with fewer than six points or where all lie at one x.
 */
export const slopeOf = (points: readonly TrendPoint[]): (Estimate & { at: (x: number) => number }) | null => {
  const n = points.length;
  if (n < FEWEST_FOR_A_LINE) return null;
  const mx = meanOf(points.map((p) => p.x));
  const my = meanOf(points.map((p) => p.y));
  const sxx = points.reduce((sum, p) => sum + (p.x - mx) ** 2, 0);
  if (sxx === 0) return null;
  const value = points.reduce((sum, p) => sum + (p.x - mx) * (p.y - my), 0) / sxx;
  const at = (x: number): number => my + value * (x - mx);
  const left = points.reduce((sum, p) => sum + (p.y - at(p.x)) ** 2, 0);
  if (left < 1e-12) return { n, value, low: null, high: null, at };
  const half = jstat.studentt.inv(0.975, n - 2) * Math.sqrt(left / (n - 2) / sxx);
  return { n, value, low: value - half, high: value + half, at };
};
