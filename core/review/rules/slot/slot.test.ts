import { describe, expect, it } from 'vitest';
import { brk, cues, move, step } from '../../../testing/build';
import { codes, findings } from '../../../testing/review';

// 4.5 s of words, 20 s of work, 2 s back: 26.5 s.
const a = move('a', { kind: 'mobilise', cues: cues(10) });
const at = (slotSec: number) => findings(brk([step('a')], { slotSec }), [a]);

describe('slot', () => {
  it('is over by anything', () => {
    expect(at(26)).toContainEqual({
      code: 'overSlot',
      weight: 'caution',
      stepIds: ['a'],
      overMs: 500,
      slotMs: 26_000,
      fix: { do: 'fit' },
    });
    expect(at(27)).toEqual([]);
  });

  it('is under by more than half a minute and 15 %', () => {
    expect(codes(at(56))).toEqual([]);
    expect(codes(at(58))).toEqual(['underSlot']);
  });
});
