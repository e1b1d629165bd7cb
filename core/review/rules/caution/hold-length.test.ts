import { describe, expect, it } from 'vitest';
import { published } from '../../../reference';
import { breaths, hold, move, step } from '../../../testing/build';
import { codes, found, framed, mended } from '../../../testing/review';

const a = move('a', { region: 'hip', areas: ['hip'] });
const of = (dose: ReturnType<typeof hold> | ReturnType<typeof breaths>) =>
  codes(found([step('a', { dose })], [a])).filter((code) => code.startsWith('hold'));

describe('hold length', () => {
  it('lies between the published 10 s and 60 s', () => {
    // ACSM position stand, Garber et al. 2011 (from memory): 10-30 s, 30-60 s for older adults.
    expect([published.staticHold.leastSec, published.staticHoldTotal.olderMostSec]).toEqual([10, 60]);
    expect(of(hold(9))).toEqual(['holdTooShort']);
    expect(of(hold(10))).toEqual([]);
    expect(of(hold(60))).toEqual([]);
    expect(of(hold(65))).toEqual(['holdTooLong']);
    expect(of(breaths(7))).toEqual(['holdTooLong']);
  });

  it('is brought to the nearest end', () => {
    const short = mended(framed([step('a', { dose: hold(8) })], [a]), [a], 'holdTooShort');
    expect(short.brk.items[3]).toMatchObject({ dose: { amount: 10 } });
    const long = mended(framed([step('a', { dose: breaths(8) })], [a]), [a], 'holdTooLong');
    expect(long.brk.items[3]).toMatchObject({ dose: { amount: 6 } });
  });

  it('is shorter for the neck, and for arms overhead', () => {
    const neck = move('a', { areas: ['neck', 'shoulder'] });
    const held = (sec: number) => codes(found([step('a', { dose: hold(sec) })], [neck]));
    expect(held(45)).toEqual([]);
    expect(held(50)).toContain('holdLongHere');
    expect(held(65)).toContain('holdTooLong');
    const after = mended(framed([step('a', { dose: hold(60) })], [neck]), [neck], 'holdLongHere');
    expect(after.brk.items[3]).toMatchObject({ dose: { amount: 45 } });
  });

  it('is not asked of movements', () => {
    expect(
      codes(found([step('a', { dose: hold(5) })], [move('a', { kind: 'mobilise', region: 'hip' })])),
    ).toEqual([]);
  });
});
