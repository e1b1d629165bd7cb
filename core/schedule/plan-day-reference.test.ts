import { beforeAll, describe, expect, it } from 'vitest';
import { DayInput } from '../model';
import { times } from '../testing/all';
import { seeded } from '../testing/random';
import { planByTrying } from '../testing/slow-planner';
import { loadSolver, planBySolver, planStatesBySolver } from '../testing/solver-planner';
import { planDay } from './plan-day';

const judged = (day: DayInput) => {
  const result = planDay(day);
  return result.ok ? { overMin: result.plan.overMin, cost: result.plan.cost } : null;
};

describe('against trying every plan', () => {
  const smallDay = (seed: number) => {
    const r = seeded(seed);
    const startMin = 540 + r.int(0, 4);
    const span = (longest: number) => {
      const from = startMin + r.int(0, 50);
      return { startMin: from, endMin: from + r.int(1, longest) };
    };
    const kinds = [{ id: 'short', lengthMin: r.pick([3, 5]), relief: 1 }];
    if (r.int(0, 1)) kinds.push({ id: 'tiny', lengthMin: 1, relief: r.pick([0.3, 0.5, 0.7]) });
    const minCount = r.pick([0, 0, 1, 2]);
    return DayInput.parse({
      startMin,
      endMin: startMin + r.int(30, 70),
      offDesk: r.int(0, 1) ? [span(15)] : [],
      blocked: r.int(0, 2) ? [span(25)] : [],
      gridMin: 5,
      targetMin: r.int(3, 15),
      limitMin: r.int(12, 30),
      lambda: r.int(1, 60),
      minGapMin: r.pick([0, 4, 10]),
      minCount,
      maxCount: r.pick([null, null, minCount + 1, minCount + 3]),
      edgeMin: r.pick([0, 0, 5]),
      maxMinutes: r.pick([null, null, 5, 8, 11]),
      kinds,
    });
  };
  it('agrees on small days with reliefs, counts, gaps and edges', () => {
    let planned = 0;
    for (let seed = 1; seed <= times(50, 150); seed++) {
      const day = smallDay(seed);
      const expected = planByTrying(day);
      if (expected) planned++;
      expect(judged(day), `seed ${seed}`).toEqual(expected);
    }
    expect(planned).toBeGreaterThan(times(35, 110));
  });
});

describe('against trying every plan, with kinds and windows of their own', () => {
  const smallDay = (seed: number) => {
    const r = seeded(seed);
    const startMin = 540;
    const endMin = startMin + r.int(35, 60);
    const span = (longest: number) => {
      const from = startMin + r.int(0, 50);
      return { startMin: from, endMin: from + r.int(1, longest) };
    };
    const kinds = [
      { id: 'short', lengthMin: 5, relief: 1, ...(r.int(0, 1) && { minGapMin: r.pick([0, 8, 20]) }) },
      {
        id: 'tiny',
        lengthMin: 1,
        relief: 0.5,
        discreet: true,
        ...(r.int(0, 1) && { maxCount: r.int(0, 2) }),
        ...(r.int(0, 1) && { minGapMin: r.pick([0, 3, 12]) }),
      },
      {
        id: 'long',
        lengthMin: 10,
        relief: 1,
        ...(r.int(0, 1) && { minCount: 1, maxCount: 1 }),
        ...(r.int(0, 1) && { earliestMin: startMin + r.int(0, 20) }),
        ...(r.int(0, 1) && { latestMin: startMin + r.int(20, 60) }),
      },
    ].slice(0, r.int(2, 3));
    const window = (fromMin: number, untilMin: number) => ({
      fromMin,
      untilMin,
      least: r.int(0, 1),
      most: r.pick([null, 1, 2]),
      ...(r.int(0, 1) && { kindIds: [r.pick(['short', 'tiny'])] }),
    });
    const middle = startMin + r.int(15, 30);
    return DayInput.parse({
      startMin,
      endMin,
      offDesk: r.int(0, 1) ? [span(15)] : [],
      blocked: r.int(0, 1) ? [span(20)] : [],
      listening: r.int(0, 1) ? [span(30)] : [],
      focus: r.int(0, 1) ? [span(30)] : [],
      focusExtra: r.pick([0, 10, 50]),
      gridMin: 5,
      targetMin: r.int(3, 15),
      limitMin: r.int(12, 30),
      lambda: r.int(1, 60),
      minGapMin: r.pick([0, 4, 10]),
      maxCount: r.pick([2, 3, 4]),
      maxMinutes: r.pick([null, 6, 12, 15]),
      kinds,
      windows: r.int(0, 2) ? [window(startMin, middle), window(r.pick([middle, middle - 10]), endMin)] : [],
    });
  };
  it('agrees on small days', () => {
    let planned = 0;
    for (let seed = 1; seed <= times(80, 250); seed++) {
      const day = smallDay(seed);
      const expected = planByTrying(day);
      if (expected) planned++;
      expect(judged(day), `seed ${seed}`).toEqual(expected);
    }
    expect(planned).toBeGreaterThan(times(38, 120));
    expect(planned).toBeLessThan(times(80, 250));
  });
});

