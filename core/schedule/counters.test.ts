import { describe, expect, it } from 'vitest';
import { DayInput } from '../model';
import { type Counter, countersOf, spanOf, Tally, weightOf } from './counters';

const kinds = [
  { id: 'short', lengthMin: 5, relief: 1 },
  { id: 'long', lengthMin: 10, relief: 1 },
];
const input = (more: object) => DayInput.parse({ startMin: 540, endMin: 1020, kinds, ...more });
const window = (
  fromMin: number,
  untilMin: number,
  least: number,
  most: number | null,
  kindIds?: string[],
) => ({
  fromMin,
  untilMin,
  least,
  most,
  ...(kindIds && { kindIds }),
});
const told = (day: DayInput) =>
  countersOf(day).map((c) => [c.from, c.until, c.kinds && [...c.kinds], c.least, c.most]);

describe('what a day counts', () => {
  it('is the whole day, each kind that is bounded, its windows cut to the day, and its minutes', () => {
    const day = input({
      minCount: 2,
      maxCount: 6,
      kinds: [
        { ...kinds[0], minCount: 1 },
        { ...kinds[1], maxCount: 2 },
      ],
      windows: [window(480, 720, 1, 3), window(900, 1100, 0, 2, ['long'])],
      maxMinutes: 42,
    });
    expect(told(day)).toEqual([
      [540, 1020, null, 2, 6],
      [540, 1020, ['short'], 1, null],
      [540, 1020, ['long'], 0, 2],
      [540, 720, null, 1, 3],
      [900, 1020, ['long'], 0, 2],
      // Breaks of 5 and 10 minutes go in steps of five: eight of them are 40 minutes, a ninth were 45.
      [540, 1020, null, 0, 8],
    ]);
    const minutes = countersOf(day).at(-1) as Counter;
    expect([minutes.minutes, weightOf(minutes, 'short'), weightOf(minutes, 'long')]).toEqual([true, 1, 2]);
    expect(weightOf(countersOf(day)[0] as Counter, 'long')).toBe(1);
  });

  it('is nothing where nothing is bounded', () => {
    expect(told(input({ minCount: 0, maxCount: null }))).toEqual([]);
  });

  it('is the closer of two that only say how many at most in the same stretch, and both where they say more', () => {
    const most = (...windows: object[]) => told(input({ minCount: 0, maxCount: null, windows }));
    expect(most(window(600, 700, 0, 3), window(600, 700, 0, 2))).toEqual([[600, 700, null, 0, 2]]);
    expect(most(window(600, 700, 0, 2), window(600, 700, 0, 3))).toEqual([[600, 700, null, 0, 2]]);
    expect(most(window(600, 700, 0, 2), window(600, 700, 0, 2))).toEqual([[600, 700, null, 0, 2]]);
    // Another stretch, a least of its own, or only one kind: each counts by itself.
    for (const other of [
      window(600, 701, 0, 3),
      window(599, 700, 0, 3),
      window(600, 700, 1, 3),
      window(600, 700, 0, 3, ['long']),
    ]) {
      expect(most(window(600, 700, 0, 2), other)).toHaveLength(2);
      expect(most(other, window(600, 700, 0, 2))).toHaveLength(2);
    }
    // Minutes weigh what they last, so they stay beside a count of breaks, unless all last the same.
    const day = { minCount: 0, maxCount: 4, maxMinutes: 20 };
    expect(told(input(day))).toHaveLength(2);
    expect(told(input({ ...day, kinds: [kinds[0]], maxMinutes: 15 }))).toEqual([[540, 1020, null, 0, 3]]);
    expect(told(input({ ...day, kinds: [kinds[0]], maxMinutes: 40 }))).toEqual([[540, 1020, null, 0, 4]]);
  });

  it('is told by what it is about, and by nothing else', () => {
    const [whole, kind, stretch, minutes] = countersOf(
      input({
        minCount: 1,
        kinds: [{ ...kinds[0], maxCount: 1 }, kinds[1]],
        windows: [window(600, 700, 1, null)],
        maxMinutes: 20,
      }),
    ) as [Counter, Counter, Counter, Counter];
    expect(spanOf(whole)).toEqual({});
    expect(spanOf(kind)).toEqual({ kindId: 'short' });
    expect(spanOf(stretch)).toEqual({ fromMin: 600, untilMin: 700 });
    expect(spanOf(minutes)).toEqual({ minutes: true });
    expect(Object.keys(spanOf(whole))).toEqual([]);
    expect(Object.keys(spanOf(stretch))).toEqual(['fromMin', 'untilMin']);
  });
});

