import { describe, expect, it } from 'vitest';
import { type BusyTime, Week, WeekDay, WeekRule } from '../model';
import { desk as group } from '../testing/desk';
import { dayInput, heldBreaks } from '.';
import {
  addPlanned,
  changePlanned,
  movePlanned,
  newPlanned,
  otherSpans,
  putBusy,
  removeBusy,
  removePlanned,
  repeatBusy,
} from './edit-day';

const rule = WeekRule.parse({});
const planned = (id: string, startMin: number, more = {}) => ({
  id,
  startMin,
  kindId: rule.kinds[0]?.id ?? '',
  breakId: null,
  locked: false,
  ...more,
});
const day = WeekDay.parse({
  date: '2026-11-24',
  breaks: [planned('a', 600), planned('b', 700), planned('c', 900, { skipped: true })],
});
const meeting: BusyTime = {
  id: 'm',
  label: 'fares',
  use: 'meeting',
  calendarId: null,
  startMin: 640,
  endMin: 670,
};
const times = (d: WeekDay) => d.breaks.map((b) => [b.id, b.startMin]);

describe('a day edited by hand', () => {
  it('has its breaks in order after one is moved, and that one stays where it was put', () => {
    const moved = movePlanned(day, 'a', 800);
    expect(times(moved)).toEqual([
      ['b', 700],
      ['a', 800],
      ['c', 900],
    ]);
    expect(moved.breaks.find((b) => b.id === 'a')?.locked).toBe(true);
    expect(changePlanned(day, 'b', { breakId: 'x' }).breaks[1]).toMatchObject({
      startMin: 700,
      breakId: 'x',
      locked: false,
    });
    expect(times(day), 'the day before is as it was').toEqual([
      ['a', 600],
      ['b', 700],
      ['c', 900],
    ]);
  });

  it('loses the break that is taken away and no other', () => {
    expect(times(removePlanned(day, 'b'))).toEqual([
      ['a', 600],
      ['c', 900],
    ]);
    expect(removePlanned(day, 'nobody').breaks).toHaveLength(3);
  });

  it('knows when the breaks that are held are, all but one', () => {
    const length = rule.kinds[0]?.lengthMin ?? 0;
    expect(otherSpans(day, rule)).toEqual([
      { startMin: 600, endMin: 600 + length },
      { startMin: 700, endMin: 700 + length },
    ]);
    expect(otherSpans(day, rule, 'a')).toEqual([{ startMin: 700, endMin: 700 + length }]);
  });

  it('gets one more break halfway through its longest run, and none where there is no room', () => {
    const input = dayInput(group, rule, day);
    const more = newPlanned(day, input, rule, 'n');
    // From lunch at 13:15 to 17:30 nothing is held: halfway is 15:22, and breaks start on the grid.
    expect(more?.startMin).toBeGreaterThanOrEqual(900);
    expect(more?.startMin).toBeLessThanOrEqual(945);
    expect(more).toMatchObject({ id: 'n', breakId: null, locked: true });
    const added = addPlanned(day, more!);
    expect(heldBreaks(added)).toHaveLength(3);
    const full = WeekDay.parse({ date: '2026-11-24', busy: [{ ...meeting, startMin: 540, endMin: 1050 }] });
    expect(newPlanned(full, dayInput(group, rule, full), rule, 'n')).toBeNull();
    const byHand = { ...rule, kinds: rule.kinds.map((k) => ({ ...k, onlyByHand: true })) };
    expect(newPlanned(day, input, byHand, 'n')?.kindId).toBe(rule.kinds[0]?.id);
    expect(newPlanned(day, input, { ...rule, kinds: [] }, 'n')).toBeNull();
    // The first kind that is not only placed by hand, wherever it stands.
    const [usual] = rule.kinds;
    const led = { ...usual!, id: 'led', onlyByHand: true };
    expect(newPlanned(day, input, { ...rule, kinds: [led, usual!] }, 'n')?.kindId).toBe(usual!.id);
  });

  it('has a busy time added, changed in its place, and taken away', () => {
    const busy = putBusy(putBusy(day, meeting), { ...meeting, id: 'early', startMin: 560, endMin: 580 });
    expect(busy.busy.map((b) => b.id)).toEqual(['early', 'm']);
    const later = putBusy(busy, { ...meeting, id: 'early', startMin: 680, endMin: 690 });
    expect(later.busy.map((b) => [b.id, b.startMin])).toEqual([
      ['m', 640],
      ['early', 680],
    ]);
    expect(removeBusy(later, 'm').busy.map((b) => b.id)).toEqual(['early']);
  });
});

describe('a busy time repeated over the week', () => {
  const dates = ['2026-11-23', '2026-11-24', '2026-11-25', '2026-11-26'];
  const days = dates.map((date) => WeekDay.parse({ date, busy: date === '2026-11-24' ? [meeting] : [] }));
  const week = Week.parse({ id: 'w', groupId: 'g', startDate: '2026-11-23', rule, days });

  it('comes to the weekdays that are named, once each, under ids of its own', () => {
    // Monday, Tuesday (where it is already) and Wednesday.
    const repeated = repeatBusy(week, meeting, [1, 2, 3], (date) => `m-${date}`);
    expect(repeated.days.map((d) => d.busy.map((b) => b.id))).toEqual([
      ['m-2026-11-23'],
      ['m'],
      ['m-2026-11-25'],
      [],
    ]);
    // At the same times there is one already; at others there is room for one more.
    const half = repeatBusy(
      repeated,
      { ...meeting, id: 'half', endMin: meeting.endMin + 15 },
      [1],
      () => 'h',
    );
    expect(half.days.map((d) => d.busy.map((b) => b.id))).toEqual([
      ['m-2026-11-23', 'h'],
      ['m'],
      ['m-2026-11-25'],
      [],
    ]);
    const before = repeatBusy(repeated, { ...meeting, id: 'before', startMin: 600 }, [1], () => 'b');
    expect(before.days[0]?.busy.map((b) => b.id)).toContain('b');
    // The day it stands on keeps it as it is there, whatever it is changed to here.
    const moved = repeatBusy(repeated, { ...meeting, startMin: 900, endMin: 930 }, [2, 3], () => 'n');
    expect(moved.days.map((d) => d.busy.map((b) => b.id))).toEqual([
      ['m-2026-11-23'],
      ['m'],
      ['m-2026-11-25', 'n'],
      [],
    ]);
    const again = repeatBusy(repeated, { ...meeting, id: 'other' }, [1, 2, 3, 4], (date) => `o-${date}`);
    expect(again.days.map((d) => d.busy.length)).toEqual([1, 1, 1, 1]);
  });
});