describe('against a mixed-integer solver (HiGHS) on whole days', () => {
  let solver: Awaited<ReturnType<typeof loadSolver>>;
  beforeAll(async () => {
    solver = await loadSolver();
  });
  const wholeDay = (seed: number) => {
    const r = seeded(seed);
    const blocked = Array.from({ length: r.int(0, 4) }, () => {
      const from = 540 + 15 * r.int(0, 30);
      return { startMin: from, endMin: from + r.pick([30, 60, 90]) };
    });
    const minCount = r.pick([0, 0, 3, 6]);
    return DayInput.parse({
      startMin: 540,
      endMin: 1050,
      offDesk: [{ startMin: 750, endMin: 795 }],
      blocked,
      targetMin: r.pick([20, 30, 45]),
      lambda: r.pick([20, 100, 300]),
      minGapMin: r.pick([15, 20, 40]),
      minCount,
      maxCount: r.pick([null, null, 6, 8]),
    });
  };
  it('agrees on half days with counts', () => {
    for (let seed = 101; seed <= times(112, 200); seed++) {
      const whole = wholeDay(seed);
      const day = {
        ...whole,
        endMin: 720,
        offDesk: seed % 3 === 0 ? [{ startMin: 630, endMin: 650 }] : [],
        minCount: Math.floor(whole.minCount / 3),
        maxCount: whole.maxCount === null ? null : whole.maxCount / 2,
      };
      expect(judged(day), `seed ${seed}`).toEqual(planBySolver(solver, day));
    }
  });
  it('agrees on short days with breaks that leave half or a third of a run', () => {
    let planned = 0;
    for (let seed = 301; seed <= times(320, 360); seed++) {
      const r = seeded(seed);
      const from = 540 + 5 * r.int(2, 8);
      const minCount = r.pick([0, 0, 1, 3]);
      const day = DayInput.parse({
        startMin: 540,
        endMin: 540 + 5 * r.int(9, 13),
        blocked: r.int(0, 1) ? [{ startMin: from, endMin: from + 5 * r.int(2, 6) }] : [],
        offDesk: r.int(0, 2) === 0 ? [{ startMin: from + 10, endMin: from + 25 }] : [],
        targetMin: r.int(3, 15),
        limitMin: r.int(12, 30),
        lambda: r.int(1, 60),
        minGapMin: r.pick([5, 10, 15]),
        minCount,
        maxCount: r.pick([null, minCount + 1, minCount + 2]),
        kinds: [
          { id: 'half', lengthMin: 5, relief: r.pick([0.5, 2 / 3]) },
          { id: 'whole', lengthMin: 10, relief: 1 },
        ],
      });
      const expected = planStatesBySolver(solver, day);
      if (expected) planned++;
      expect(judged(day), `seed ${seed}`).toEqual(expected);
    }
    expect(planned).toBeGreaterThan(times(12, 40));
  });
  it('agrees on whole days, counts included', () => {
    for (let seed = 1; seed <= times(1, 3); seed++) {
      const day = wholeDay(seed);
      expect(judged(day), `seed ${seed}`).toEqual(planBySolver(solver, day));
    }
  });
});
