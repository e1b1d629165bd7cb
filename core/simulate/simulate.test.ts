import { sampleStandardDeviation } from 'simple-statistics';
import { describe, expect, it } from 'vitest';
import { DayInput } from '../model';
import { planDay, readDay } from '../schedule';
import { seeded } from '../testing/random';
import {
  chanceNoStreak,
  compareRules,
  ENOUGH_OUTCOMES,
  longestRun,
  meanOf,
  quantile,
  realStarts,
  SimSettings,
  simDay,
  simulate,
  skipFromLog,
  USUAL_SKIP,
} from '.';

const none = () => 0;
const dayWith = (n: number) =>
  DayInput.parse({
    startMin: 540,
    endMin: 540 + 30 * (n + 1),
    kinds: [{ id: 'short', lengthMin: 5, relief: 1 }],
  });
const breaksOf = (n: number) =>
  Array.from({ length: n }, (_, i) => ({ startMin: 565 + 30 * i, kindId: 'short' }));

/** The table of chances of never skipping k in a row among n breaks, skipped with chance p. */
const CHANCES = [
  [7, 2, 0.3, 0.623917],
  [7, 2, 0.6, 0.137728],
  [10, 3, 0.4, 0.685878],
  [8, 1, 0.1, 0.430467],
] as const;

describe('skips in a row', () => {
  it.each(CHANCES)('among %i breaks never %i in a row at %f: the exact chance', (n, k, p, chance) => {
    expect(chanceNoStreak(n, k, p)).toBeCloseTo(chance, 6);
  });

  it.each(CHANCES)(
    'among %i breaks never %i in a row at %f: as simulated, within the sampling error',
    (n, k, p, chance) => {
      const day = simDay(dayWith(n), breaksOf(n));
      const settings = SimSettings.parse({ weeks: 20_000, skip: p, overrunMin: 0, seed: 7 });
      const { streaks, days } = simulate([{ day, seconds: [], limitMin: 60 }], settings);
      const share = streaks.slice(0, k).reduce((a, b) => a + b, 0) / days;
      // Four standard errors: a right simulation fails once in 16,000 seeds, and the seed is fixed.
      expect(Math.abs(share - chance)).toBeLessThan(4 * Math.sqrt((chance * (1 - chance)) / days));
    },
  );
});

describe('one simulated day', () => {
  const random = (seed: number) => {
    const r = seeded(seed);
    const blocked = Array.from({ length: r.int(0, 3) }, () => {
      const from = 540 + 15 * r.int(0, 30);
      return { startMin: from, endMin: from + r.pick([15, 30, 60]) };
    });
    const offDesk = Array.from({ length: r.int(0, 3) }, () => {
      const from = 530 + r.int(0, 500);
      return { startMin: from, endMin: from + r.int(5, 50) };
    });
    return {
      r,
      day: DayInput.parse({
        startMin: 540,
        endMin: 1050,
        blocked,
        offDesk,
        lambda: 40,
        kinds: [
          { id: 'short', lengthMin: 5, relief: 1 },
          { id: 'tiny', lengthMin: 1, relief: 0.5 },
        ],
      }),
    };
  };

  it('has the same longest run as walking through it minute by minute, on 200 seeded days', () => {
    for (let seed = 1; seed <= 200; seed++) {
      const { r, day } = random(seed);
      const result = planDay(day);
      if (!result.ok) throw new Error('not planned');
      const { breaks } = result.plan;
      const sim = simDay(day, breaks);
      const done = breaks.map(() => r.int(0, 2) > 0);
      const starts = sim.breaks.map((b) => b.startMin);
      const held = breaks.filter((_, i) => done[i]);
      expect(
        longestRun(sim, starts, (i) => done[i]!),
        `seed ${seed}`,
      ).toBe(readDay(day, held).longestRunMin);
    }
  });

  it('leaves a plan as it is when nothing goes wrong', () => {
    for (let seed = 1; seed <= 40; seed++) {
      const { day } = random(seed);
      const result = planDay(day);
      if (!result.ok) throw new Error('not planned');
      const sim = simDay(day, result.plan.breaks);
      expect(realStarts(sim, none, none, 20)).toEqual(sim.breaks.map((b) => b.startMin));
    }
  });

  it('moves a blocked break to the first free grid time within the grace, or misses it', () => {
    const day = DayInput.parse({
      startMin: 540,
      endMin: 720,
      blocked: [{ startMin: 570, endMin: 600 }],
    });
    const sim = simDay(day, [
      { startMin: 600, kindId: 'short' },
      { startMin: 660, kindId: 'short' },
    ]);
    expect(realStarts(sim, () => 7, none, 20)).toEqual([610, 660]);
    expect(realStarts(sim, () => 7, none, 9)).toEqual([-1, 660]);
    expect(realStarts(sim, () => 7, none, 10)).toEqual([610, 660]);
    // A late start is no move: it need not be on the grid.
    expect(realStarts(sim, none, () => 3, 20)).toEqual([603, 663]);
    // One that has moved onto the next pushes it on.
    expect(realStarts(sim, () => 61, none, 70)).toEqual([665, 670]);
    expect(realStarts(sim, () => 200, none, 20)).toEqual([-1, -1]);
  });

  it('lets a discreet break be in a meeting in which one listens', () => {
    const day = DayInput.parse({
      startMin: 540,
      endMin: 720,
      listening: [{ startMin: 570, endMin: 630 }],
      kinds: [
        { id: 'quiet', lengthMin: 1, relief: 0.5, discreet: true },
        { id: 'short', lengthMin: 5, relief: 1 },
      ],
    });
    const at = (kindId: string) => realStarts(simDay(day, [{ startMin: 600, kindId }]), none, none, 20);
    expect(at('quiet')).toEqual([600]);
    expect(at('short')).toEqual([-1]);
  });
});

