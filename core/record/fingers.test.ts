import { describe, expect, it } from 'vitest';
import { middleOf } from '.';

describe('a round of fingers', () => {
  it('has a middle, the lower one of two', () => {
    expect([middleOf([]), middleOf([7]), middleOf([9, 1, 5]), middleOf([2, 8, 4, 10])]).toEqual([
      null,
      7,
      5,
      4,
    ]);
  });
});
