import { describe, expect, it } from 'vitest';
import { type Frequency, WeekRule } from '../model';
import { type DayTimes, freeGaps, gapsFor, lambdaForEvery, rampCount, ruleOfDay, withFrequency } from '.';

const DATE = '2026-11-25';
const SHORT = { id: 'short', name: 'Short', lengthMin: 5, relief: 1 };
const MIDDLE = { id: 'middle', name: 'Middle', lengthMin: 8, relief: 0.5 };
const LONG = { id: 'longer', name: 'Longer one', lengthMin: 12, relief: 1 };
const BY_HAND = { id: 'hand', name: 'By hand', lengthMin: 20, relief: 1, onlyByHand: true as const };

const day = (more: Partial<DayTimes> = {}): DayTimes => ({
  startMin: 540,
  endMin: 1050,
  offDesk: [{ startMin: 750, endMin: 795 }],
  blocked: [],
  listening: [],
  ...more,
});
const rule = (frequency: Frequency, more: object = {}) =>
  WeekRule.parse({ frequency, kinds: [SHORT], lambda: 77, targetMin: 20, minGapMin: 30, ...more });
const on = (frequency: Frequency, more: object = {}, times = day()) =>
  ruleOfDay(rule(frequency, more), times, DATE);
/** What a frequency changes of the rule it is given. */
const changed = (frequency: Frequency, more: object = {}, times = day()) => {
  const { frequency: _, ...before } = rule(frequency, more);
  return Object.fromEntries(
    Object.entries(on(frequency, more, times)).filter(
      ([key, value]) => JSON.stringify(value) !== JSON.stringify((before as Record<string, unknown>)[key]),
    ),
  );
};

describe('what the words of a frequency mean for one day', () => {
  it('by cost: the rule as it stands', () => {
    expect(changed({ code: 'by cost' })).toEqual({});
  });

  it('every so many minutes: their price, no target, and a gap of at most half of them', () => {
    expect(changed({ code: 'every minutes', minutes: 50 })).toEqual({
      targetMin: 0,
      lambda: lambdaForEvery(50, SHORT),
      minGapMin: 25,
    });
    expect(on({ code: 'every minutes', minutes: 90 }).minGapMin).toBe(30);
    expect(on({ code: 'every minutes', minutes: 25 }).minGapMin).toBe(12);
  });

  it('takes the price from the first kind that is planned, not from one set by hand', () => {
    const f: Frequency = { code: 'every minutes', minutes: 50 };
    expect(on(f, { kinds: [BY_HAND, MIDDLE, SHORT] }).lambda).toBe(lambdaForEvery(50, MIDDLE));
    expect(on(f, { kinds: [BY_HAND] }).lambda).toBe(lambdaForEvery(50, BY_HAND));
  });

  it('counts: so many, one or two, at most one where the week decides, one', () => {
    expect(changed({ code: 'a day', count: 3 })).toEqual({ minCount: 3, maxCount: 3 });
    expect(changed({ code: 'once or twice' })).toEqual({ minCount: 1, maxCount: 2 });
    expect(changed({ code: 'best days', days: 2 })).toEqual({ maxCount: 1 });
    expect(changed({ code: 'every day' })).toEqual({ minCount: 1, maxCount: 1 });
    const ramp = { code: 'ramp', start: 2, add: 1, most: 5, from: '2026-11-16' } as const;
    expect(changed(ramp)).toEqual({ minCount: 3, maxCount: 3 });
  });

  it('a rota: one a day, of the longest kind that is planned', () => {
    const kinds = [SHORT, LONG, MIDDLE, BY_HAND];
    const f: Frequency = { code: 'rota', areas: ['neck'] };
    expect(on(f, { kinds })).toMatchObject({ minCount: 1, maxCount: 1 });
    expect(on(f, { kinds }).kinds).toEqual([
      { ...SHORT, minCount: 0, maxCount: 0 },
      LONG,
      { ...MIDDLE, minCount: 0, maxCount: 0 },
      BY_HAND,
    ]);
  });

  it('hourly: the price of an hour for a short one, and so many of the longest', () => {
    const f: Frequency = { code: 'hourly', longer: 2 };
    const both = on(f, { kinds: [LONG, SHORT] });
    expect(both).toMatchObject({ lambda: lambdaForEvery(60, SHORT), targetMin: 0, minGapMin: 30 });
    expect(both.kinds).toEqual([{ ...LONG, minCount: 2, maxCount: 2 }, SHORT]);
    const one = on(f, { kinds: [LONG] });
    expect(one.lambda).toBe(lambdaForEvery(60, LONG));
    expect(one.kinds).toEqual([LONG]);
  });

  it('both halves: one before lunch and one after it, or round the middle of the hours', () => {
    const window = (fromMin: number, untilMin: number) => ({ fromMin, untilMin, least: 1, most: 1 });
    const own = { fromMin: 600, untilMin: 660, least: 1, most: null };
    expect(on({ code: 'both halves' }, { windows: [own] }).windows).toEqual([
      own,
      window(540, 750),
      window(795, 1050),
    ]);
    expect(on({ code: 'both halves' })).toMatchObject({ minCount: 0, maxCount: null });
    expect(on({ code: 'both halves' }, {}, day({ offDesk: [] })).windows).toEqual([
      window(540, 795),
      window(795, 1050),
    ]);
  });

  it('takes for lunch what lies nearest to the middle, not what touches an edge', () => {
    const offDesk = [
      { startMin: 540, endMin: 780 },
      { startMin: 600, endMin: 620 },
      { startMin: 760, endMin: 800 },
      { startMin: 900, endMin: 1050 },
    ];
    expect(
      on({ code: 'both halves' }, {}, day({ offDesk })).windows.map((w) => [w.fromMin, w.untilMin]),
    ).toEqual([
      [540, 760],
      [800, 1050],
    ]);
  });

  it('has no half where a day has no minutes', () => {
    const none = day({ startMin: 600, endMin: 600, offDesk: [] });
    expect(on({ code: 'both halves' }, {}, none).windows).toEqual([]);
  });
});

