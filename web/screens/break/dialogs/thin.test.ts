import { describe, expect, it } from 'vitest';
import { thinned } from './thin';

const at = (version: number, seconds: number) => ({
  version,
  savedAt: new Date(Date.UTC(2026, 0, 1, 9, 0, seconds)).toISOString(),
});

describe('saved states worth listing', () => {
  it('are the last of each stretch of work, and the first of all', () => {
    const list = [at(6, 400), at(5, 395), at(4, 341), at(3, 200), at(2, 190), at(1, 188)];
    expect(thinned(list).map((v) => v.version)).toEqual([6, 3, 1]);
    expect(thinned([at(2, 70), at(1, 0)]).map((v) => v.version)).toEqual([2, 1]);
    expect(thinned([])).toEqual([]);
  });

  it('does not let a long run of quick saves run on for ever', () => {
    const quick = Array.from({ length: 20 }, (_, i) => at(20 - i, (20 - i) * 10));
    expect(thinned(quick).map((v) => v.version)).toEqual([20, 13, 6, 1]);
  });
});
