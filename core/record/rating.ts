import { published } from '../reference';

/** A 0-10 rating before and after. */
export interface RatingChange {
  /** How much lower it is than before; negative when it went up. */
  downBy: number;
  /** As large as a change that people notice, by the published threshold: 2 points or 30 %. */
  noticed: boolean;
}

/** What a rating did; null when one of the two was not asked. */
export const ratingChange = (before: number | null, after: number | null): RatingChange | null => {
  if (before === null || after === null) return null;
  const { points, share } = published.ratingChange;
  const downBy = before - after;
  const size = Math.abs(downBy);
  // Compared as products, so that 3 of 10 is exactly 30 %.
  return {
    downBy,
    noticed: size >= points || (before > 0 && size > 0 && size * 100 >= before * share * 100),
  };
};
