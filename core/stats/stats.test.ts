import fc from 'fast-check';
import { linearRegression, mean, sampleStandardDeviation } from 'simple-statistics';
import { describe, expect, it } from 'vitest';
import {
  FEWEST_FOR_A_LINE,
  meanEstimate,
  meanOf,
  shareDifference,
  shareEstimate,
  signTest,
  slopeOf,
} from '.';
import { sizeSpanText } from './span-text';

describe('a mean with its interval', () => {
  it('agrees with Student’s own example: hours of sleep gained by ten patients (Biometrika 1908, from memory)', () => {
    const gained = [1.2, 2.4, 1.3, 1.3, 0, 1.0, 1.8, 0.8, 4.6, 1.4];
    const e = meanEstimate(gained)!;
    expect(e.value).toBeCloseTo(1.58, 10);
    expect(e.low).toBeCloseTo(0.7, 2);
    expect(e.high).toBeCloseTo(2.46, 2);
  });

  it('claims nothing from one value or from values that are all the same', () => {
    expect(meanEstimate([])).toBeNull();
    expect(meanEstimate([4])).toEqual({ n: 1, value: 4, low: null, high: null });
    expect(meanEstimate([2, 2, 2])).toEqual({ n: 3, value: 2, low: null, high: null });
    expect(() => meanOf([])).toThrow(RangeError);
  });

  it('has the mean and the spread of another library', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 0, max: 10 }), { minLength: 2, maxLength: 60 }), (values) => {
        const e = meanEstimate(values)!;
        expect(e.value).toBeCloseTo(mean(values), 9);
        const sd = sampleStandardDeviation(values);
        if (e.low === null || e.high === null) expect(sd).toBeCloseTo(0, 9);
        else {
          // Half the width is a multiple of the standard error: 12.706 for two values, 1.96 for very many.
          const times = ((e.high - e.low) / 2 / sd) * Math.sqrt(values.length);
          expect(times).toBeGreaterThan(1.96);
          expect(times).toBeLessThan(12.707);
        }
      }),
    );
  });
});

describe('a share with its interval', () => {
  it.each([
    // Newcombe, Stat Med 1998;17:857-72, table I, method 3 (from memory).
    [81, 263, 0.2553, 0.3662],
    [15, 148, 0.0624, 0.1605],
    [0, 20, 0, 0.1611],
    [1, 29, 0.0061, 0.1718],
  ])('%d of %d', (done, of, low, high) => {
    const e = shareEstimate(done, of)!;
    expect(e.low).toBeCloseTo(low, 4);
    expect(e.high).toBeCloseTo(high, 4);
  });

  it.each([
    // Newcombe, Stat Med 1998;17:873-90, table II, method 10 (from memory).
    [48, 80, 56, 70, 0.2, 0.0524, 0.3339],
    [3, 10, 9, 10, 0.6, 0.1705, 0.809],
  ])('%d of %d against %d of %d', (a, of, b, ofB, value, low, high) => {
    const between = shareDifference(shareEstimate(a, of)!, shareEstimate(b, ofB)!)!;
    expect(between.value).toBeCloseTo(value, 4);
    expect(between.low).toBeCloseTo(low, 4);
    expect(between.high).toBeCloseTo(high, 4);
    const back = shareDifference(shareEstimate(b, ofB)!, shareEstimate(a, of)!)!;
    expect([back.low, back.high]).toEqual([-between.high!, -between.low!]);
  });

  it('is nothing for none of none, and refuses more than all', () => {
    expect(shareEstimate(0, 0)).toBeNull();
    expect(() => shareEstimate(3, 2)).toThrow('between 0 and 2');
    expect(() => shareEstimate(-1, 2)).toThrow(RangeError);
  });
});

describe('the sign test', () => {
  it.each([
    [5, 0, 1 / 32],
    [9, 1, 11 / 1024],
    [3, 3, 42 / 64],
    [0, 0, 1],
    [0, 4, 1],
  ])('%d against %d', (more, less, chance) => {
    expect(signTest(more, less)).toBeCloseTo(chance, 9);
  });
});

describe('a line through points', () => {
  it('agrees with the first set of Anscombe (Am Stat 1973;27:17-21, from memory)', () => {
    const x = [10, 8, 13, 9, 11, 14, 6, 4, 12, 7, 5];
    const y = [8.04, 6.95, 7.58, 8.81, 8.33, 9.96, 7.24, 4.26, 10.84, 4.82, 5.68];
    const slope = slopeOf(x.map((at, i) => ({ x: at, y: y[i] as number })))!;
    expect(slope.value).toBeCloseTo(0.5001, 4);
    // Standard error 0.1179, t for 9 degrees of freedom 2.262.
    expect(slope.low).toBeCloseTo(0.5001 - 2.262 * 0.1179, 3);
    expect(slope.high).toBeCloseTo(0.5001 + 2.262 * 0.1179, 3);
    expect(slope.at(0)).toBeCloseTo(3.0, 1);
    const other = linearRegression(x.map((at, i) => [at, y[i] as number]));
    expect(slope.value).toBeCloseTo(other.m, 9);
  });

  it('is not drawn through few points, nor through one day', () => {
    const few = Array.from({ length: FEWEST_FOR_A_LINE - 1 }, (_, i) => ({ x: i, y: i }));
    expect(slopeOf(few)).toBeNull();
    expect(slopeOf(Array.from({ length: 9 }, (_, i) => ({ x: 3, y: i })))).toBeNull();
    const exact = slopeOf(Array.from({ length: 8 }, (_, i) => ({ x: i, y: 2 * i })));
    expect(exact).toMatchObject({ n: 8, value: 2, low: null, high: null });
  });
});

describe('a span in words', () => {
  it('follows the word that says which way', () => {
    expect(sizeSpanText({ value: 1.5, low: 1.3, high: 1.7 })).toBe(' (95 %: 1.3 to 1.7)');
    expect(sizeSpanText({ value: -0.15, low: -0.23, high: -0.07 }, (n) => n.toFixed(2))).toBe(
      ' (95 %: 0.07 to 0.23)',
    );
    // Where it may be either way, the other one is below 0.
    expect(sizeSpanText({ value: -0.3, low: -0.8, high: 0.2 })).toBe(' (95 %: -0.2 to 0.8)');
    expect(sizeSpanText({ value: -0.3, low: null, high: null })).toBe('');
  });
});
