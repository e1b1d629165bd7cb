import { describe, expect, it } from 'vitest';
import { words } from '../testing/build';
import { spokenPace } from '.';

describe('the pace of a voice', () => {
  it('is words by the time they took, all lines together', () => {
    const lines = [
      { text: words(30), lengthMs: 15_000 },
      { text: words(20), lengthMs: 10_000 },
    ];
    expect(spokenPace(lines)).toBe(120);
  });
  it('is not told from a few words', () => {
    expect(spokenPace([{ text: words(39), lengthMs: 10_000 }])).toBeNull();
    expect(spokenPace([])).toBeNull();
  });
});
