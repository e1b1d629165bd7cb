import { describe, expect, it } from 'vitest';
import { stepOf } from '../library';
import { moveLookup } from '../library/all';
import { Break, type Limit, Person, Week } from '../model';
import { desk as group } from '../testing/desk';
import { givenChanges, notReady, weekToGive } from '.';

const lookup = moveLookup();
const DATES = ['2026-11-23', '2026-11-24'] as const;
type Times = Record<string, number>;
/** A week with breaks by id on each of the two days. */
const week = (monday: Times, tuesday: Times = {}, more: object = {}): Week =>
  Week.parse({
    id: 'w',
    groupId: 'g',
    startDate: DATES[0],
    rule: {},
    days: [monday, tuesday].map((times, i) => ({
      date: DATES[i],
      breaks: Object.entries(times).map(([id, startMin]) => ({
        id,
        startMin,
        kindId: 'short',
        breakId: 'b1',
      })),
      ...more,
    })),
  });
const BEFORE = { date: '2026-11-20', minute: 0 };
const at = (date: number, startMin: number) => ({ date: DATES[date], startMin });

describe('what giving out changes', () => {
  it('is all of it the first time', () => {
    expect(givenChanges(null, week({ a: 600 }, { b: 700 }))).toEqual([
      { code: 'added', id: 'a', at: at(0, 600), breakId: 'b1' },
      { code: 'added', id: 'b', at: at(1, 700), breakId: 'b1' },
    ]);
  });

  it('tells what is new, moved, withdrawn or another break, in order of time; nothing where nothing is', () => {
    const before = week({ a: 600, b: 700 }, { c: 600, d: 700 });
    const now = week({ a: 615, e: 660 }, { b: 900, c: 600, d: 700 });
    now.days[1]!.breaks[2]!.breakId = null;
    expect(givenChanges(before, now)).toEqual([
      { code: 'moved', id: 'a', from: at(0, 600), at: at(0, 615) },
      { code: 'added', id: 'e', at: at(0, 660), breakId: 'b1' },
      { code: 'other break', id: 'd', at: at(1, 700), breakId: null },
      { code: 'moved', id: 'b', from: at(0, 700), at: at(1, 900) },
    ]);
    expect(givenChanges(before, before)).toEqual([]);
    expect(givenChanges(before, week({}, { c: 600, d: 700 })).map((c) => [c.code, c.id])).toEqual([
      ['withdrawn', 'a'],
      ['withdrawn', 'b'],
    ]);
  });
});

describe('what is given out', () => {
  const starts = (w: Week) => w.days.map((d) => d.breaks.map((b) => [b.id, b.startMin]));

  it('leaves out what has passed when nothing was given out before, and busy times always', () => {
    const busy = { busy: [{ id: 'm', label: 'a secret', startMin: 800, endMin: 860 }] };
    const given = weekToGive(week({ a: 600, b: 700 }, { c: 600 }, busy), null, {
      date: DATES[0],
      minute: 650,
    });
    expect(starts(given)).toEqual([[['b', 700]], [['c', 600]]]);
    expect(JSON.stringify(given)).not.toContain('secret');
  });

  it('keeps what has passed as it was given out: not moved, not withdrawn, not added', () => {
    const before = week({ a: 600, b: 640, c: 700 });
    const draft = week({ b: 720, c: 760, d: 610 });
    expect(starts(weekToGive(draft, before, { date: DATES[0], minute: 650 }))[0]).toEqual([
      ['a', 600],
      ['b', 640],
      ['c', 760],
    ]);
    // Long over: nothing of it changes any more.
    expect(starts(weekToGive(draft, before, { date: '2026-12-24', minute: 0 }))[0]).toEqual([
      ['a', 600],
      ['b', 640],
      ['c', 700],
    ]);
  });

  it('a day taken off keeps what was done on it before', () => {
    const before = week({ a: 600, b: 700 });
    const off = week({ a: 600, b: 700 }, {}, { off: 'Storm' });
    const given = weekToGive(off, before, { date: DATES[0], minute: 650 });
    expect(given.days[0]).toMatchObject({ breaks: [{ id: 'a' }] });
    expect(given.days[0]!.off).toBeUndefined();
    expect(weekToGive(off, null, BEFORE).days[0]!.off).toBe('Storm');
  });
});

describe('what is not ready', () => {
  const brk = Break.parse({
    id: 'b1',
    name: 'Shoulders',
    slotSec: 300,
    items: [stepOf(lookup('arm-across')!, 'arm-across')],
  });
  const person = (name: string, ...limits: Limit[]) =>
    Person.parse({ id: name, groupId: 'g', name, consent: true, limits: limits.map((limit) => ({ limit })) });
  const look = (w: Week, people: Person[] = [], now = BEFORE, breaks = new Map([['b1', brk]])) =>
    notReady(w, { group, frame: group, people, breaks, lookup, now });

  it('is nothing where every time has a break that everyone can do', () => {
    expect(look(week({ a: 600 }), [person('Ada')])).toEqual([]);
  });

  it('names times without a break, times in the way, and who would leave something out', () => {
    const w = week({ a: 600, b: 645, c: 700 }, {}, { busy: [{ id: 'm', startMin: 640, endMin: 680 }] });
    w.days[0]!.breaks[0]!.breakId = null;
    expect(look(w, [person('Ada', 'recent surgery'), person('Bo')])).toEqual([
      { code: 'no break', at: [at(0, 600)] },
      { code: 'in the way', at: [at(0, 645)] },
      { code: 'left out', breakId: 'b1', name: 'Shoulders', people: ['Ada'] },
    ]);
  });

  it('counts a break that is not there any more as none, and says nothing of what has passed', () => {
    expect(look(week({ a: 600 }), [], BEFORE, new Map())).toEqual([{ code: 'no break', at: [at(0, 600)] }]);
    expect(look(week({ a: 600 }), [], { date: DATES[0], minute: 601 }, new Map())).toEqual([]);
  });
});
