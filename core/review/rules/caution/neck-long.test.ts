import { describe, expect, it } from 'vitest';
import type { Item } from '../../../model';
import { each, hold, move, step } from '../../../testing/build';
import { codes, found, framed, mended } from '../../../testing/review';

const a = move('a', { ways: each(), muscles: ['scalenes'] });
const b = move('b', { ways: each(), muscles: ['levator scapulae'] });
const c = move('c', { ways: each(), muscles: ['suboccipitals'] });
const chain = (sec: number): Item => ({
  type: 'chain',
  id: 'ch',
  nesting: 'side by side',
  sides: 'both',
  links: ['a', 'b', 'c'].map((id) => step(id, { dose: hold(sec) })),
});

describe('neck long', () => {
  it('counts the work from one return to neutral to the next', () => {
    expect(found([chain(25)], [a, b, c])).toMatchObject([
      { code: 'neckLong', stepIds: ['a'], lengthMs: 75_000 },
    ]);
    expect(codes(found([chain(20)], [a, b, c]))).toEqual([]);
  });

  it('leads the links one by one instead', () => {
    expect(mended(framed([chain(25)], [a, b, c], { slotSec: 300 }), [a, b, c], 'neckLong').codes).toEqual([]);
  });

  it('counts sets as well, and only moves of the neck', () => {
    const twice = step('a', { dose: hold(30), sets: 3 });
    expect(codes(found([twice], [a]))).toEqual(['neckLong']);
    const hip = move('a', { region: 'hip', areas: ['neck'], ways: each() });
    expect(codes(found([twice], [hip]))).toEqual([]);
  });
});
