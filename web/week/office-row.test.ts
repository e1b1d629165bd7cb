import type { Gives } from '@kotabi/core/ledger';
import { Break, Group, Week } from '@kotabi/core/model';
import { describe, expect, it } from 'vitest';
import { missedText } from '../words/missed';
import { isLongAgo, lastBreak } from './last-break';
import { inOneLine, officeRow } from './office-row';
import type { BreakFacts } from './useFacts';

const group = (id: string, site: string) =>
  Group.parse({
    id,
    name: id,
    site,
    timeZone: 'Europe/Lisbon',
    days: [1, 2, 3, 4, 5],
    hours: { startMin: 540, endMin: 1020 },
    lunch: null,
  });
const by = (left: number, right: number) => ({ left, right });
const gives: Gives = {
  held: new Map([['levator scapulae', by(60, 40)]]),
  heldAreas: new Map([['neck', by(60, 40)]]),
  movedAreas: new Map(),
  main: new Map([['levator scapulae', 'neck']]),
  totalSec: 240,
  strong: false,
};
const facts = new Map<string, BreakFacts>([
  ['b', { brk: Break.parse({ id: 'b', name: 'Neck', slotSec: 300, items: [] }), gives }],
]);
const week = (groupId: string, breakId: string | null, starts: [string, number, boolean?][]) =>
  Week.parse({
    id: `w${groupId}`,
    groupId,
    startDate: '2026-11-23',
    rule: { limitMin: 120 },
    days: ['2026-11-23', '2026-11-24'].map((date) => ({
      date,
      breaks: starts
        .filter(([d]) => d === date)
        .map(([, startMin, led], i) => ({ id: `${date}.${i}`, startMin, kindId: 'short', breakId, led })),
    })),
  });
const now = { date: '2026-11-22', minute: 600 };
const row = (g: Group, w: Week | null, at = now) =>
  officeRow(
    { group: g, people: [], week: w && { value: w, version: 1, updatedAt: '' }, given: null, before: null },
    facts,
    at,
  );
const [a, b] = [group('A', 'quay'), group('B', 'harbour')];

describe('a group’s week in a line', () => {
  it('has its state, its open times, its longest run and the aims it misses', () => {
    const one = row(
      a,
      week('A', 'b', [
        ['2026-11-23', 600],
        ['2026-11-24', 600],
      ]),
    );
    expect([one.state, one.planned, one.open, one.longestMin]).toEqual(['draft', 2, 0, 415]);
    expect(one.overMin).toBe(2 * (415 - 120));
    expect(one.missed).toEqual([{ muscle: 'levator scapulae', side: 'right' }]);
    expect(missedText(one)).toBe('missed: levator scapulae right');
  });
  it('says so where nothing is chosen, or nothing planned', () => {
    const open = row(a, week('A', null, [['2026-11-23', 600]]));
    expect([open.open, missedText(open)]).toEqual([1, 'no break chosen']);
    // Also when it has passed: nothing is open then, and nothing was met.
    const past = row(a, week('A', null, [['2026-11-23', 600]]), { date: '2026-12-01', minute: 600 });
    expect([past.open, missedText(past)]).toEqual([0, 'no break chosen']);
    const none = row(a, null);
    expect([none.state, none.planned, missedText(none)]).toEqual(['not planned', 0, '–']);
  });
  it('counts what is open, and what is too long, as far as it is still to come', () => {
    const times: [string, number][] = [
      ['2026-11-23', 600],
      ['2026-11-23', 900],
      ['2026-11-24', 600],
    ];
    const at = (date: string, minute: number) => row(a, week('A', null, times), { date, minute });
    expect(at('2026-11-23', 599).open).toBe(3);
    expect(at('2026-11-23', 601).open).toBe(2);
    expect(at('2026-11-24', 700)).toMatchObject({ open: 0, overMin: at('2026-11-23', 0).overMin });
    expect(at('2026-11-24', 0).ahead?.overMin).toBeLessThan(at('2026-11-23', 0).ahead?.overMin ?? 0);
    expect(at('2026-11-28', 600).ahead).toBeNull();
  });
  it('puts what is led of all groups in one line, with the time to get from place to place', () => {
    const rows = [
      row(
        a,
        week('A', 'b', [
          ['2026-11-23', 600, true],
          ['2026-11-23', 700],
          ['2026-11-24', 600, true],
        ]),
      ),
      row(
        b,
        week('B', 'b', [
          ['2026-11-23', 630, true],
          ['2026-11-23', 660, true],
        ]),
      ),
    ];
    expect(inOneLine(rows).map((l) => [l.name, l.date.slice(8), l.startMin, l.afterMin, l.moves])).toEqual([
      ['A', '23', 600, null, false],
      ['B', '23', 630, 25, true],
      ['B', '23', 660, 25, false],
      ['A', '24', 600, null, false],
    ]);
  });
});

describe('the last break of a group', () => {
  it('is the later of what was led and what someone did, and long ago after two weeks', () => {
    const sessions = [{ value: { groupId: 'A', startedAt: '2026-11-10T09:00:00Z' } }] as never;
    const answers = [
      { groupId: 'A', answer: 'did it', startsAt: '2026-11-12T09:00:00Z' },
      { groupId: 'A', answer: 'not today', startsAt: '2026-11-20T09:00:00Z' },
    ] as never;
    expect(lastBreak('A', sessions, answers)).toBe('2026-11-12');
    expect(lastBreak('B', sessions, answers)).toBeNull();
    expect(isLongAgo('2026-11-12', '2026-11-26')).toBe(false);
    expect(isLongAgo('2026-11-12', '2026-11-27')).toBe(true);
    expect(isLongAgo(null, '2026-11-27')).toBe(true);
  });
});
