import { DayInput, Group, Person, WeekDay, WeekRule } from '@kotabi/core/model';
import {
  addPlanned,
  changePlanned,
  dayInput,
  movePlanned,
  newPlanned,
  otherSpans,
  putBusy,
  removeBusy,
  removePlanned,
} from '@kotabi/core/schedule';
import { describe, expect, it } from 'vitest';
import { failureText } from '../words/not-planned';
import { createWeekStore, editDay, freshWeek, weekKey } from './store';

const group = Group.parse({
  id: 'g',
  name: 'Desk',
  timeZone: 'Europe/Lisbon',
  days: [5, 1, 3],
  hours: { startMin: 540, endMin: 660 },
  lunch: null,
});
const rule = WeekRule.parse({});
const day = WeekDay.parse({
  date: '2026-11-23',
  busy: [{ id: 'm', startMin: 600, endMin: 630 }],
  breaks: [
    { id: 'a', startMin: 570, kindId: 'short' },
    { id: 'b', startMin: 640, kindId: 'short' },
  ],
});
const call = { id: 'n', label: 'call', use: 'meeting' as const, calendarId: null };
const order = (d: WeekDay) => d.breaks.map((b) => `${b.id}@${b.startMin}${b.locked ? '!' : ''}`).join(' ');

describe('edits of a day', () => {
  it('keep breaks and busy times in order of time', () => {
    expect(order(movePlanned(day, 'a', 650))).toBe('b@640 a@650!');
    expect(order(changePlanned(day, 'b', { startMin: 545 }))).toBe('b@545 a@570');
    expect(order(removePlanned(day, 'a'))).toBe('b@640');
    const busier = putBusy(day, { ...call, startMin: 540, endMin: 550 });
    expect(busier.busy.map((x) => x.id)).toEqual(['n', 'm']);
    const later = putBusy(busier, { ...call, use: 'off desk', startMin: 650, endMin: 660 });
    expect(later.busy.map((x) => [x.id, x.use])).toEqual([
      ['m', 'meeting'],
      ['n', 'off desk'],
    ]);
    expect(removeBusy(later, 'm').busy.map((x) => x.id)).toEqual(['n']);
  });

  it('put a new break halfway through the longest run, set by hand; say when there is no room', () => {
    const input = dayInput(group, rule, day);
    // The longest run is 09:35 to 10:40 (65 min, the meeting counts); its middle lies before the meeting.
    const planned = newPlanned(day, input, rule, 'c');
    expect(planned).toEqual({ id: 'c', startMin: 595, kindId: 'short', breakId: null, locked: true });
    expect(order(addPlanned(day, planned!))).toBe('a@570 c@595! b@640');
    expect(otherSpans(day, rule, 'a')).toEqual([{ startMin: 640, endMin: 645 }]);
    const full = DayInput.parse({ ...input, blocked: [{ startMin: 540, endMin: 660 }] });
    expect(newPlanned(day, full, rule, 'c')).toBeNull();
  });
});

describe('why a day cannot be planned', () => {
  it('is said as one would say it', () => {
    expect(failureText({ code: 'tooFewFit', minCount: 9, possible: 3 })).toBe(
      'the rule asks for 9 breaks, only 3 fit',
    );
    expect(failureText({ code: 'tooManyLocked', maxCount: 1, locked: 2 })).toContain(
      '2 breaks are set by hand',
    );
    for (const why of ['outside', 'blocked', 'off desk', 'overlap'] as const)
      expect(failureText({ code: 'lockedDoesNotFit', startMin: 605, why })).toMatch(
        /^the break set by hand at 10:05 is (on|in|outside) .*; move it or let it go$/,
      );
  });
});

describe('the week while it is planned', () => {
  const fresh = freshWeek(group, null, '2026-11-23');

  it('begins with the days of the group, in order, and is not unkept before something is done', () => {
    const store = createWeekStore(null, fresh);
    expect(store.getState().value.days.map((d) => d.date)).toEqual([
      '2026-11-23',
      '2026-11-25',
      '2026-11-27',
    ]);
    expect(store.getState().save).toEqual({ at: 'new' });
  });

  it('brings a break that was removed back, even when the calendars were put right after it', () => {
    const store = createWeekStore(null, { ...fresh, days: [day, ...fresh.days.slice(1)] });
    editDay(store, 'remove a break', day.date, (d) => removePlanned(d, 'a'));
    const busier = (d: WeekDay) => putBusy(d, { ...call, calendarId: 'c', startMin: 540, endMin: 550 });
    store
      .getState()
      .replace(
        'put right',
        (w) => ({ ...w, days: w.days.map((d) => (d.date === day.date ? busier(d) : d)) }),
        { itself: true },
      );
    store.getState().undoEdit();
    expect(order(store.getState().value.days[0]!)).toBe('a@570 b@640');
  });

  it('is found again by its place, whether it was ever kept or not', () => {
    expect(weekKey(fresh)).toBe('g.all.2026-11-23');
    expect(weekKey({ ...fresh, personId: 'p' })).toBe('g.p.2026-11-23');
  });
});

describe('the first week of a person', () => {
  it('begins with the rule of the group and the times entered there by hand', () => {
    const person = Person.parse({
      id: 'p',
      groupId: 'g',
      name: 'Tomé',
      work: { days: [1], hours: { startMin: 540, endMin: 600 }, lunch: null },
    });
    const ofGroup = {
      ...freshWeek(group, null, '2026-11-23'),
      rule: { ...rule, limitMin: 45 },
      days: [{ ...day, busy: [...day.busy, { ...call, startMin: 540, endMin: 550, calendarId: 'c' }] }],
    };
    const own = freshWeek(group, person, '2026-11-23', ofGroup);
    expect(own.rule.limitMin).toBe(45);
    expect(own.days.map((d) => [d.date, d.busy.map((b) => b.id), d.breaks])).toEqual([
      ['2026-11-23', ['m'], []],
    ]);
    expect(freshWeek(group, null, '2026-11-23', ofGroup).rule.limitMin).toBe(60);
  });
});
