import { describe, expect, it } from 'vitest';
import { defaultPace, type Side } from '../model';
import { words } from '../testing/build';
import { type Line, opening, PAUSE_MS, placeLines, type Span, spokenMs, type Wanted } from './lines';

/** 120 words a minute: a word takes half a second. */
const pace = { ...defaultPace, wordsPerMinute: 120 };
const say = (role: Wanted['role'], count: number, atMs: number | null = null, number?: string): Wanted => ({
  role,
  text: () => words(count),
  atMs,
  ...(number !== undefined && { number }),
});
const spans = (...list: [lengthMs: number, side: Side | null][]): Span[] => {
  let startMs = 0;
  return list.map(([lengthMs, side]) => {
    const span = { startMs, lengthMs, side };
    startMs += lengthMs;
    return span;
  });
};
const run = (list: readonly Span[], returnMs: number, wanted: readonly Wanted[]) =>
  placeLines({ spans: list, returnMs, pace }, wanted);
const told = (lines: readonly Line[]) => lines.map((l) => [l.role, l.atMs, l.lengthMs]);

describe('what opens a part', () => {
  it('is said at its beginning, and falls away where the part is shorter', () => {
    expect(opening('say', '', pace, 5000)).toEqual({ lines: [], dropped: [] });
    const line = { role: 'say', text: words(4), atMs: 0, lengthMs: 2000, fromEnd: false };
    expect(opening('say', words(4), pace, 2000)).toEqual({ lines: [line], dropped: [] });
    expect(opening('say', words(4), pace, 1999)).toEqual({ lines: [], dropped: [line] });
    expect(spokenMs(words(3), { wordsPerMinute: 150 })).toBe(1500);
  });
});

describe('what is said during work', () => {
  it('stands where it is wanted, else as soon as there is room after what came before', () => {
    const { bySpan, dropped } = run(spans([20_000, null]), 4000, [
      say('go', 2, 0),
      say('feel', 4),
      say('check', 4),
      say('last', 2, 15_000),
      say('back', 4),
    ]);
    expect(told(bySpan[0]!)).toEqual([
      ['go', 0, 1000],
      ['feel', 1000 + PAUSE_MS, 2000],
      ['check', 3500 + PAUSE_MS, 2000],
      ['last', 15_000, 1000],
    ]);
    // The way back has a part of its own.
    expect(told(bySpan[1]!)).toEqual([['back', 0, 2000]]);
    expect(dropped).toEqual([]);
    expect(bySpan.flat().map((l) => [l.role, l.fromEnd])).toEqual([
      ['go', false],
      ['feel', false],
      ['check', false],
      ['last', true],
      ['back', true],
    ]);
  });

  it('begins the way back earlier where that is too short for it, and keeps it where nothing else has room', () => {
    const { bySpan, dropped } = run(spans([5000, null]), 1000, [say('back', 4), say('check', 9)]);
    expect(told(bySpan[0]!)).toEqual([['back', 4000, 2000]]);
    expect(dropped.map((l) => [l.role, l.lengthMs])).toEqual([['check', 4500]]);
  });

  it('drops what would overlap something more important, end after the work, or begin before it', () => {
    const at = (wanted: readonly Wanted[]) => {
      const { bySpan, dropped } = run(spans([6000, null]), 0, wanted);
      return [bySpan.flat().map((l) => l.role), dropped.map((l) => l.role)];
    };
    expect(at([say('last', 4, 3000), say('go', 4, 2000)])).toEqual([['last'], ['go']]);
    // One that ends where the other begins does not overlap it.
    expect(at([say('last', 4, 4000), say('go', 4, 2000)])).toEqual([['go', 'last'], []]);
    expect(at([say('go', 4, 4001)])).toEqual([[], ['go']]);
    expect(at([say('go', 4, 4000)])).toEqual([['go'], []]);
    expect(at([say('go', 4, -500)])).toEqual([[], ['go']]);
    expect(at([say('check', 13)])).toEqual([[], ['check']]);
    expect(at([say('check', 12)])).toEqual([['check'], []]);
  });

  it('goes round what stands in its way, with a breath of silence behind it', () => {
    const { bySpan } = run(spans([20_000, null]), 0, [say('last', 4, 2000), say('feel', 4), say('check', 2)]);
    // Two seconds before the fixed line are just enough for the first, the other comes after it.
    expect(told(bySpan[0]!)).toEqual([
      ['feel', 0, 2000],
      ['last', 2000, 2000],
      ['check', 4000 + PAUSE_MS, 1000],
    ]);
  });

  it('counts to the end: where a number has no room those before it fall away, and words give way to theirs', () => {
    const numbers = [1000, 2000, 3000].map((at) => say('count', 1, at));
    const { bySpan, dropped } = run(spans([4000, null]), 0, [...numbers, say('last', 2, 2000)]);
    // “Last” takes the moment of the middle number, so that the first is not counted either.
    expect(told(bySpan[0]!)).toEqual([
      ['last', 2000, 1000],
      ['count', 3000, 500],
    ]);
    expect(dropped.map((l) => [l.role, l.atMs])).toEqual([
      ['count', 2000],
      ['count', 1000],
    ]);
    // Words for the last one that are too long become the number in their place.
    const short = run(spans([4000, null]), 0, [say('last', 9, 3000, 'one'), ...numbers.slice(0, 2)]);
    expect(short.bySpan[0]!.map((l) => [l.role, l.text, l.atMs])).toEqual([
      ['count', 'word0', 1000],
      ['count', 'word0', 2000],
      ['count', 'one', 3000],
    ]);
    expect(short.dropped.map((l) => l.role)).toEqual(['last']);
  });

  it('says the words of the side that is worked when they are said', () => {
    const sided = (role: Wanted['role'], atMs: number | null): Wanted => ({
      role,
      text: (side) => `the ${side ?? 'middle'} now`,
      atMs,
    });
    const both = spans([4000, 'left'], [4000, 'right']);
    const { bySpan } = run(both, 3000, [sided('go', 0), sided('last', 5000), sided('back', null)]);
    expect(bySpan.map((lines) => lines.map((l) => [l.role, l.text, l.atMs]))).toEqual([
      [['go', 'the left now', 0]],
      [['last', 'the right now', 1000]],
      [['back', 'the right now', 0]],
    ]);
    // What had to move to the other side's part follows it.
    const moved = run(both, 0, [say('last', 7, 0), sided('feel', null), sided('check', null)]);
    expect(moved.bySpan.map((lines) => lines.map((l) => l.text))).toEqual([
      [words(7)],
      ['the right now', 'the right now'],
      [],
    ]);
    expect(run(spans([4000, null]), 0, [sided('feel', null)]).bySpan[0]!.map((l) => l.text)).toEqual([
      'the middle now',
    ]);
    expect(run([], 2000, [say('back', 2)]).bySpan).toHaveLength(1);
  });
});
