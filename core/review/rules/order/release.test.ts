import { describe, expect, it } from 'vitest';
import type { Item } from '../../../model';
import { each, move, step } from '../../../testing/build';
import { codes, found, framed, mended } from '../../../testing/review';

const a = move('a', { muscles: ['scalenes'], ways: each() });
const b = move('b', { muscles: ['scalenes', 'upper trapezius'], ways: each() });
const other = move('o', { muscles: ['levator scapulae'] });

describe('release', () => {
  it('asks to let go between two holds of the same muscle', () => {
    expect(found([step('a'), step('b')], [a, b])).toMatchObject([
      { code: 'noRelease', stepIds: ['b', 'a'], muscle: 'scalenes' },
    ]);
    expect(found([step('a'), step('o'), step('b')], [a, b, other])).toEqual([]);
  });

  it('leaves the links of one series alone', () => {
    const chain: Item = {
      type: 'chain',
      id: 'c',
      nesting: 'side by side',
      sides: 'both',
      links: [step('a'), step('b')],
    };
    expect(codes(found([chain], [a, b]))).toEqual([]);
  });

  it('does not take the two sides of a split step for a second go', () => {
    const split = [step('a', { id: 'l', sides: 'left' }), step('a', { id: 'r', sides: 'right' })];
    expect(codes(found(split, [a]))).toEqual([]);
  });

  it('puts something in that lets go', () => {
    const after = mended(framed([step('a'), step('b')], [a, b], { slotSec: 240 }), [a, b], 'noRelease');
    expect(after.fix).toMatchObject({ do: 'add', moveId: 'shake-shoulders', beforeId: 'b' });
    expect(after.codes).not.toContain('noRelease');
  });
});
