import { describe, expect, it } from 'vitest';
import { found, framed, libStep, mended } from '../../../testing/review';

const strong = libStep('ear-to-shoulder', { id: 's', rung: 'hand under the seat' });
const easy = libStep('ear-to-shoulder', { id: 'e' });
const between = libStep('shake-shoulders');

describe('rung order', () => {
  it('wants the easy rung before the strong one', () => {
    expect(found([strong, between, easy])).toMatchObject([
      { code: 'strongFirst', stepIds: ['s', 'e'], rung: 'hand under the seat', later: 'gravity' },
    ]);
    expect(found([easy, between, strong])).toEqual([]);
  });

  it('moves the easier one up', () => {
    const after = mended(framed([strong, between, easy], []), [], 'strongFirst');
    expect(after.brk.items.slice(3, 5).map((i) => i.id)).toEqual(['e', 's']);
    expect(after.codes).not.toContain('strongFirst');
  });
});
