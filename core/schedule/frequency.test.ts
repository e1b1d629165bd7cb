import { describe, expect, it } from 'vitest';
import { DayInput, type Frequency, WeekRule } from '../model';
import { desk as group } from '../testing/desk';
import { seeded } from '../testing/random';
import { dayInput, freeGaps, lambdaForEvery, planBestDays, planDay, rampCount } from '.';

const meeting = (startMin: number, endMin: number) => ({
  id: `m${startMin}`,
  label: '',
  use: 'meeting' as const,
  calendarId: null,
  startMin,
  endMin,
});
const TWO_KINDS = [
  { id: 'short', lengthMin: 5, relief: 1 },
  { id: 'long', lengthMin: 10, relief: 1 },
];
const input = (frequency: Frequency, more: object = {}, busy = [meeting(570, 630), meeting(840, 930)]) =>
  dayInput(group, WeekRule.parse({ frequency, ...more }), { date: '2026-11-25', busy, breaks: [] });
const planned = (frequency: Frequency, more: object = {}, busy?: ReturnType<typeof meeting>[]) => {
  const result = planDay(input(frequency, more, busy));
  if (!result.ok) throw new Error(JSON.stringify(result.failure));
  return result.plan;
};

describe('how often, in words', () => {
  it('about every so many minutes comes to runs of about that length on a free day', () => {
    for (const minutes of [25, 40, 50, 60, 90]) {
      const day = DayInput.parse({
        ...input({ code: 'every minutes', minutes }, { limitMin: 200 }, []),
        startMin: 0,
        endMin: 1440,
        offDesk: [],
      });
      const result = planDay(day);
      if (!result.ok) throw new Error('not planned');
      const mean = (1440 - 5 * result.plan.breaks.length) / (result.plan.breaks.length + 1);
      expect(mean, `every ${minutes}`).toBeGreaterThan(minutes * 0.88);
      expect(mean, `every ${minutes}`).toBeLessThan(minutes * 1.12);
    }
  });

  it('takes the price of a break minute from where the mean cost is least', () => {
    // With relief 1: a round of N run minutes costs about N^2/2 + lambda L in N + L minutes.
    const mean = (n: number, lambda: number, length: number) => (n ** 2 / 2 + lambda * length) / (n + length);
    for (const [n, length] of [
      [30, 5],
      [50, 5],
      [60, 10],
    ] as const) {
      const lambda = lambdaForEvery(n, { id: 'k', lengthMin: length, relief: 1 });
      const best = Array.from({ length: 200 }, (_, i) => i + 5).reduce((a, b) =>
        mean(b, lambda, length) < mean(a, lambda, length) ? b : a,
      );
      expect(best).toBe(n);
    }
    expect(lambdaForEvery(50, { id: 'k', lengthMin: 5, relief: 1 })).toBe(300);
  });

  it('so many a day, one or two a day, one at least', () => {
    expect(planned({ code: 'a day', count: 3 }).breaks).toHaveLength(3);
    const twice = planned({ code: 'once or twice' }).breaks.length;
    expect(twice).toBe(2);
    expect(planned({ code: 'every day' }, { lambda: 100_000, limitMin: 960 }).breaks).toHaveLength(1);
  });

  it('one whenever there is a gap between two busy times', () => {
    const busy = [meeting(570, 630), meeting(640, 700), meeting(703, 745), meeting(840, 930)];
    const f: Frequency = { code: 'gaps', minutes: 10 };
    const day = input(f, {}, busy);
    // 10:30 to 10:40, lunch to 14:00; not the three minutes before 11:43, nor the five before lunch.
    expect(freeGaps(day, 10).map((g) => [g.startMin, g.endMin])).toEqual([
      [630, 640],
      [795, 840],
    ]);
    const starts = planned(f, {}, busy).breaks.map((b) => b.startMin);
    expect(starts).toHaveLength(2);
    expect(starts[0]).toBeGreaterThanOrEqual(630);
    expect(starts[0]).toBeLessThanOrEqual(635);
    expect(starts[1]).toBeGreaterThanOrEqual(795);
    expect(planned(f, {}, []).breaks).toEqual([]);
  });

  it('one long one a day for a rota', () => {
    const { breaks } = planned({ code: 'rota', areas: ['neck', 'hand'] }, { kinds: TWO_KINDS });
    expect(breaks.map((b) => b.kindId)).toEqual(['long']);
  });

  it('short ones about every hour and one longer', () => {
    const { breaks } = planned({ code: 'hourly', longer: 1 }, { kinds: TWO_KINDS }, []);
    expect(breaks.filter((b) => b.kindId === 'long')).toHaveLength(1);
    expect(breaks.length).toBeGreaterThanOrEqual(6);
    expect(breaks.length).toBeLessThanOrEqual(8);
  });

  it('a ramp that starts with two a day and adds one a week, up to a most', () => {
    const ramp = { code: 'ramp' as const, start: 2, add: 1, most: 5, from: '2026-11-02' };
    const dates = ['2026-10-26', '2026-11-04', '2026-11-09', '2026-11-25', '2027-03-01'];
    expect(dates.map((d) => rampCount(ramp, d))).toEqual([2, 2, 3, 5, 5]);
    expect(planned(ramp).breaks).toHaveLength(5);
  });

  it('one in the morning and one in the afternoon, at least', () => {
    const { breaks } = planned({ code: 'both halves' }, { lambda: 100_000, limitMin: 960 });
    expect(breaks.filter((b) => b.startMin < 750)).toHaveLength(1);
    expect(breaks.filter((b) => b.startMin >= 795)).toHaveLength(1);
  });

  it('says which half has no room', () => {
    const result = planDay(input({ code: 'both halves' }, {}, [meeting(540, 750)]));
    expect(result).toEqual({
      ok: false,
      failure: { code: 'tooFewFit', minCount: 1, possible: 0, fromMin: 540, untilMin: 750 },
    });
  });

  it('on the best days of the week: as good as the best choice of days', () => {
    for (let seed = 1; seed <= 12; seed++) {
      const r = seeded(seed);
      const days = Array.from({ length: 5 }, () =>
        input(
          { code: 'best days', days: 2 },
          { limitMin: 120, lambda: r.pick([100, 300]) },
          Array.from({ length: r.int(0, 3) }, () => {
            const from = 540 + 15 * r.int(0, 28);
            return meeting(from, from + r.pick([30, 60, 90]));
          }),
        ),
      );
      const sum = (results: ReturnType<typeof planBestDays>) =>
        results.reduce((a, p) => (p.ok ? { over: a.over + p.plan.overMin, cost: a.cost + p.plan.cost } : a), {
          over: 0,
          cost: 0,
        });
      const chosen = planBestDays(days, 2);
      expect(chosen.filter((p) => p.ok && p.plan.breaks.length === 1)).toHaveLength(2);
      const ours = sum(chosen);
      for (let a = 0; a < 5; a++)
        for (let b = a + 1; b < 5; b++) {
          const other = sum(
            days.map((d, i) =>
              planDay({ ...d, minCount: i === a || i === b ? 1 : 0, maxCount: i === a || i === b ? 1 : 0 }),
            ),
          );
          expect(ours.over < other.over || (ours.over === other.over && ours.cost <= other.cost)).toBe(true);
        }
    }
  });
});
