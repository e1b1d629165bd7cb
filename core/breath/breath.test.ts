import { describe, expect, it } from 'vitest';
import { breathAt, breathCycle, wholeBreaths } from '.';

describe('breath', () => {
  it('splits the cycle by the exhale ratio', () => {
    expect(breathCycle({ breathsPerMinute: 6, exhaleRatio: 1.5 })).toEqual({ cycleMs: 10_000, inMs: 4000 });
    expect(breathCycle({ breathsPerMinute: 6, exhaleRatio: 2 })).toEqual({ cycleMs: 10_000, inMs: 3333 });
  });

  it('rises through the inhale and falls through the exhale', () => {
    const cycle = breathCycle({ breathsPerMinute: 6, exhaleRatio: 1.5 });
    expect(breathAt(cycle, 0)).toEqual({ phase: 'in', level: 0 });
    expect(breathAt(cycle, 2000).level).toBeCloseTo(0.5);
    expect(breathAt(cycle, 4000)).toEqual({ phase: 'out', level: 1 });
    expect(breathAt(cycle, 7000).level).toBeCloseTo(0.5);
    expect(breathAt(cycle, 12_000)).toEqual(breathAt(cycle, 2000));
  });

  it('rounds holds to whole breaths, half up, at least one', () => {
    expect([4, 14, 15, 25, 34].map((s) => wholeBreaths(s * 1000, 10_000))).toEqual([1, 1, 2, 3, 3]);
  });
});
