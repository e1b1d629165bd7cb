import { describe, expect, it } from 'vitest';
import { HEAD_LOAD_POINTS, headLoad, published } from '.';

describe('load of a tilted head', () => {
  it.each([
    // Hansraj, Surg Technol Int 2014;25:277-9 (from memory): 10-12 lb at 0, 27 at 15, 40 at 30, 49 at 45, 60 at 60 deg.
    [0, 11],
    [15, 27],
    [30, 40],
    [45, 49],
    [60, 60],
  ])('is published at %d degrees: %d lb', (deg, lb) => {
    expect(headLoad(deg)).toMatchObject({ lb, published: true });
  });

  it('lies on straight lines between, in pounds and kilograms', () => {
    expect(headLoad(7.5)?.lb).toBeCloseTo(19, 9);
    expect(headLoad(52.5)).toMatchObject({ lb: 54.5, published: false });
    // 1 lb = 0.45359237 kg, by definition (international pound, 1959).
    expect(headLoad(15)?.kg).toBeCloseTo(27 * 0.45359237, 9);
  });

  it('says nothing beyond the table', () => {
    for (const deg of [-1, 60.001, 90]) expect(headLoad(deg)).toBeNull();
  });

  it('roughly follows the rule of thumb: about 10 lb for each further 10 to 15 degrees', () => {
    // Common practice, no source: between 8 and 17 lb for each step of 15 degrees.
    for (const [i, p] of HEAD_LOAD_POINTS.slice(1).entries()) {
      const step = p.loadLb - (HEAD_LOAD_POINTS[i]?.loadLb ?? 0);
      expect(step).toBeGreaterThanOrEqual(8);
      expect(step).toBeLessThanOrEqual(17);
    }
  });
});

describe('published values', () => {
  it('say which are quoted from memory', () => {
    for (const s of Object.values(published)) expect(s.note).toMatch(/from memory/i);
  });
});
