import { describe, expect, it } from 'vitest';
import { brk, cues, hold, move, step, words } from '../../../testing/build';
import { found } from '../../../testing/review';

describe('cue length', () => {
  it('hears words during the work that outlast it', () => {
    const talk = move('a', { cues: { ...cues(10), feel: words(50), check: words(20) } });
    // 50 words at 140 a minute are 21.43 s, rounded up to 21.5.
    expect(found([step('a')], [talk])).toMatchObject([
      { code: 'cueTooLong', during: 'work', cueMs: 21_500, roomMs: 20_000 },
    ]);
    expect(found([step('a', { dose: hold(25) })], [talk])).toEqual([]);
  });

  it('hears a set-up that loses the room', () => {
    const long = move('b', { cues: cues(36) });
    expect(found([step('b')], [long])).toMatchObject([{ during: 'set-up', cueMs: 15_500, roomMs: 15_000 }]);
    const brisk = { ...brk([]).pace, wordsPerMinute: 160 };
    expect(found([step('b')], [long], { pace: brisk })).toEqual([]);
  });
});
