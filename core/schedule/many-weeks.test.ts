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

  it('goes from weekday to weekday, with the hours of the day where the group has them, else of the copied one', () => {
    // Of four days in the week that is copied only Tuesday and Thursday have breaks, Thursday with hours of its own.
    const long = { ...group, days: [1, 2, 4, 5] as const, daysOff: [] };
    const days = emptyDays({ ...long, days: [...long.days] }, '2026-11-30').map((d, i) => ({
      ...d,
      ...(i === 2 && { hours: { startMin: 600, endMin: 900 } }),
      breaks: i % 2 === 1 || i === 2 ? [{ ...week.days[0]!.breaks[0]!, startMin: 700 + i }] : [],
    }));
    const from = Week.parse({ ...week, days });
    const copy = copyWeek(from, '2026-12-14', 'w3', { ...long, days: [2, 3, 4] });
    expect(copy.days.map((d) => [d.date, d.hours, d.breaks.map((b) => b.startMin)])).toEqual([
      ['2026-12-15', undefined, [701]],
      ['2026-12-16', undefined, []],
      ['2026-12-17', { startMin: 600, endMin: 900 }, [702]],
    ]);
    expect(copy.days.every((d) => !('off' in d) && (d.hours !== undefined || !('hours' in d)))).toBe(true);
    const other = { ...long, days: [4], other: [{ day: 4, hours: { startMin: 480, endMin: 720 } }] };
    expect(copyWeek(from, '2026-12-14', 'w3', other).days.map((d) => d.hours)).toEqual([
      { startMin: 480, endMin: 720 },
    ]);
  });

  it('knows a time of a calendar again by its id, and as changed by its beginning, its end and what it is', () => {
    const only = {
      days: [{ ...week.days[0]!, busy: [hand, read, { ...read, id: 'c.9', startMin: 500, endMin: 520 }] }],
    };
    const told = (fresh: BusyTime[]) =>
      busyChanges(only, new Map([['2026-11-30', fresh]])).map((c) => [
        c.before?.id ?? null,
        c.now?.id ?? null,
      ]);
    const kept = { ...read, id: 'c.9', startMin: 500, endMin: 520 };
    expect(told([read, kept])).toEqual([]);
    for (const change of [{ startMin: 690 }, { endMin: 740 }, { use: 'listening' as const }])
      expect(told([kept, { ...read, ...change }])).toEqual([['c.1', 'c.1']]);
    // A word that changed is nothing that moves a break.
    expect(told([{ ...read, label: 'another word' }, kept])).toEqual([]);
    expect(told([kept])).toEqual([['c.1', null]]);
    expect(told([{ ...read, id: 'c.2' }, kept])).toEqual([
      ['c.1', null],
      [null, 'c.2'],
    ]);
    const after = withCalendars(week, new Map([['2026-11-30', [{ ...read, id: 'c.0', startMin: 600 }]]]));
    expect(after.days[0]!.busy.map((b) => b.id)).toEqual(['c.0', 'h']);
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
