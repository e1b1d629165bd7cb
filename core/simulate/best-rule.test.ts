import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { bestRule } from './best-rule';
import type { RuleOutcome } from './compare-rules';

const outcome = (name: string, more: Partial<RuleOutcome>): RuleOutcome => ({
  name,
  failed: 0,
  breaksADay: 4,
  minutesADay: 20,
  longestRunMin: 60,
  overMin: 0,
  longRun: 0.5,
  middleMin: 70,
  worstTenthMin: 90,
  doneADay: 2,
  ...more,
});

describe('the rule for the minutes asked', () => {
  const rules = [
    outcome('hourly', { minutesADay: 40, longRun: 0.1 }),
    outcome('four', { minutesADay: 20, longRun: 0.3 }),
    outcome('two', { minutesADay: 10, longRun: 0.7 }),
    outcome('impossible', { minutesADay: 10, longRun: 0, failed: 2 }),
    outcome('none', { minutesADay: 0, longRun: 0 }),
  ];
  it('gets better with more minutes, and is none where nothing is short enough', () => {
    expect([50, 40, 39, 20, 10, 5].map((m) => bestRule(rules, m)?.name ?? null)).toEqual([
      'hourly',
      'hourly',
      'four',
      'four',
      'two',
      null,
    ]);
  });
  it('never takes more than asked, and no other one within it has fewer long runs', () => {
    const any = fc.record({
      minutesADay: fc.integer({ min: 0, max: 60 }),
      longRun: fc.double({ min: 0, max: 1, noNaN: true }),
    });
    fc.assert(
      fc.property(fc.array(any, { maxLength: 8 }), fc.integer({ min: 1, max: 60 }), (list, most) => {
        const all = list.map((more, i) => outcome(`${i}`, more));
        const within = all.filter((o) => o.minutesADay <= most && o.minutesADay > 0);
        const best = bestRule(all, most);
        expect(best === null).toBe(within.length === 0);
        if (best) {
          expect(within).toContain(best);
          expect(within.every((o) => o.longRun >= best.longRun)).toBe(true);
        }
      }),
    );
  });
});
