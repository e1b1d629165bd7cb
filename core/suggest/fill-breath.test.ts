import { describe, expect, it } from 'vitest';
import { stepOf } from '../library';
import { moveLookup } from '../library/all';
import { type Area, Break, defaultApproach, stepsOf } from '../model';
import { compileWith } from '../testing/build';
import { BREATH_SETS, fillBreath } from './fill-breath';
import { LEFT_SHARE } from './program/time';

const lookup = moveLookup();
const move = (id: string) => lookup(id) ?? expect.fail(id);
const BREATH = ['check-in', 'slow-breaths', 'belly-breaths', 'quiet-rest'];
const of = (slotSec: number, ...ids: string[]): Break =>
  Break.parse({ id: 'b', name: 'Breath', slotSec, items: ids.map((id) => stepOf(move(id), id)) });
const fill = (brk: Break, area: Area = 'breath'): Break =>
  fillBreath(brk, { targets: [{ area, weight: 1 }] }, lookup, defaultApproach);
const lengthSec = (brk: Break): number => compileWith(brk, lookup).totals.totalMs / 1000;

describe('time that is left where only the breath is wanted', () => {
  it('goes to what breathes and rests, within its bands, and leaves a little of the slot', () => {
    const before = of(300, ...BREATH, 'shake-hands-out');
    const after = fill(before);
    expect(lengthSec(before)).toBeLessThan(220);
    expect(lengthSec(after)).toBeGreaterThan(270);
    expect(lengthSec(after)).toBeLessThanOrEqual(300 * (1 - LEFT_SHARE));
    for (const [i, { moveId, dose, locked }] of stepsOf(after).entries()) {
      const { least, most } = move(moveId).dose;
      expect(dose.amount).toBeGreaterThanOrEqual(least);
      expect(dose.amount).toBeLessThanOrEqual(most);
      expect(locked).toBeUndefined();
      if (!BREATH.includes(moveId)) expect(dose).toEqual(stepsOf(before)[i]?.dose);
    }
  });

  it.each([480, 600, 900])('goes to further rounds where the bands are full: %i s', (slotSec) => {
    const after = fill(of(slotSec, ...BREATH, 'shake-hands-out'));
    expect(lengthSec(after)).toBeGreaterThan(slotSec * 0.88);
    expect(lengthSec(after)).toBeLessThanOrEqual(slotSec * (1 - LEFT_SHARE));
    for (const { moveId, sets } of stepsOf(after)) {
      expect(sets).toBeLessThanOrEqual(BREATH_SETS);
      if (move(moveId).kind !== 'breathe') expect(sets).toBe(1);
    }
    expect(stepsOf(after).some((s) => s.sets > 1)).toBe(true);
  });

  it('stays where it is for other wishes, and where there is hardly any', () => {
    const before = of(300, ...BREATH);
    expect(fill(before, 'neck')).toBe(before);
    const full = of(Math.ceil(lengthSec(before) / 0.9), ...BREATH);
    expect(fill(full)).toBe(full);
  });

  it('is not made by leaving something out', () => {
    const tooMuch = of(60, ...BREATH);
    expect(fill(tooMuch)).toBe(tooMuch);
  });
});
