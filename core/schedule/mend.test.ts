import { describe, expect, it } from 'vitest';
import { type BusyTime, Group, WeekDay, WeekRule } from '../model';
import {
  colliding,
  dayInput,
  fromToday,
  heldBreaks,
  landing,
  mendDay,
  mendDays,
  planDay,
  readDay,
  withPlan,
} from '.';

const group = Group.parse({
  id: 'g',
  name: 'Desk',
  timeZone: 'Europe/Lisbon',
  days: [1, 2, 3],
  hours: { startMin: 540, endMin: 1050 },
  lunch: { startMin: 750, endMin: 795 },
});
const rule = WeekRule.parse({});
const meeting = (id: string, startMin: number, endMin: number): BusyTime => ({
  id,
  label: 'crew call',
  use: 'meeting',
  calendarId: 'c',
  startMin,
  endMin,
});
const planned = (busy: BusyTime[], date = '2026-11-25') => {
  const day = WeekDay.parse({ date, busy });
  const result = planDay(dayInput(group, rule, day));
  if (!result.ok) throw new Error('not planned');
  return withPlan(day, result.plan.breaks);
};
/** Long before: all of the day is still to come. */
const BEFORE = { date: '2026-11-01', minute: 0 };
const overOf = (day: WeekDay) => readDay(dayInput(group, rule, day), heldBreaks(day)).overMin;

