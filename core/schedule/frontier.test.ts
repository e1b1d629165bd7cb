import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Counter } from './counters';
import { better, type CountsOrder, countsOrder, Frontier, type State } from './frontier';

const state = (more: Partial<State>): State => ({
  run: 0,
  gap: 0,
  counts: 0,
  over: 0,
  cost: 0,
  from: null,
  ...more,
});
const counter = (least: number, most: number | null): Counter => ({
  kinds: null,
  from: 0,
  until: 600,
  least,
  most,
});
const left = (order: CountsOrder, ...states: Partial<State>[]): State[] => {
  const frontier = new Frontier();
  for (const one of states) frontier.add(state(one));
  return frontier.states(order);
};

describe('which state is better', () => {
  it('the one with fewer minutes over the limit, then the cheaper one; of equals neither', () => {
    expect(better(state({ over: 1, cost: 9 }), state({ over: 2, cost: 0 }))).toBe(true);
    expect(better(state({ over: 2, cost: 0 }), state({ over: 1, cost: 9 }))).toBe(false);
    expect(better(state({ over: 1, cost: 3 }), state({ over: 1, cost: 4 }))).toBe(true);
    expect(better(state({ over: 1, cost: 4 }), state({ over: 1, cost: 4 }))).toBe(false);
  });
});

describe('which counts leave more open', () => {
  it('fewer with nothing but a most, more with nothing but a least, else neither', () => {
    expect(countsOrder([counter(0, 4)])).toBe('fewer');
    expect(countsOrder([counter(2, null)])).toBe('more');
    expect(countsOrder([counter(2, 4)])).toBe('neither');
    expect(countsOrder([])).toBe('neither');
    expect(countsOrder([counter(0, 4), counter(0, 6)])).toBe('neither');
  });
});

describe('the states worth going on from', () => {
  it('the best one for the same run, gap and counts', () => {
    expect(left('neither', { cost: 5 }, { cost: 3 }, { cost: 4 })).toEqual([state({ cost: 3 })]);
    expect(left('neither', { run: 1 }, { gap: 1 }, { counts: 1 }).length).toBeGreaterThan(1);
  });

  it('not one that another beats in every respect', () => {
    const best = { run: 10, gap: 2, over: 1, cost: 5 };
    for (const worse of [{ run: 11 }, { gap: 3 }, { over: 2 }, { cost: 6 }, { run: 11, gap: 3, cost: 6 }])
      expect(left('neither', { ...best, ...worse }, best)).toEqual([state(best)]);
  });

  it('one that is better in anything stays', () => {
    const one = { run: 10, gap: 2, over: 1, cost: 5 };
    for (const other of [
      { run: 9, cost: 6 },
      { gap: 1, cost: 6 },
      { run: 11, cost: 4 },
      { run: 11, over: 0, cost: 9 },
    ])
      expect(left('neither', one, { ...one, ...other })).toHaveLength(2);
  });

  it('counts are compared as far as they leave more open', () => {
    const [few, many] = [
      { counts: 1, cost: 5 },
      { counts: 2, cost: 5 },
    ];
    expect(left('fewer', few, many)).toEqual([state(few)]);
    expect(left('more', few, many)).toEqual([state(many)]);
    expect(left('neither', few, many)).toHaveLength(2);
    // More counts, but cheaper.
    expect(left('fewer', few, { ...many, cost: 4 })).toHaveLength(2);
    expect(left('more', { ...few, cost: 4 }, many)).toHaveLength(2);
  });

  const some = fc.array(
    fc.record({
      run: fc.integer({ min: 0, max: 4 }),
      gap: fc.integer({ min: 0, max: 3 }),
      counts: fc.integer({ min: 0, max: 2 }),
      over: fc.integer({ min: 0, max: 2 }),
      cost: fc.integer({ min: 0, max: 4 }),
    }),
    { maxLength: 25 },
  );
  const atLeast = (order: CountsOrder, a: State, b: State): boolean =>
    (order === 'neither'
      ? a.counts === b.counts
      : order === 'fewer'
        ? a.counts <= b.counts
        : a.counts >= b.counts) &&
    a.run <= b.run &&
    a.gap <= b.gap &&
    (a.over < b.over || (a.over === b.over && a.cost <= b.cost));

  it.each(['fewer', 'more', 'neither'] as const)('are few and enough, counts: %s', (order) => {
    fc.assert(
      fc.property(some, (list) => {
        const kept = left(order, ...list);
        // Whatever was dropped is beaten by one that was kept, and none of those beats another.
        for (const one of list) expect(kept.some((k) => atLeast(order, k, state(one)))).toBe(true);
        for (const one of kept) expect(kept.filter((k) => atLeast(order, k, one))).toEqual([one]);
      }),
    );
  });
});
