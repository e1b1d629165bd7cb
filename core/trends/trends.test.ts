import { describe, expect, it } from 'vitest';
import { measured, outcomes, records, rowsOn } from '../testing/records';
import { doneOf, ENOUGH_PAIRS, reachTrends, secondsByArea, tensionOf, tensionTrends, trendsOf } from '.';

const DAYS = ['2026-10-05', '2026-10-12', '2026-10-19', '2026-10-26', '2026-11-02', '2026-11-09'];

describe('tension over weeks', () => {
  // Down by 2, 1, 3, 2, 2: mean 2, standard deviation 0.7071, t(4) 2.776: 2 ± 2.776 x 0.7071 / √5 = 2 ± 0.878.
  const pairs = [2, 1, 3, 2, 2].map((by, i) => ({ date: DAYS[i] as string, before: 6, after: 6 - by }));

  it('has the mean change with its interval, worked by hand', () => {
    const trend = tensionOf(null, pairs);
    expect(trend.downBy?.value).toBe(2);
    expect(trend.downBy?.low).toBeCloseTo(1.122, 3);
    expect(trend.downBy?.high).toBeCloseTo(2.878, 3);
    // 30 % of 6 is 1.8, less than 2 points.
    expect(trend.noticedFrom).toBeCloseTo(1.8, 9);
    expect(trend.verdict).toBe('noticed');
    expect(trend.weeks.map((w) => w.before?.value)).toEqual([6, 6, 6, 6, 6]);
  });

  it('says so where there is too little, no certainty, or less than people notice', () => {
    const of = (downs: number[]) =>
      tensionOf(
        null,
        downs.map((by, i) => ({ date: DAYS[i % 6] as string, before: 6, after: 6 - by })),
      ).verdict;
    expect(of([2, 2, 2, 2])).toBe('too few');
    expect(ENOUGH_PAIRS).toBe(5);
    expect(of([2, -2, 1, -1, 0])).toBe('cannot be told apart from chance');
    expect(of([0, 0, 0, 0, 0])).toBe('cannot be told apart from chance');
    expect(of([1, 1, 1, 1, 1, 0])).toBe('less than people notice');
    expect(of([])).toBe('too few');
  });

  it('asked before only is no change, but stands in its week', () => {
    const trend = tensionOf(null, [{ date: '2026-11-04', before: 5, after: null }]);
    expect([trend.pairs, trend.downBy]).toEqual([0, null]);
    expect(trend.weeks).toMatchObject([{ week: '2026-11-02', before: { n: 1, value: 5 }, after: null }]);
  });

  it('goes down from week to week only where a line may be drawn', () => {
    const falling = DAYS.map((date, i) => ({ date, before: 8 - i, after: null }));
    expect(tensionOf(null, falling).aWeek).toMatchObject({ n: 6, value: -1 });
    expect(tensionOf(null, falling.slice(0, 5)).aWeek).toBeNull();
  });

  it('of a group is what all were asked; of a person what was measured of them', () => {
    const rows = rowsOn(DAYS.slice(0, 2), () => ({
      tensionBefore: 5,
      tensionAfter: 3,
      areas: [{ area: 'neck', before: 7, after: 4 }],
    }));
    const measures = [
      measured('2026-10-05', { tension: [{ area: 'hand', side: 'right', before: 4, after: 4 }] }),
    ];
    const group = tensionTrends(records({ rows, measures }));
    expect(group.map((t) => [t.of, t.pairs])).toEqual([
      [null, 2],
      [{ area: 'neck', side: 'both' }, 2],
    ]);
    const person = tensionTrends(records({ rows, measures, personId: 'p' }));
    expect(person.map((t) => t.of)).toEqual([{ area: 'hand', side: 'right' }]);
  });
});

