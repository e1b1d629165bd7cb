import { describe, expect, it } from 'vitest';
import { type BusyTime, Week, WeekRule, Work } from '../model';
import {
  addDays,
  copyWeek,
  dayInput,
  emptyDays,
  hoursOn,
  mondayOf,
  planDay,
  weekdayOf,
  withPlan,
  withRule,
} from '.';

describe('weeks', () => {
  it('start on Monday, over months and years', () => {
    expect(mondayOf('2027-01-01')).toBe('2026-12-28');
    expect(mondayOf('2026-12-28')).toBe('2026-12-28');
    expect(addDays('2026-12-28', 4)).toBe('2027-01-01');
    expect(weekdayOf('2026-11-29')).toBe(7);
  });

  it('hold the days on which a group works, in order', () => {
    const days = emptyDays({ days: [5, 1, 3, 1], hours: { startMin: 540, endMin: 1020 } }, '2026-11-23').map(
      (d) => d.date,
    );
    expect(days).toEqual(['2026-11-23', '2026-11-25', '2026-11-27']);
  });

  it('follow somebody who works part time: other hours on a day, a day in every second week', () => {
    const work = Work.parse({
      days: [1, 2, 4],
      hours: { startMin: 540, endMin: 780 },
      lunch: null,
      other: [{ day: 4, hours: { startMin: 720, endMin: 1020 } }],
      secondWeek: { days: [2], from: '2026-11-26' },
    });
    const days = (monday: string) => emptyDays(work, monday).map((d) => [d.date, d.hours?.startMin ?? null]);
    expect(days('2026-11-23')).toEqual([
      ['2026-11-23', null],
      ['2026-11-24', null],
      ['2026-11-26', 720],
    ]);
    expect(days('2026-11-30')).toEqual([
      ['2026-11-30', null],
      ['2026-12-03', 720],
    ]);
    // Also before it was said, and over the end of a year with 53 weeks.
    expect(days('2026-11-16').length).toBe(2);
    expect([days('2026-12-28').length, days('2027-01-04').length]).toEqual([2, 3]);
    expect(hoursOn(work, '2026-11-25')).toBe(null);
    const wrong = Work.safeParse({ ...work, other: [{ day: 5, hours: work.hours }] });
    expect(wrong.error?.issues[0]).toMatchObject({
      path: ['other', 0, 'day'],
      message: expect.stringContaining('not among the days'),
    });
    // A copy of a week has the hours of its days, not those of the days that were copied.
    const week = Week.parse({
      id: 'w',
      groupId: 'g',
      startDate: '2026-11-23',
      rule: {},
      days: emptyDays(work, '2026-11-23'),
    });
    const copy = copyWeek(week, '2026-11-30', 'c', { ...work, other: undefined });
    expect(copy.days.map((d) => d.date)).toEqual(['2026-11-30', '2026-12-03']);
  });

  const time = { label: '', calendarId: null };
  const busy: BusyTime[] = [
    { ...time, id: 'm', use: 'meeting', startMin: 600, endMin: 630 },
    { ...time, id: 'w', use: 'off desk', startMin: 900, endMin: 915 },
    { ...time, id: 'l', use: 'listening', startMin: 690, endMin: 720 },
    { ...time, id: 'f', use: 'focus', startMin: 930, endMin: 990 },
  ];
  const planned = (id: string, startMin: number, locked = false) => ({
    id,
    startMin,
    kindId: 'short',
    breakId: `break-of-${id}`,
    locked,
  });

  it('take lunch and walks off the desk, meetings as blocked, hand-set breaks as locked', () => {
    const group = { hours: { startMin: 540, endMin: 1020 }, lunch: { startMin: 750, endMin: 795 } };
    const input = dayInput(group, WeekRule.parse({}), {
      busy,
      date: '2026-11-23',
      breaks: [planned('a', 640, true), planned('b', 700)],
    });
    expect(input).toMatchObject({
      startMin: 540,
      endMin: 1020,
      offDesk: [group.lunch, { startMin: 900, endMin: 915 }],
      blocked: [{ startMin: 600, endMin: 630 }],
      listening: [{ startMin: 690, endMin: 720 }],
      focus: [{ startMin: 930, endMin: 990 }],
      locked: [{ startMin: 640, kindId: 'short' }],
    });
  });

  it('keep ids and chosen breaks when planned again, and give new breaks new ids', () => {
    const date = '2026-11-23';
    const day = { date, busy, breaks: [planned(`${date}.1`, 560), planned(`${date}.2`, 640, true)] };
    const places = [575, 640, 700].map((startMin) => ({ startMin, kindId: 'short' }));
    const again = withPlan(day, places);
    expect(again.breaks.map((b) => [b.id, b.startMin, b.breakId, b.locked])).toEqual([
      [`${date}.1`, 575, `break-of-${date}.1`, false],
      [`${date}.2`, 640, `break-of-${date}.2`, true],
      [`${date}.3`, 700, null, false],
    ]);
  });

  it('let breaks of a kind that a new rule no longer has become its first kind, so that they can be planned', () => {
    const tiny = { id: 'tiny', lengthMin: 1, relief: 0.5 };
    const rule = WeekRule.parse({});
    const both = { ...rule, kinds: [...rule.kinds, tiny] };
    const days = [{ date: '2026-11-23', busy: [], breaks: [{ ...planned('a', 640, true), kindId: 'tiny' }] }];
    const week = Week.parse({ id: 'w', groupId: 'g', startDate: '2026-11-23', rule: both, days });
    const after = withRule(week, rule);
    expect(after.days[0]?.breaks).toEqual([planned('a', 640, true)]);
    expect(withRule(week, both).days).toEqual(week.days);
    // Even a week that was not changed that way can be planned.
    const group = { hours: { startMin: 540, endMin: 1020 }, lunch: null };
    expect(planDay(dayInput(group, rule, days[0]!))).toMatchObject({ ok: true });
  });
});
