import { describe, expect, it } from 'vitest';
import { type BusyTime, WeekDay, WeekRule } from '../model';
import { desk as group } from '../testing/desk';
import { seeded } from '../testing/random';
import { begun, dayInput, fromNow, mendDay, nowOn, planAsFar, planDay, withPlan, withPlanFrom } from '.';

const meeting = (startMin: number, endMin: number): BusyTime => ({
  id: `m${startMin}`,
  label: '',
  use: 'meeting',
  calendarId: 'c',
  startMin,
  endMin,
});
const DATE = '2026-11-25';
const day = (rule: WeekRule, busy: BusyTime[] = []): WeekDay => {
  const empty = WeekDay.parse({ date: DATE, busy });
  const result = planDay(dayInput(group, rule, empty));
  if (!result.ok) throw new Error('not planned');
  return withPlan(empty, result.plan.breaks);
};
const again = (d: WeekDay, rule: WeekRule, minute: number): WeekDay => {
  const now = { date: DATE, minute };
  const ahead = fromNow(dayInput(group, rule, d), d, now);
  if (!ahead) return d;
  const result = planAsFar(ahead);
  if (!result.ok) throw new Error(JSON.stringify(result.failure));
  return withPlanFrom(d, result.plan.breaks, now);
};

describe('what has passed stays', () => {
  it('counts a shift over midnight from the midnight of its own day', () => {
    expect(nowOn({ date: '2026-11-26', minute: 30 }, DATE)).toBe(1470);
    expect(nowOn({ date: '2026-11-24', minute: 1430 }, DATE)).toBe(-10);
  });

  it('keeps whatever has begun and puts nothing before now, whatever changes: planned again and mended', () => {
    for (let seed = 1; seed <= 60; seed++) {
      const r = seeded(seed);
      const rule = WeekRule.parse({
        frequency: r.pick([
          { code: 'by cost' as const },
          { code: 'a day' as const, count: 4 },
          { code: 'both halves' as const },
          { code: 'hourly' as const, longer: 0 },
        ]),
      });
      const planned = day(rule);
      const minute = 540 + 5 * r.int(0, 102);
      const now = { date: DATE, minute };
      const busier = { ...planned, busy: [meeting(540 + 15 * r.int(0, 15), 840 + 15 * r.int(0, 10))] };
      const before = begun(busier, now);
      for (const [name, after] of [
        ['planned', again(busier, rule, minute)],
        ['mended', mendDay(busier, group, rule, now).day],
      ] as const) {
        expect([seed, name, begun(after, now)]).toEqual([seed, name, before]);
        expect(new Set(after.breaks.map((b) => b.id)).size).toBe(after.breaks.length);
      }
    }
  });

  it('leaves a day that is over as it is, and plans a day to come whole', () => {
    const rule = WeekRule.parse({});
    const input = dayInput(group, rule, day(rule));
    expect(fromNow(input, day(rule), { date: DATE, minute: 1050 })).toBeNull();
    expect(fromNow(input, day(rule), { date: '2026-11-24', minute: 1000 })).toBe(input);
  });
});

describe('as far as a rule can be kept', () => {
  const full = [meeting(540, 700), meeting(710, 750), meeting(795, 1000)];
  it('plans as many as fit, and says what was asked for', () => {
    const rule = WeekRule.parse({ frequency: { code: 'a day', count: 6 } });
    const input = dayInput(group, rule, WeekDay.parse({ date: DATE, busy: full }));
    const result = planAsFar(input);
    if (!result.ok) throw new Error('nothing');
    expect(planDay(input).ok).toBe(false);
    const [short] = result.short ?? [];
    expect(short).toMatchObject({ code: 'tooFewFit', minCount: 6 });
    expect(result.plan.breaks).toHaveLength(short!.possible);
    expect(short!.possible).toBeGreaterThan(0);
  });

  it('keeps the half of the day that has room', () => {
    const rule = WeekRule.parse({ frequency: { code: 'both halves' } });
    const busy = [meeting(540, 750)];
    const result = planAsFar(dayInput(group, rule, WeekDay.parse({ date: DATE, busy })));
    if (!result.ok) throw new Error('nothing');
    expect(result.plan.breaks).toHaveLength(1);
    expect(result.plan.breaks[0]!.startMin).toBeGreaterThanOrEqual(795);
    expect(result.short).toEqual([
      { code: 'tooFewFit', minCount: 1, possible: 0, fromMin: 540, untilMin: 750 },
    ]);
  });

  it('is the plan itself where the rule can be kept', () => {
    const input = dayInput(
      group,
      WeekRule.parse({}),
      WeekDay.parse({ date: DATE, busy: [meeting(600, 660)] }),
    );
    expect(planAsFar(input)).toEqual(planDay(input));
  });
});
