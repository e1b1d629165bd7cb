import fc from 'fast-check';
import { DateTime } from 'luxon';
import { describe, expect, it } from 'vitest';
import { THINNING, worthKeeping } from './thin';

const now = '2026-11-26T10:00:00.000Z';
const ago = (days: number, hour = 9): string =>
  DateTime.fromISO(now, { zone: 'utc' }).minus({ days }).set({ hour }).toISO() ?? '';
const ages = (kept: Set<string>): number[] =>
  [...kept]
    .map((m) => Math.round(DateTime.fromISO(now).diff(DateTime.fromISO(m), 'days').days))
    .sort((a, b) => a - b);

describe('what is worth keeping', () => {
  it('is all of today', () => {
    const today = [ago(0, 1), ago(0, 2), ago(0, 9)];
    expect([...worthKeeping(today, now)].sort()).toEqual(today);
  });

  it('is the last one of each day, and after two weeks the last one of each week', () => {
    const twiceADay = Array.from({ length: 40 }, (_, d) => [ago(d + 1, 8), ago(d + 1, 17)]).flat();
    const kept = worthKeeping(twiceADay, now);
    expect([...kept].every((m) => m.includes('T17:'))).toBe(true);
    expect(ages(kept).filter((age) => age <= THINNING.days)).toHaveLength(14);
    // 26 November 2026 is a Thursday: the last moments of the weeks before those two are their Sundays.
    const sundays = [...kept].filter((m) => DateTime.fromISO(m, { zone: 'utc' }).weekday === 7);
    expect(sundays.length).toBeGreaterThanOrEqual(5);
    expect(kept.size).toBeLessThan(22);
  });

  it('is nothing older than half a year, but always the newest', () => {
    expect(worthKeeping([ago(300), ago(400)], now)).toEqual(new Set([ago(300)]));
    expect(worthKeeping([], now).size).toBe(0);
  });

  it('stays the same when it is thinned again, and is never more than was there', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 0, max: 400 })), (days) => {
        const moments = days.map((d, i) => ago(d, i % 24));
        const once = worthKeeping(moments, now);
        expect([...once].every((m) => moments.includes(m))).toBe(true);
        expect(worthKeeping([...once], now)).toEqual(once);
      }),
    );
  });
});