describe('counting along a day', () => {
  const counter = (
    from: number,
    until: number,
    least: number,
    most: number | null,
    of?: string,
  ): Counter => ({
    from,
    until,
    least,
    most,
    kinds: of ? new Set([of]) : null,
  });

  it('shares a digit between stretches that follow each other, in whatever order they are named', () => {
    const [early, late, whole] = [
      counter(540, 700, 0, 2),
      counter(700, 900, 0, 3),
      counter(540, 1020, 0, 4),
    ] as const;
    // The two stretches share a digit of 0 to 3, the day has one of 0 to 4.
    expect(new Tally([early, late, whole]).size).toBe(20);
    expect(new Tally([late, whole, early]).size).toBe(20);
    // Stretches that meet in one minute do not.
    expect(new Tally([early, counter(699, 900, 0, 3)]).size).toBe(12);
    expect(new Tally([]).size).toBe(1);
  });

  it('counts what is in the stretch and of the kind, up to the most, and refuses one too many', () => {
    const [whole, stretch, long] = [
      counter(540, 1020, 0, 3),
      counter(600, 700, 0, 1),
      counter(540, 1020, 1, null, 'long'),
    ] as const;
    const tally = new Tally([whole, stretch, long]);
    const reached = (counts: number) => [whole, stretch, long].map((c) => tally.reached(counts, c));
    const add = (counts: number, minute: number, kind = 'short'): number => {
      const next = tally.add(counts, minute, kind);
      if (next === null) throw new Error('one too many');
      return next;
    };
    expect(reached(add(0, 599))).toEqual([1, 0, 0]);
    expect(reached(add(0, 600))).toEqual([1, 1, 0]);
    expect(reached(add(0, 699, 'long'))).toEqual([1, 1, 1]);
    expect(reached(add(0, 700))).toEqual([1, 0, 0]);
    expect(tally.add(add(0, 600), 650, 'short')).toBeNull();
    // A least is counted up to itself: more of it makes no difference.
    expect(reached(add(add(0, 540, 'long'), 560, 'long'))).toEqual([2, 0, 1]);
    const three = add(add(add(0, 540), 560), 580);
    expect(tally.add(three, 720, 'short')).toBeNull();
    expect(reached(tally.without(three, whole))).toEqual([0, 0, 0]);
    expect(tally.without(three, stretch)).toBe(three);
    expect(tally.reached(three, counter(0, 1, 0, 1))).toBe(0);
    expect(tally.without(three, counter(0, 1, 0, 1))).toBe(three);
  });

  it('counts minutes by what each kind lasts', () => {
    const minutes: Counter = {
      ...counter(540, 1020, 0, 4),
      weights: new Map([
        ['short', 1],
        ['long', 2],
      ]),
    };
    const tally = new Tally([minutes]);
    const two = tally.add(0, 600, 'long') as number;
    expect(tally.reached(two, minutes)).toBe(2);
    expect(tally.reached(tally.add(two, 700, 'long') as number, minutes)).toBe(4);
    expect(tally.add(tally.add(two, 700, 'short') as number, 800, 'long')).toBeNull();
  });

  it('says which stretches end after one minute and up to another', () => {
    const [early, late] = [counter(540, 700, 0, 1), counter(700, 900, 0, 1)] as const;
    const tally = new Tally([late, early]);
    expect(tally.ending(600, 700)).toEqual([early]);
    expect(tally.ending(700, 899)).toEqual([]);
    expect(tally.ending(699, 900)).toEqual([early, late]);
  });
});
