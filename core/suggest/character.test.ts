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
      holds: 1,
      endsStanding: false,
      moves: ['Ear toward the shoulder', 'Chin nod to neutral'],
    });
    expect(one.movedMs).toBeGreaterThan(0);
    expect(one.shares).toEqual([
      { area: 'neck', share: expect.closeTo(1, 9) },
      { area: 'forearm', share: 0 },
    ]);
  });

  it('names holds before what takes longer and is only moved', () => {
    expect(like(['wrist-circles', { dose: 20 }], ['fingers-down', { dose: 10 }]).moves[0]).toBe(
      'Fingers down, drawn back',
    );
  });

  it('names the wanted area that comes first, and none where there is none', () => {
    expect(like('sit-tall', 'wrist-circles', 'chin-nod').first).toBe('forearm');
    expect(like('sit-tall', 'slow-breaths')).toEqual({
      first: null,
      heldMs: 0,
      movedMs: 0,
      holds: 0,
      shares: [
        { area: 'neck', share: 0 },
        { area: 'forearm', share: 0 },
      ],
      endsStanding: false,
      moves: [],
    });
  });
});
