import { describe, expect, it } from 'vitest';
import { move, reps, step } from '../../../testing/build';
import { found, framed, mended } from '../../../testing/review';

const a = move('a', { kind: 'mobilise', ways: { pattern: 'together', directions: ['back', 'forward'] } });
const only = (id: string, directions: 'first' | 'second') =>
  step('a', { id, dose: reps(8, 2.5), directions });

describe('directions', () => {
  it('names the way that is never gone', () => {
    expect(found([only('s', 'second')], [a])).toMatchObject([{ code: 'oneDirectionOnly', missing: 'back' }]);
    const b = framed([only('s', 'second')], [a], { slotSec: 140 });
    expect(mended(b, [a], 'oneDirectionOnly').codes).toEqual([]);
  });

  it('finds the other way in another step of the same move', () => {
    expect(found([only('s', 'second'), only('t', 'first')], [a])).toEqual([]);
  });
});
