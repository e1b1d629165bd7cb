import {
  type Change,
  DayInput,
  Group,
  type Kept,
  Person,
  type Week,
  WeekDay,
  WeekRule,
} from '@kotabi/core/model';
import { dayInput } from '@kotabi/core/schedule';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { ApiFailure, Unreachable } from '../../api/client';
import {
  addPlanned,
  changePlanned,
  movePlanned,
  newPlanned,
  otherSpans,
  putBusy,
  removeBusy,
  removePlanned,
} from './edits';
import { failureText } from './usePlanning';
import { createWeekStore, freshWeek } from './weekStore';

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
  beforeEach(() => vi.useFakeTimers());
  afterEach(() => vi.useRealTimers());
  type Put = (change: Change<Week>) => Promise<Kept<Week>>;
  const fresh = freshWeek(group, null, '2026-11-23');
  const kept = (value: Week, version: number): Kept<Week> => ({
    value,
    version,
    updatedAt: '2026-11-20T08:00:00.000Z',
  });
  const target = (store: ReturnType<typeof createWeekStore>, targetMin: number) =>
    store.getState().edit((w) => ({ ...w, rule: { ...w.rule, targetMin } }));
  const rest = () => vi.advanceTimersByTimeAsync(10);

  it('begins with the days of the group, in order, and is not saved before something is done', async () => {
    const put = vi.fn<Put>();
    const store = createWeekStore(null, fresh, put);
    await rest();
    expect(store.getState().week.days.map((d) => d.date)).toEqual(['2026-11-23', '2026-11-25', '2026-11-27']);
    expect(store.getState().save).toBe('new');
    expect(put).not.toHaveBeenCalled();
  });

  it('is kept with rising versions, and undo is kept as well', async () => {
    const put = vi.fn<Put>(async ({ value, baseVersion }) => kept(value, baseVersion + 1));
    const store = createWeekStore(null, fresh, put);
    target(store, 20);
    await rest();
    target(store, 25);
    await rest();
    store.getState().undo();
    await rest();
    expect(put.mock.calls.map(([c]) => [c.baseVersion, c.value.rule.targetMin])).toEqual([
      [0, 20],
      [1, 25],
      [2, 20],
    ]);
    store.getState().redo();
    await rest();
    expect(store.getState().week.rule.targetMin).toBe(25);
    store.getState().edit((w) => ({ ...w }));
    expect(store.getState().past).toHaveLength(2);
  });

  it('sends only the newest state when changes come faster than answers', async () => {
    let answer: () => void = () => {};
    const put = vi.fn<Put>(
      ({ value, baseVersion }) =>
        new Promise((done) => {
          answer = () => done(kept(value, baseVersion + 1));
        }),
    );
    const store = createWeekStore(kept(fresh, 4), fresh, put);
    for (const minutes of [10, 11, 12]) target(store, minutes);
    answer();
    await rest();
    expect(put.mock.calls.map(([c]) => [c.baseVersion, c.value.rule.targetMin])).toEqual([
      [4, 10],
      [5, 12],
    ]);
  });

  it('is tried again while the server is gone, and never sent over another version', async () => {
    const put = vi.fn<Put>(async ({ value, baseVersion }) => kept(value, baseVersion + 1));
    put.mockRejectedValueOnce(new Unreachable());
    const store = createWeekStore(kept(fresh, 4), fresh, put);
    target(store, 20);
    await rest();
    expect(store.getState().save).toBe('offline');
    await vi.advanceTimersByTimeAsync(4000);
    expect(store.getState().save).toBe('saved');
    put.mockRejectedValueOnce(new ApiFailure(409, { code: 'conflict', message: 'Changed.', fields: [] }));
    target(store, 21);
    await rest();
    target(store, 22);
    store.getState().retry();
    await vi.advanceTimersByTimeAsync(9000);
    expect(store.getState()).toMatchObject({ save: 'conflict', why: 'Changed.' });
    expect(put).toHaveBeenCalledTimes(3);
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