describe('gaps', () => {
  const busy = (...spans: [number, number][]) =>
    day({ offDesk: [], blocked: spans.map(([startMin, endMin]) => ({ startMin, endMin })) });
  const gapRule = (minutes: number, more: object = {}) => rule({ code: 'gaps', minutes }, more);

  it('lie between busy times of every sort, and reach from the last end there was', () => {
    const times = day({
      offDesk: [{ startMin: 750, endMin: 795 }],
      blocked: [
        { startMin: 600, endMin: 700 },
        { startMin: 610, endMin: 640 },
      ],
      listening: [{ startMin: 900, endMin: 930 }],
    });
    expect(freeGaps(times, 10)).toEqual([
      { startMin: 700, endMin: 750 },
      { startMin: 795, endMin: 900 },
    ]);
    expect(freeGaps(times, 50)).toHaveLength(2);
    expect(freeGaps(times, 51)).toEqual([{ startMin: 795, endMin: 900 }]);
    expect(freeGaps(day({ offDesk: [] }), 1)).toEqual([]);
  });

  it('each become a stretch with one break, and nothing else is planned', () => {
    const own = { fromMin: 540, untilMin: 560, least: 0, most: 1 };
    const times = busy([570, 600], [610, 640], [660, 700]);
    expect(ruleOfDay(gapRule(10, { windows: [own] }), times, DATE)).toMatchObject({
      minGapMin: 0,
      minCount: 0,
      maxCount: 2,
      windows: [
        own,
        { fromMin: 600, untilMin: 610, least: 1, most: 1 },
        { fromMin: 640, untilMin: 660, least: 1, most: 1 },
      ],
    });
  });

  it.each([
    [
      'as long as the break, on the grid',
      [
        [570, 600],
        [605, 640],
      ],
      {},
      1,
    ],
    [
      'a minute too short',
      [
        [570, 600],
        [604, 640],
      ],
      {},
      0,
    ],
    [
      'long enough but off the grid',
      [
        [570, 601],
        [607, 640],
      ],
      {},
      0,
    ],
    [
      'the grid comes soon enough',
      [
        [570, 601],
        [610, 640],
      ],
      {},
      1,
    ],
    [
      'one kind is short enough',
      [
        [570, 600],
        [605, 640],
      ],
      { kinds: [LONG, SHORT] },
      1,
    ],
    [
      'none is short enough',
      [
        [570, 600],
        [605, 640],
      ],
      { kinds: [LONG] },
      0,
    ],
    [
      'one set by hand does not count',
      [
        [570, 600],
        [640, 660],
      ],
      { kinds: [BY_HAND] },
      0,
    ],
    [
      'too early for the kind',
      [
        [570, 600],
        [605, 640],
      ],
      { kinds: [{ ...SHORT, earliestMin: 601 }] },
      0,
    ],
    [
      'just not too early',
      [
        [570, 600],
        [605, 640],
      ],
      { kinds: [{ ...SHORT, earliestMin: 600 }] },
      1,
    ],
    [
      'too late for the kind',
      [
        [570, 600],
        [605, 640],
      ],
      { kinds: [{ ...SHORT, latestMin: 599 }] },
      0,
    ],
    [
      'just not too late',
      [
        [570, 600],
        [605, 640],
      ],
      { kinds: [{ ...SHORT, latestMin: 600 }] },
      1,
    ],
    [
      'too near the start of the day',
      [
        [540, 550],
        [555, 640],
      ],
      { edgeMin: 15 },
      0,
    ],
    [
      'just off the start of the day',
      [
        [540, 555],
        [560, 640],
      ],
      { edgeMin: 15 },
      1,
    ],
    [
      'too near its end',
      [
        [900, 1035],
        [1045, 1050],
      ],
      { edgeMin: 15 },
      0,
    ],
    [
      'just off its end',
      [
        [900, 1030],
        [1035, 1050],
      ],
      { edgeMin: 15 },
      1,
    ],
  ] as [string, [number, number][], object, number][])('%s', (_, spans, more, fitting) => {
    const counted = gapsFor(gapRule(1, { edgeMin: 0, gridMin: 5, ...more }), busy(...spans));
    expect(counted).toEqual({ gaps: 1, fitting });
  });

  it('are asked of a rule of gaps alone', () => {
    expect(gapsFor(rule({ code: 'every day' }), busy([570, 600], [640, 660]))).toEqual({
      gaps: 0,
      fitting: 0,
    });
  });
});

