import { describe, expect, it } from 'vitest';
import { breaths, hold, move, step } from '../../../testing/build';
import { codes, found, framed, mended } from '../../../testing/review';

const a = move('a');
const ends = (sec: number) => codes(found([step('a', { dose: hold(sec) })], [a]));

// Six breaths a minute: 4 s in, 6 s out.
describe('breath end', () => {
  it('a hold does not end on a breath in', () => {
    expect(ends(22)).toEqual(['endsOnInhale']);
    expect(ends(24)).toEqual(['endsOnInhale']);
    expect(ends(25)).toEqual([]);
    expect(ends(20)).toEqual([]);
    expect(codes(found([step('a', { dose: breaths(3) })], [a]))).toEqual([]);
  });

  it('whole breaths put it right', () => {
    expect(mended(framed([step('a', { dose: hold(22) })], [a]), [a], 'endsOnInhale').codes).toEqual([]);
  });
});
