import { describe, expect, it } from 'vitest';
import { type BusyTime, Group, Week, WeekRule } from '../model';
import { busyChanges, changeFrom, copyWeek, emptyDays, shiftWeek, withCalendars } from '.';

const group = Group.parse({
  id: 'g',
  name: 'Desk',
  timeZone: 'Europe/Lisbon',
  days: [1, 2],
  hours: { startMin: 540, endMin: 1050 },
  lunch: null,
  standing: [{ id: 's', label: 'harbour round', use: 'off desk', days: [2], startMin: 600, endMin: 615 }],
  daysOff: [{ date: '2026-12-08', name: 'Feast day' }],
});
const hand: BusyTime = {
  id: 'h',
  label: 'fares',
  use: 'meeting',
  calendarId: null,
  startMin: 660,
  endMin: 690,
};
const read: BusyTime = { id: 'c.1', label: '', use: 'meeting', calendarId: 'c', startMin: 700, endMin: 730 };
const week = Week.parse({
  id: 'w',
  groupId: 'g',
  startDate: '2026-11-30',
  rule: {},
  days: emptyDays(group, '2026-11-30').map((d) => ({
    ...d,
    busy: [...d.busy, hand, read],
    breaks: [{ id: `${d.date}.1`, startMin: 640, kindId: 'short', breakId: 'b', locked: true }],
  })),
});

describe('several weeks', () => {
  it('a new week has the standing times and the days off of its group', () => {
    const days = emptyDays(group, '2026-12-07');
    expect(days.map((d) => [d.date, d.off, d.busy.map((b) => b.label)])).toEqual([
      ['2026-12-07', undefined, []],
      ['2026-12-08', 'Feast day', ['harbour round']],
    ]);
  });

  it('a copy has the rule, the breaks and what was entered by hand, under new ids, and respects days off', () => {
    const copy = copyWeek(week, '2026-12-09', 'w2', group);
    expect(copy.startDate).toBe('2026-12-07');
    expect(copy.days.map((d) => [d.date, d.off, d.breaks.map((b) => [b.id, b.startMin, b.breakId])])).toEqual(
      [
        ['2026-12-07', undefined, [['2026-12-07.c1', 640, 'b']]],
        ['2026-12-08', 'Feast day', []],
      ],
    );
    expect(copy.days[0]!.busy.map((b) => b.id)).toEqual(['h']);
    expect(Week.parse(copy)).toEqual(copy);
  });

  it('shifts by minutes, and changes the rule from a date on without touching what lies before', () => {
    expect(shiftWeek(week, -15).days[0]!.breaks[0]!.startMin).toBe(625);
    const weeks = ['2026-11-23', '2026-11-30', '2026-12-07'].map((startDate) => ({
      ...week,
      id: startDate,
      startDate,
    }));
    const changed = changeFrom(weeks, '2026-12-02', WeekRule.parse({ limitMin: 45 }));
    expect(changed.map((w) => [w.id, w.rule.limitMin])).toEqual([
      ['2026-11-30', 45],
      ['2026-12-07', 45],
    ]);
  });

  it('sees what moved, came and went in calendars, and takes it over', () => {
    const moved = { ...read, startMin: 720, endMin: 750 };
    const fresh = { ...read, id: 'c.2', startMin: 800, endMin: 830 };
    const now = new Map([['2026-11-30', [moved, fresh]]]);
    expect(busyChanges(week, now).map((c) => [c.date, c.before?.startMin, c.now?.startMin])).toEqual([
      ['2026-11-30', 700, 720],
      ['2026-11-30', undefined, 800],
      ['2026-12-01', 700, undefined],
    ]);
    const after = withCalendars(week, now);
    expect(after.days[0]!.busy.map((b) => b.startMin)).toEqual([660, 720, 800]);
    expect(after.days[1]!.busy.map((b) => b.id)).toEqual(['s', 'h']);
    expect(busyChanges(after, now)).toEqual([]);
  });
});
