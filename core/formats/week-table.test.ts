import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import { Week, WeekDay, WeekRule } from '../model';
import { weekToCsv } from './week-table';

const rule = WeekRule.parse({});
const kindId = rule.kinds[0]?.id ?? '';
const one = (id: string, startMin: number, more = {}) => ({
  id,
  startMin,
  kindId,
  breakId: null,
  locked: false,
  ...more,
});

describe('a week as a table', () => {
  const days = [
    WeekDay.parse({
      date: '2026-11-23',
      breaks: [
        one('a', 600, { breakId: 'b1', led: true }),
        one('b', 700, { locked: true, breakId: 'gone' }),
        one('c', 800, { skipped: true }),
      ],
    }),
    WeekDay.parse({ date: '2026-11-24', off: 'harbour day', breaks: [one('d', 600)] }),
    WeekDay.parse({ date: '2026-11-25', breaks: [one('e', 1500)] }),
  ];
  const week = Week.parse({ id: 'w', groupId: 'g', startDate: '2026-11-23', rule, days });
  const text = weekToCsv(week, { timeZone: 'Europe/Lisbon' }, (id) =>
    id === 'b1' ? '=Neck, "slowly"' : undefined,
  );
  const rows = Papa.parse<string[]>(text.trimEnd()).data;

  it('has a row for each break, by the local clock; a day off has none, and a shift runs into the next day', () => {
    const length = String(rule.kinds[0]?.lengthMin);
    expect(rows[0]).toEqual([
      'Date',
      'Day',
      'Start',
      'End',
      'Minutes',
      'Break',
      'Led',
      'Set by hand',
      'Held',
    ]);
    expect(rows.slice(1).map((r) => [r[0], r[1], r[2], r[4]])).toEqual([
      ['2026-11-23', 'Monday', '10:00', length],
      ['2026-11-23', 'Monday', '11:40', length],
      ['2026-11-23', 'Monday', '13:20', length],
      ['2026-11-26', 'Thursday', '01:00', length],
    ]);
  });

  it('says what is led, set by hand and held, and lets no name be taken for a formula', () => {
    expect(rows.slice(1).map((r) => r.slice(5))).toEqual([
      ['\'=Neck, "slowly"', 'yes', 'no', 'yes'],
      ['', 'no', 'yes', 'yes'],
      ['', 'no', 'no', 'no'],
      ['', 'no', 'no', 'yes'],
    ]);
    expect(text.endsWith('\r\n')).toBe(true);
  });
});
