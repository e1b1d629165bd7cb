import { describe, expect, it } from 'vitest';
import { type BusyTime, WeekDay, WeekRule } from '../model';
import { desk as group } from '../testing/desk';
import { seeded } from '../testing/random';
import { begun, dayInput, fromNow, mendDay, nowOn, planAsFar, planDay, withPlan, withPlanFrom } from '.';
import { pastWindow } from './from-now';

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

  it('holds fast what has begun, in a day of the planner, and lets nothing new before now', () => {
    const rule = WeekRule.parse({});
    const at = (startMin: number, more: object = {}) => ({
      id: `b${startMin}`,
      startMin,
      kindId: rule.kinds[0]!.id,
      breakId: null,
      locked: false,
      ...more,
    });
    const breaks = [
      at(600),
      at(640, { kindId: 'gone' }),
      at(680, { skipped: true }),
      at(720, { locked: true }),
      at(900, { locked: true }),
    ];
    // In the middle of what has become a meeting: a fact, of which the planner need not know.
    const d = WeekDay.parse({ date: DATE, busy: [meeting(590, 620)], breaks });
    const input = {
      ...dayInput(group, rule, d),
      windows: [{ fromMin: 540, untilMin: 600, least: 0, most: 3 }],
    };
    const ahead = fromNow(input, d, { date: DATE, minute: 700 });
    const kindId = rule.kinds[0]!.id;
    expect(ahead?.locked).toEqual([
      { startMin: 640, kindId },
      { startMin: 720, kindId },
      { startMin: 900, kindId },
    ]);
    expect(ahead?.windows).toEqual([
      { fromMin: 540, untilMin: 600, least: 0, most: 3 },
      { fromMin: 540, untilMin: 700, least: 0, most: 1 },
    ]);
    // The very minute counts as to come.
    const later = fromNow(input, d, { date: DATE, minute: 720 });
    expect(later?.locked.map((l) => l.startMin)).toEqual([640, 720, 900]);
    expect(begun(d, { date: DATE, minute: 720 }).map((b) => b.startMin)).toEqual([600, 640, 680]);
  });

  it('has no window before the day begins, and none beyond its end', () => {
    const rule = WeekRule.parse({});
    const d = day(rule);
    const input = { startMin: 540, endMin: 1050 };
    expect(pastWindow(input, d, { date: DATE, minute: 540 })).toEqual([]);
    expect(pastWindow(input, d, { date: DATE, minute: 300 })).toEqual([]);
    expect(pastWindow(input, d, { date: DATE, minute: 541 })).toEqual([
      { fromMin: 540, untilMin: 541, least: 0, most: 0 },
    ]);
    const [first, ...others] = d.breaks;
    const skipped = { ...d, breaks: [{ ...first!, skipped: true }, ...others] };
    const [evening] = pastWindow(input, skipped, { date: '2026-11-26', minute: 600 });
    expect(evening).toEqual({ fromMin: 540, untilMin: 1050, least: 0, most: others.length });
    // The first minute of the day plans all of it; one later does not.
    const whole = dayInput(group, rule, d);
    expect(fromNow(whole, d, { date: DATE, minute: 540 })).toBe(whole);
    expect(fromNow(whole, d, { date: DATE, minute: 541 })).not.toBe(whole);
    expect(fromNow(whole, d, { date: DATE, minute: 1049 })).not.toBeNull();
  });

  it('takes from a plan only what is to come', () => {
    const rule = WeekRule.parse({});
    const d = day(rule);
    const kindId = rule.kinds[0]!.id;
    const now = { date: DATE, minute: 700 };
    const placed = [600, 699, 700, 900].map((startMin) => ({ startMin, kindId }));
    const after = withPlanFrom(d, placed, now);
    expect(after.breaks.filter((b) => b.startMin < 700)).toEqual(begun(d, now));
    expect(after.breaks.filter((b) => b.startMin >= 700).map((b) => b.startMin)).toEqual([700, 900]);
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

  it('eases only the count that cannot be met: of one kind, of one stretch, of the day', () => {
    const base = dayInput(group, WeekRule.parse({}), WeekDay.parse({ date: DATE, busy: full }));
    const [kind] = base.kinds;
    const two = [
      { ...kind!, id: 'led', lengthMin: 55, minCount: 1 },
      { ...kind!, id: 'own', lengthMin: 5, minCount: 1 },
    ];
    const led = planAsFar({ ...base, minCount: 0, kinds: two });
    expect(led).toMatchObject({ ok: true, short: [{ code: 'tooFewFit', kindId: 'led', possible: 0 }] });
    expect(led.ok && led.plan.breaks.some((b) => b.kindId === 'own')).toBe(true);
    // Three stretches, of which the first has no room for two and the others keep what they ask for.
    const stretch = (fromMin: number, untilMin: number, least: number) => ({
      fromMin,
      untilMin,
      least,
      most: null,
    });
    const windows = [stretch(700, 711, 2), stretch(700, 1050, 1), stretch(1000, 1050, 1)];
    const eased = planAsFar({ ...base, minCount: 0, windows });
    expect(eased).toMatchObject({ ok: true, short: [{ fromMin: 700, untilMin: 711, minCount: 2 }] });
    expect(eased.ok && eased.short).toHaveLength(1);
    expect(eased.ok && eased.plan.breaks.some((b) => b.startMin >= 1000)).toBe(true);
  });

  it('says at once what no easing helps', () => {
    const base = dayInput(group, WeekRule.parse({}), WeekDay.parse({ date: DATE, busy: full }));
    const locked = [{ startMin: 600, kindId: base.kinds[0]!.id }];
    expect(planAsFar({ ...base, locked })).toEqual(planDay({ ...base, locked }));
    expect(planAsFar({ ...base, locked })).toMatchObject({
      ok: false,
      failure: { code: 'lockedDoesNotFit' },
    });
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