describe('a rule with another frequency', () => {
  const ids = (frequency: Frequency, kinds: object[], used?: Set<string>) =>
    withFrequency(rule({ code: 'every day' }, { kinds }), frequency, used).kinds.map((k) => k.id);
  const hourly: Frequency = { code: 'hourly', longer: 1 };
  const rota: Frequency = { code: 'rota', areas: ['neck'] };

  it('has the frequency, and the kinds it had', () => {
    const next = withFrequency(rule({ code: 'every day' }), { code: 'a day', count: 2 });
    expect(next).toEqual({ ...rule({ code: 'every day' }), frequency: { code: 'a day', count: 2 } });
  });

  it('gets a longer kind where it speaks of one and there is none', () => {
    expect(ids(hourly, [SHORT])).toEqual(['short', 'long']);
    expect(withFrequency(rule(rota), rota).kinds[1]).toEqual({
      id: 'long',
      name: 'Longer',
      lengthMin: 10,
      relief: 1,
    });
    expect(ids(hourly, [SHORT, MIDDLE])).toEqual(['short', 'middle']);
    expect(ids(hourly, [SHORT, BY_HAND])).toEqual(['short', 'hand', 'long']);
    expect(ids(rota, [MIDDLE])).toEqual(['middle', 'long']);
    expect(ids(rota, [LONG])).toEqual(['longer']);
    expect(ids(rota, [{ ...SHORT, lengthMin: 10 }])).toEqual(['short']);
    expect(ids({ code: 'a day', count: 2 }, [SHORT])).toEqual(['short']);
  });

  it('loses it again with the frequency it came with, unless it is used or was changed', () => {
    const came = { id: 'long', name: 'Longer', lengthMin: 10, relief: 1 };
    const daily: Frequency = { code: 'every day' };
    expect(ids(daily, [SHORT, came])).toEqual(['short']);
    expect(ids(daily, [SHORT, came], new Set(['long']))).toEqual(['short', 'long']);
    expect(ids(daily, [SHORT, { ...came, lengthMin: 11 }])).toEqual(['short', 'long']);
    expect(ids(daily, [SHORT, { ...came, latestMin: 900 }])).toEqual(['short', 'long']);
    expect(ids(daily, [came])).toEqual(['long']);
  });
});

describe('the price of a break minute', () => {
  it('follows from how much of the run a break takes away', () => {
    // c = (2 - r) / (2 r): 1.5 for half the run, 0.5 for all of it; lambda = c (N^2 / L + 2 N).
    expect(lambdaForEvery(40, { ...MIDDLE, lengthMin: 8, relief: 0.5 })).toBe(1.5 * (1600 / 8 + 80));
    expect(lambdaForEvery(60, { ...SHORT, lengthMin: 10, relief: 1 })).toBe(0.5 * (360 + 120));
    expect(lambdaForEvery(60, { ...SHORT, relief: 0 })).toBe(lambdaForEvery(60, { ...SHORT, relief: 0.05 }));
    expect(lambdaForEvery(960, { ...SHORT, lengthMin: 1, relief: 0.05 })).toBe(100_000);
  });
});

describe('a ramp', () => {
  const ramp = { code: 'ramp' as const, start: 2, add: 2, most: 7, from: '2026-11-02' };
  it.each([
    ['2026-10-01', 2],
    ['2026-11-02', 2],
    ['2026-11-08', 2],
    ['2026-11-09', 4],
    ['2026-11-16', 6],
    ['2026-11-23', 7],
    ['2027-11-23', 7],
  ])('on %s has %i a day', (date, count) => {
    expect(rampCount(ramp, date)).toBe(count);
  });
  it('never goes below where it starts', () => {
    expect(rampCount({ ...ramp, start: 9 }, '2026-12-01')).toBe(9);
  });
});
