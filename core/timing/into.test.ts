import { describe, expect, it } from 'vitest';
import { intoWords, placeWord } from '../cues';
import { Pace, Position } from '../model';
import { positionMs } from './lengths';
import { spokenMs } from './lines';

const places = Position.options;
const ways = places.flatMap((from) => places.map((to) => [from, to] as const)).filter(([a, b]) => a !== b);

describe('getting from one place to another', () => {
  it.each(ways)('from %s to %s has words that are said in the time it takes', (from, to) => {
    const words = intoWords(from, to);
    expect(words).not.toBe('');
    expect(spokenMs(words, Pace.parse({}))).toBeLessThanOrEqual(positionMs(from, to));
  });

  it('takes as long there as back, and no time at all where one stays', () => {
    for (const [from, to] of ways) expect(positionMs(from, to)).toBe(positionMs(to, from));
    for (const place of places) expect(positionMs(place, place)).toBe(0);
  });

  it('has another name for each place', () => {
    expect(new Set(places.map((place) => placeWord(place))).size).toBe(places.length);
  });
});
