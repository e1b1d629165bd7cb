import { describe, expect, it } from 'vitest';
import { brk, move, step } from '../../../testing/build';
import { findings, framed, mended } from '../../../testing/review';

const a = move('a', { kind: 'mobilise' });
const at = (exhaleRatio: number, calm = true) =>
  findings(brk([step('a')], { calm, slotSec: 30, pace: { exhaleRatio } }), [a]).map(
    (f) => `${f.code} ${f.weight}`,
  );

describe('calm', () => {
  it('wants the breath out clearly longer', () => {
    expect(at(1)).toEqual(['exhaleNotLonger caution']);
    expect(at(1.5)).toEqual(['exhaleNotLonger look']);
    expect(at(2)).toEqual([]);
    expect(at(1, false)).toEqual([]);
  });

  it('makes it twice as long', () => {
    const after = mended({ ...framed([step('a')], [a]), calm: true }, [a], 'exhaleNotLonger');
    expect(after.brk.pace.exhaleRatio).toBe(2);
    expect(after.codes).toEqual([]);
  });
});