describe('many weeks', () => {
  const day = DayInput.parse({
    startMin: 540,
    endMin: 1050,
    offDesk: [{ startMin: 750, endMin: 795 }],
    blocked: [{ startMin: 570, endMin: 630 }],
  });
  const result = planDay(day);
  const breaks = result.ok ? result.plan.breaks : [];
  const week = Array.from({ length: 5 }, () => ({
    day: simDay(day, breaks),
    seconds: breaks.map((_, i) => [i === 0 ? 70 : 0, i < 2 ? 30 : 0]),
    limitMin: 60,
  }));
  const run = (more: object) => simulate(week, SimSettings.parse({ weeks: 400, people: 3, ...more }));

  it('are the same for the same seed and others for another', () => {
    expect(run({ seed: 5 })).toEqual(run({ seed: 5 }));
    expect(run({ seed: 6 }).done).not.toEqual(run({ seed: 5 }).done);
  });

  it('are the plan itself when nobody skips and nothing overruns', () => {
    const sim = run({ skip: 0, overrunMin: 0 });
    expect(quantile(sim.longest, 0)).toBe(result.ok && result.plan.longestRunMin);
    expect(sim.longest.filter((n) => n > 0)).toHaveLength(1);
    expect(meanOf(sim.done)).toBe(5 * breaks.length);
    expect(sim.missed).toBe(0);
    expect(sim.reached).toEqual([1, 1]);
  });

  it('have nothing of the plan when everyone skips', () => {
    const sim = run({ skip: 1 });
    expect(meanOf(sim.done)).toBe(0);
    expect(sim.reached).toEqual([0, 0]);
    // Nothing but lunch: 210 minutes before it, 255 after.
    expect(quantile(sim.longest, 1)).toBe(255);
  });

  it('reach an aim as often as a binomial says', () => {
    // 60 s on 2 of 5 days by one break a day, done with chance 0.4: 1 - 0.6^5 - 5 * 0.4 * 0.6^4.
    const expected = 1 - 0.6 ** 5 - 5 * 0.4 * 0.6 ** 4;
    const sim = run({ weeks: 4000, people: 5, skip: 0.6, overrunMin: 0, seed: 3 });
    expect(Math.abs((sim.reached[0] as number) - expected)).toBeLessThan(
      4 * Math.sqrt((expected * (1 - expected)) / 20_000),
    );
  });

  it('differ from seed to seed by no more than chance', () => {
    const means = Array.from({ length: 20 }, (_, seed) =>
      meanOf(run({ seed, skip: 0.5, overrunMin: 0 }).done),
    );
    const n = 5 * breaks.length;
    const expected = Math.sqrt((n * 0.25) / 1200);
    expect(sampleStandardDeviation(means)).toBeLessThan(2 * expected);
    expect(Math.abs(meanOf(run({ weeks: 5000, skip: 0.5, overrunMin: 0 }).done) - n / 2)).toBeLessThan(
      4 * Math.sqrt((n * 0.25) / 15_000),
    );
  });

  it('count everyone by their own draws', () => {
    const sim = run({ skip: 0.5, weeks: 300, people: 4 });
    expect(sim.done.reduce((a, b) => a + b, 0)).toBe(1200);
    expect(sim.days).toBe(300 * 4 * 5);
    expect(sim.longest.reduce((a, b) => a + b, 0)).toBe(sim.days);
  });

  it('tell how far they have come', () => {
    const told: number[] = [];
    simulate(week, SimSettings.parse({ weeks: 600 }), (share) => told.push(share));
    expect(told).toEqual([200 / 600, 400 / 600, 1]);
  });
});

describe('comparing rules', () => {
  it('shows that more breaks cost more minutes and leave fewer long runs', () => {
    const day = DayInput.parse({ startMin: 540, endMin: 1050, offDesk: [{ startMin: 750, endMin: 795 }] });
    const few = { ...day, minCount: 2, maxCount: 2 };
    const many = { ...day, minCount: 8, maxCount: 8 };
    const settings = SimSettings.parse({ weeks: 200, skip: 0.3 });
    const [a, b] = compareRules(
      [
        { name: 'few', days: [few, few] },
        { name: 'many', days: [many, many] },
      ],
      settings,
      60,
    );
    expect([a!.breaksADay, a!.minutesADay, b!.breaksADay, b!.minutesADay]).toEqual([2, 10, 8, 40]);
    expect(a!.longRun).toBeGreaterThan(b!.longRun);
    expect(b!.doneADay).toBeGreaterThan(5);
    expect(a!.worstTenthMin).toBeGreaterThanOrEqual(a!.middleMin);
  });

  it('counts the days on which a rule cannot be kept', () => {
    const full = DayInput.parse({
      startMin: 540,
      endMin: 600,
      blocked: [{ startMin: 540, endMin: 600 }],
      minCount: 1,
    });
    const [only] = compareRules([{ name: 'x', days: [full] }], SimSettings.parse({ weeks: 10 }), 60);
    expect(only!.failed).toBe(1);
  });
});

describe('the chance of skipping', () => {
  it('is taken from the published figure until the log knows enough', () => {
    // Galinsky et al. 2007 (from memory): stretching was done in 39 % of the extra breaks.
    expect(USUAL_SKIP).toBeCloseTo(0.61, 10);
    expect(SimSettings.parse({}).skip).toBe(0.61);
    expect(skipFromLog({ done: ENOUGH_OUTCOMES - 1, skipped: 0 })).toBeNull();
    expect(skipFromLog({ done: 15, skipped: 5 })).toBe(0.25);
  });
});