describe('putting a day right', () => {
  it('changes nothing when nothing is in the way', () => {
    const day = planned([meeting('a', 600, 660)]);
    expect(mendDay(day, group, rule, BEFORE)).toEqual({ day, moved: [] });
  });

  it('moves what a meeting has come upon, and keeps its id', () => {
    const day = planned([]);
    const [first] = day.breaks;
    const busier = { ...day, busy: [meeting('a', first!.startMin - 5, first!.startMin + 15)] };
    expect(colliding(busier, dayInput(group, rule, busier), rule)).toEqual([first!.id]);
    const { day: mended, moved } = mendDay(busier, group, rule, BEFORE);
    expect(colliding(mended, dayInput(group, rule, mended), rule)).toEqual([]);
    expect(moved.map((m) => [m.id, m.from])).toContainEqual([first!.id, first!.startMin]);
    expect(mended.breaks.map((b) => b.id)).toContain(first!.id);
    expect(mended.breaks.every((b) => !b.locked)).toBe(true);
  });

  it('is due for so many breaks as land on something and have not begun', () => {
    const day = planned([]);
    const [first, second] = day.breaks;
    const on = (at: number): BusyTime => meeting(`m${at}`, at - 5, at + 15);
    const busier = { ...day, busy: [on(first!.startMin), on(second!.startMin)] };
    expect(landing([day], group, rule, BEFORE)).toBe(0);
    expect(landing([busier], group, rule, BEFORE)).toBe(2);
    expect(landing([mendDay(busier, group, rule, BEFORE).day], group, rule, BEFORE)).toBe(0);
    const begun = { date: day.date, minute: first!.startMin + 1 };
    expect(landing([busier], group, rule, begun)).toBe(1);
    expect(landing([{ ...busier, off: 'holiday' }], group, rule, BEFORE)).toBe(0);
    expect(landing([busier], group, rule, { date: '2026-12-01', minute: 0 })).toBe(0);
  });

  it('plans the day again where moving one break alone leaves more over the limit', () => {
    const day = planned([meeting('a', 840, 930)]);
    const moved = { ...day, busy: [meeting('a', 855, 960)] };
    const mended = mendDay(moved, group, rule, BEFORE).day;
    const best = planDay(dayInput(group, rule, { ...moved, breaks: [] }));
    expect(overOf(mended)).toBe(best.ok && best.plan.overMin);
  });

  it('says of every break that is elsewhere now from where to where, and of no other', () => {
    // One meeting that one break has to go round, and one that is worth planning the day again for.
    for (const [before, after] of [
      [[], [meeting('a', 600, 660)]],
      [[meeting('a', 840, 930)], [meeting('a', 855, 960)]],
      [[], [meeting('a', 540, 780), meeting('b', 800, 1050)]],
    ] as const) {
      const day = planned([...before]);
      // What is left out stays where it is, and is not told of.
      const [skipped, ...others] = day.breaks;
      const with1 = { ...day, busy: [...after], breaks: [{ ...skipped!, skipped: true }, ...others] };
      const { day: mended, moved } = mendDay(with1, group, rule, BEFORE);
      const at = new Map(mended.breaks.map((b) => [b.id, b.startMin]));
      expect(at.get(skipped!.id)).toBe(skipped!.startMin);
      const elsewhere = others.filter((b) => at.get(b.id) !== b.startMin);
      expect(moved).toEqual(elsewhere.map((b) => ({ id: b.id, from: b.startMin, to: at.get(b.id) ?? null })));
      expect(moved.length).toBeGreaterThan(0);
    }
  });

  it('takes out as few as it has to: what still finds a place keeps one', () => {
    const day = planned([]);
    // Room for two breaks of five minutes with the time between them that the rule asks for, and for no more.
    const narrow = { ...day, busy: [meeting('a', 540, 700), meeting('b', 800, 1050)] };
    const { day: mended, moved } = mendDay(narrow, group, rule, BEFORE);
    const placed = moved.filter((m) => m.to !== null);
    expect(placed.length).toBeGreaterThan(0);
    expect(moved.length).toBeGreaterThan(placed.length);
    expect(mended.breaks).toHaveLength(day.breaks.length - (moved.length - placed.length));
    for (const { to } of placed) {
      expect(to).toBeGreaterThanOrEqual(700);
      expect(to).toBeLessThanOrEqual(795);
    }
  });

  it('leaves what has begun, even in the middle of a meeting, and moves what is still to come', () => {
    const day = planned([]);
    const [first, second] = day.breaks;
    const busier = { ...day, busy: [meeting('a', first!.startMin - 5, second!.startMin + 15)] };
    const now = { date: day.date, minute: first!.startMin + 1 };
    const { day: mended, moved } = mendDay(busier, group, rule, now);
    expect(mended.breaks.find((b) => b.id === first!.id)).toEqual(first);
    expect(moved.map((m) => m.id)).toContain(second!.id);
    expect(moved.every((m) => m.to === null || m.to > now.minute)).toBe(true);
  });

  it('leaves what is set by hand unless it lands on something itself', () => {
    const day = planned([]);
    const locked = { ...day, breaks: day.breaks.map((b, i) => (i === 2 ? { ...b, locked: true } : b)) };
    const kept = locked.breaks[2]!;
    const other = locked.breaks[0]!;
    const busier = { ...locked, busy: [meeting('a', other.startMin, other.startMin + 30)] };
    const { breaks } = mendDay(busier, group, rule, BEFORE).day;
    expect(breaks).toContainEqual(kept);
    // And nothing else is set by hand for that.
    expect(breaks.filter((b) => b.locked)).toEqual([kept]);
  });

  it('takes out a break for which the day has no place any more', () => {
    const day = planned([]);
    const full = { ...day, busy: [meeting('a', 540, 1050)] };
    const { day: mended, moved } = mendDay(full, group, rule, BEFORE);
    expect(mended.breaks).toEqual([]);
    expect(moved.every((m) => m.to === null)).toBe(true);
  });

  it('never touches days that have passed or days off', () => {
    const full = [meeting('a', 540, 1050)];
    const past = { ...planned([], '2026-11-23'), busy: full };
    const off = { ...planned([], '2026-11-26'), busy: full, off: 'Feast day' };
    expect(mendDays([past, off], group, rule, { date: '2026-11-26', minute: 600 })).toEqual({
      days: [past, off],
      moved: [],
    });
    const today = planned([], '2026-11-25');
    const mended = mendDays([{ ...today, busy: full }, past], group, rule, BEFORE);
    expect(mended.days.map((d) => [d.date, d.breaks.length])).toEqual([
      [today.date, 0],
      [past.date, 0],
    ]);
    expect(mended.moved.filter((m) => m.date === today.date).map((m) => m.id)).toEqual(
      today.breaks.map((b) => b.id),
    );
    const now = fromToday([{ date: past.date, busy: [] }], [past], '2026-11-24');
    expect(now.get(past.date)).toEqual(full);
  });

  it('takes the busy times of a day from today on from what was read, and of a day that has passed only what a calendar gave', () => {
    const own: BusyTime = { ...meeting('own', 600, 620), calendarId: null };
    const read = [meeting('read', 700, 720)];
    const days = ['2026-11-24', '2026-11-25', '2026-11-26'].map((date) =>
      WeekDay.parse({ date, busy: [own, meeting('a', 540, 560)] }),
    );
    const list = [
      { date: '2026-11-24', busy: read },
      { date: '2026-11-25', busy: read },
    ];
    expect([...fromToday(list, days, '2026-11-25')]).toEqual([
      ['2026-11-24', [meeting('a', 540, 560)]],
      ['2026-11-25', read],
      ['2026-11-26', []],
    ]);
  });
});