describe('reach over time', () => {
  it('compares the first reading with the latest, by what readings can tell', () => {
    const measures = [40, 45, 60].map((v, i) =>
      measured(DAYS[i] as string, {
        reach: [{ kind: 'wrist angle', side: 'right', before: [v], after: [] }],
      }),
    );
    const [trend] = reachTrends(records({ measures, personId: 'p' }));
    expect(trend?.change).toMatchObject({ fartherBy: 20, real: true });
    expect(trend?.points.map((p) => p.before)).toEqual([40, 45, 60]);
    const [once] = reachTrends(records({ measures: measures.slice(0, 1), personId: 'p' }));
    expect(once?.change).toBeNull();
    expect(reachTrends(records({ measures, personId: 'other' }))).toEqual([]);
  });
});

describe('done of planned', () => {
  const all = [...outcomes(660, 8, 10), ...outcomes(870, 1, 10, '2026-11-03')];
  it('counts by hour, weekday and length', () => {
    const done = doneOf(records({ outcomes: all }));
    expect(done.whole).toMatchObject({ done: 9, of: 20 });
    expect(done.byHour.map((h) => [h.key, h.done, h.of])).toEqual([
      [11, 8, 10],
      [14, 1, 10],
    ]);
    expect(done.byWeekday.map((d) => d.key)).toEqual([1, 2]);
    expect(done.byLength).toMatchObject([{ key: 5, of: 20 }]);
    // Wilson, 8 of 10: 0.490 to 0.943.
    expect(done.byHour[0]?.share?.low).toBeCloseTo(0.49, 3);
    expect(done.byHour[0]?.share?.high).toBeCloseTo(0.943, 3);
  });
  it('leaves a length out that nobody knows, and others’ answers from a person’s', () => {
    const unknown = all.map((o) => ({ ...o, lengthMin: null }));
    expect(doneOf(records({ outcomes: unknown })).byLength).toEqual([]);
    expect(doneOf(records({ outcomes: all, personId: 'p' })).whole.share).toBeNull();
  });
});

describe('seconds held, week by week', () => {
  const work = (left: number, right: number) => ({
    work: [
      {
        area: 'neck' as const,
        counts: 'held' as const,
        planned: { left: 60_000, right: 60_000 },
        done: { left, right },
      },
    ],
  });
  it('adds up days against the aim, left and right apart', () => {
    const rows = rowsOn(['2026-11-02', '2026-11-03', '2026-11-09'], (i) =>
      work(60_000, i === 1 ? 30_000 : 60_000),
    );
    const [neck] = secondsByArea(records({ rows, aims: ['hand'] })).filter((a) => a.area === 'neck');
    expect(neck?.weeks.map((w) => [w.done, w.daysReached])).toEqual([
      [
        { left: 120, right: 90 },
        { left: 2, right: 1 },
      ],
      [
        { left: 60, right: 60 },
        { left: 1, right: 1 },
      ],
    ]);
    expect(neck?.weeksReached).toBe(0);
    const hand = secondsByArea(records({ rows, aims: ['hand'] })).find((a) => a.area === 'hand');
    expect(hand?.weeks.every((w) => w.done.left === 0)).toBe(true);
  });
  it('of a person are those in which they took part', () => {
    const rows = rowsOn(['2026-11-02', '2026-11-03'], (i) => ({
      ...work(60_000, 60_000),
      people: i === 0 ? ['p'] : [],
    }));
    const [neck] = secondsByArea(records({ rows, personId: 'p' }));
    expect(neck?.weeks[0]?.done).toEqual({ left: 60, right: 60 });
    expect(
      trendsOf(records({ rows, personId: 'p' }), { from: '2026-11-01', until: '2026-11-30' }).records,
    ).toBe(1);
  });
  it('are only those of the days that are asked for', () => {
    const rows = rowsOn(['2026-10-31', '2026-11-02']);
    expect(trendsOf(records({ rows }), { from: '2026-11-01', until: '2026-11-30' }).records).toBe(1);
  });
});
