import { describe, expect, it } from 'vitest';
import { measured, outcomes, records, rowsOn } from '../testing/records';
import { FEWEST_PEOPLE, monthReport, monthSpan, monthWords, weekWords } from '.';

const days = ['2026-11-02', '2026-11-03', '2026-11-04', '2026-11-05', '2026-11-06'];
const there = records({
  rows: [
    ...rowsOn(days, (i) => ({
      tensionBefore: 6,
      tensionAfter: i === 0 ? 5 : 4,
      came: 4 + (i % 2),
      people: ['p-secret'],
    })),
    ...rowsOn(['2026-10-31'], () => ({ id: 'before' })),
  ],
  outcomes: outcomes(660, 8, 10),
  measures: [measured('2026-11-03', { personId: 'p-secret', note: 'secret note' })],
});

describe('the month’s page', () => {
  it('has the days of the month', () => {
    expect(monthSpan('2026-02')).toEqual({ from: '2026-02-01', until: '2026-02-28' });
    expect(monthSpan('2028-02').until).toBe('2028-02-29');
    expect(monthSpan('2026-12').until).toBe('2026-12-31');
  });

  it('is made for nobody less than five, and says why', () => {
    expect(monthReport(there, '2026-11', FEWEST_PEOPLE - 1, null)).toEqual({
      ok: false,
      why: 'too few people',
      people: 4,
      fewest: 5,
    });
  });

  it('counts what was offered and done, and holds nothing of any person', () => {
    const report = monthReport(there, '2026-11', 6, null);
    if (!report.ok) throw new Error('no report');
    expect(report).toMatchObject({
      done: { done: 8, of: 10 },
      led: { breaks: 5, minutes: 35, cameMean: 4.4 },
      tension: { pairs: 5, downBy: { value: 1.8 } },
    });
    const words = monthWords(report, 'The desk').join(' ');
    expect(words + JSON.stringify(report)).not.toMatch(/secret/);
    expect(words).toContain('5 breaks led, 35 min in all, on average 4.4 people each.');
    expect(words).toContain('80 % (of 10; with so many it could be 49 to 94 %)');
    // Down by 1, 2, 2, 2, 2: 1.8 ± 2.776 x 0.4472 / √5 = 1.245 to 2.355.
    expect(words).toContain('1.8 points lower after a break than before, on 5 occasions (95 %: 1.2 to 2.4)');
    expect(words).toContain('no group without breaks to compare with');
    expect(words).not.toMatch(/cure|heal|prevent|productiv/i);
  });

  it('goes week by week, as far as a week lies in the month', () => {
    const report = monthReport(there, '2026-11', 6, null);
    if (!report.ok) throw new Error('no report');
    const [week] = report.weeks.filter((w) => w.before !== null);
    expect(week).toMatchObject({ from: '2026-11-02', before: 6, after: 4.2 });
    expect(report.weeks.reduce((n, w) => n + w.done, 0)).toBe(report.done.done);
    expect(report.weeks.reduce((n, w) => n + w.of, 0)).toBe(report.done.of);
    expect(report.weeks.every((w) => w.from >= '2026-11-01')).toBe(true);
    expect(weekWords({ from: '2026-11-02', done: 6, of: 9, before: 6.24, after: 4.5 })).toEqual({
      done: '6 of 9',
      tension: '6.2 before, 4.5 after',
    });
    expect(weekWords({ from: '2026-11-02', done: 0, of: 0, before: null, after: null })).toEqual({
      done: '–',
      tension: '–',
    });
  });

  it('says what it does not know', () => {
    const report = monthReport(records(), '2026-11', 8, null);
    if (!report.ok) throw new Error('no report');
    expect(monthWords(report, 'The desk')).toEqual([
      'The desk: 8 people.',
      'No break was led.',
      'Of no planned break is it known what became of it.',
    ]);
  });

  it('tells of long runs where days were planned', () => {
    const runs = {
      limitMin: 60,
      longestWithout: 210,
      longestWith: 90,
      overWithout: 600,
      overWith: 100,
      days: 4,
    };
    const report = monthReport(there, '2026-11', 6, runs);
    if (!report.ok) throw new Error('no report');
    expect(monthWords(report, 'The desk').at(-1)).toBe(
      'Time at the desk beyond 60 min at a stretch: 25 min a day as it was planned and done, 150 min on the same days without any break. The longest stretch was 90 min instead of 210 min.',
    );
    // What was not shortened is not told as if it had been.
    const same = monthReport(there, '2026-11', 6, { ...runs, longestWith: 210 });
    if (!same.ok) throw new Error('no report');
    expect(monthWords(same, 'The desk').at(-1)).not.toContain('longest stretch');
  });
});
