import { describe, expect, it } from 'vitest';
import { ratingChange } from '.';

// Farrar et al., Pain 2001;94:149-58: 2 points, or 30 % (values from memory).
describe('a 0-10 rating before and after', () => {
  it.each([
    [6, 4, { downBy: 2, noticed: true }],
    [6, 5, { downBy: 1, noticed: false }],
    [3, 2, { downBy: 1, noticed: true }],
    [4, 3, { downBy: 1, noticed: false }],
    [5, 7, { downBy: -2, noticed: true }],
    [0, 1, { downBy: -1, noticed: false }],
    [5, 5, { downBy: 0, noticed: false }],
    [0, 0, { downBy: 0, noticed: false }],
  ])('%d, then %d', (before, after, expected) => {
    expect(ratingChange(before, after)).toEqual(expected);
  });

  it('says nothing when one of the two was not asked', () => {
    expect([ratingChange(null, 3), ratingChange(3, null)]).toEqual([null, null]);
  });
});
