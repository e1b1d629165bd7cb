import { describe, expect, it } from 'vitest';
import { moveLookup } from '../library/all';
import { breakOf, type Line } from '../review/corpus/build';
import { timed } from '../timing';
import { characterOf } from './character';

const like = (...lines: Line[]) => {
  const t = timed(breakOf('a break', lines), moveLookup());
  if (!t.ok) throw new Error('cannot be timed');
  return characterOf(t, [
    { area: 'neck', weight: 2 },
    { area: 'forearm', weight: 2 },
  ]);
};

describe('what a suggestion is like', () => {
  it('counts held and moved work of the main moves only', () => {
    const one = like(
      'sit-tall',
      'slow-breaths',
      'chin-nod',
      ['ear-to-shoulder', { dose: 20 }],
      'arms-up-breath',
    );
    expect(one).toMatchObject({
      first: 'neck',
      heldMs: 40_000,
      endsStanding: false,
      moves: ['Ear toward the shoulder', 'Chin nod to neutral'],
    });
    expect(one.movedMs).toBeGreaterThan(0);
  });

  it('names the wanted area that comes first, and none where there is none', () => {
    expect(like('sit-tall', 'wrist-circles', 'chin-nod').first).toBe('forearm');
    expect(like('sit-tall', 'slow-breaths')).toEqual({
      first: null,
      heldMs: 0,
      movedMs: 0,
      endsStanding: false,
      moves: [],
    });
  });
});
