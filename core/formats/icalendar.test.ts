import ICAL from 'ical.js';
import { DateTime } from 'luxon';
import nodeIcal from 'node-ical';
import { describe, expect, it } from 'vitest';
import { Group, Week } from '../model';
import { calendarText, entriesOf, nextEntries, type PublishedEntry } from './icalendar';

const group = (timeZone: string) =>
  Group.parse({
    id: 'g',
    name: 'Fährbüro; Fahrplan, Süd',
    timeZone,
    days: [1, 2, 3, 4, 5, 6, 7],
    hours: { startMin: 540, endMin: 1020 },
    lunch: null,
  });
const week = (dates: string[], startMin = 600) =>
  Week.parse({
    id: 'w1',
    groupId: 'g',
    startDate: dates[0],
    rule: {},
    days: dates.map((date) => ({
      date,
      breaks: [{ id: `${date}.1`, startMin, kindId: 'short', breakId: 'b' }],
    })),
  });
const lines = [
  'Ear toward the shoulder: 20 s each side',
  'Größe, Länge; ümläüt — 腰を伸ばす '.repeat(6),
  'a\\b',
];
const entries = (zone: string, dates: string[], startMin?: number) =>
  entriesOf(week(dates, startMin), group(zone), () => ({ name: 'Neck, wrists; and so on', lines }));
const text = (list: PublishedEntry[], more: Partial<Parameters<typeof calendarText>[0]> = {}) =>
  calendarText({ name: 'Fährbüro; Fahrplan, Süd', entries: list, alarmMin: 5, ...more });
const write = (zone: string, dates: string[], startMin?: number) =>
  text(nextEntries([], entries(zone, dates, startMin), '2026-11-20T08:00:00Z'));

const events = (text: string) => {
  const component = new ICAL.Component(ICAL.parse(text));
  for (const tz of component.getAllSubcomponents('vtimezone')) ICAL.TimezoneService.register(tz);
  return component.getAllSubcomponents('vevent').map((e) => new ICAL.Event(e));
};

describe('iCalendar of a week', () => {
  it('is read back by another library with the same times, ids and words', () => {
    const read = events(write('Europe/Lisbon', ['2026-11-23', '2026-11-24']));
    expect(read.map((e) => e.uid)).toEqual(['w1.2026-11-23.1@kotabi', 'w1.2026-11-24.1@kotabi']);
    expect(read[0]!.startDate.toString()).toBe('2026-11-23T10:00:00Z');
    expect(read[0]!.duration.toSeconds()).toBe(300);
    expect(read[0]!.summary).toBe('Neck, wrists; and so on');
    expect(read[0]!.description).toBe(lines.join('\n'));
    expect(read[0]!.sequence).toBe(0);
  });

  // Both hemispheres, before and after the clocks change; the instants come from the tz database through Intl.
  it.each([
    ['Europe/Lisbon', ['2026-10-24', '2026-10-25', '2026-10-26']],
    ['Australia/Hobart', ['2026-10-03', '2026-10-04', '2026-10-05']],
    ['America/Santiago', ['2026-04-03', '2026-04-06']],
  ])('keeps local time over a change of clocks in %s', (zone, dates) => {
    for (const [i, event] of events(write(zone, dates, 9 * 60 + 5)).entries()) {
      const expected = DateTime.fromISO(`${dates[i]}T09:05:00`, { zone }).toMillis();
      expect(event.startDate.toUnixTime() * 1000).toBe(expected);
    }
  });

  it('keeps to RFC 5545: CRLF to the last line, lines of 75 octets at most, times in UTC, no METHOD without an organizer', () => {
    const file = write('Europe/Lisbon', ['2026-11-23']);
    const rows = file.split('\r\n');
    expect(file.replaceAll('\r\n', '')).not.toMatch(/[\r\n]/);
    for (const row of rows) expect(new TextEncoder().encode(row).length).toBeLessThanOrEqual(75);
    expect(rows.some((row) => row.startsWith(' '))).toBe(true);
    expect(rows.at(-1)).toBe('');
    expect(rows.at(-2)).toBe('END:VCALENDAR');
    expect(rows).toContain('DTSTART:20261123T100000Z');
    expect(rows).toContain('DTEND:20261123T100500Z');
    expect(rows.some((row) => row.startsWith('METHOD'))).toBe(false);
    expect(rows).toContain('NAME:Fährbüro\\; Fahrplan\\, Süd');
    expect(rows).toContain('X-WR-CALNAME:Fährbüro\\; Fahrplan\\, Süd');
    expect(rows).toContain('DTSTAMP:20261120T080000Z');
    expect(rows).toContain('SUMMARY:Neck\\, wrists\\; and so on');
  });

  it('folds at 75 octets between characters of two, three and four octets, at every place in the line', () => {
    for (const letter of ['ä', '腰', '🙆'])
      for (let pad = 0; pad < 8; pad++) {
        const summary = `${'x'.repeat(pad)}${letter.repeat(60)}`;
        const [entry] = entries('Europe/Lisbon', ['2026-11-23']);
        const file = text(nextEntries([], [{ ...entry!, summary }], '2026-11-20T08:00:00Z'));
        for (const row of file.split('\r\n')) {
          expect(new TextEncoder().encode(row).length).toBeLessThanOrEqual(75);
          expect(row).not.toMatch(/^ ?[\uDC00-\uDFFF]|[\uD800-\uDBFF]$/);
        }
        expect(events(file)[0]!.summary).toBe(summary);
      }
  });

  it('gives the plan again to two other libraries', async () => {
    const dates = ['2026-10-24', '2026-10-25', '2026-10-26'];
    for (const zone of ['Europe/Lisbon', 'Australia/Hobart']) {
      const file = write(zone, dates, 22 * 60);
      const expected = entries(zone, dates, 22 * 60).map((e) => {
        const start = DateTime.fromISO(`${e.date}T22:00:00`, { zone }).toMillis();
        return { uid: e.uid, start, end: start + 300_000, summary: e.summary, description: e.description };
      });
      const one = events(file).map((e) => ({
        uid: e.uid,
        start: e.startDate.toUnixTime() * 1000,
        end: e.endDate.toUnixTime() * 1000,
        summary: e.summary,
        description: e.description,
      }));
      expect(one).toEqual(expected);
      const other = Object.values(nodeIcal.sync.parseICS(file))
        .filter((c) => c?.type === 'VEVENT')
        .map((e) => ({
          uid: e.uid,
          start: e.start.getTime(),
          end: e.end!.getTime(),
          summary: e.summary,
          description: e.description,
        }));
      expect(other).toEqual(expected);
    }
  });

  it('has a shift over midnight on the next day', () => {
    const [event] = events(write('Europe/Lisbon', ['2026-10-24'], 1440 + 150));
    // 25 October 2026 has the hour from one to two twice; half past two comes once.
    expect(event!.startDate.toString()).toBe('2026-10-25T02:30:00Z');
  });

  // The clocks of the tz database, through Intl.
  it.each([
    ['Europe/Lisbon', '2027-03-27', 'forward at 01:00'],
    ['Europe/Lisbon', '2027-10-30', 'back at 02:00'],
    ['Australia/Lord_Howe', '2027-04-03', 'back by half an hour at 02:00'],
    ['Australia/Lord_Howe', '2026-10-03', 'forward by half an hour at 02:00'],
    ['America/Santiago', '2027-04-03', 'back at midnight'],
  ])('keeps the order of a night in %s on %s, where the clocks go %s, and nothing overlaps', (zone, date) => {
    const starts = [1465, 1505, 1515, 1530, 1565, 1580, 1615, 1650];
    const night = Week.parse({
      id: 'n',
      groupId: 'g',
      startDate: date,
      rule: {},
      days: [
        {
          date,
          breaks: starts.map((startMin, i) => ({ id: `n${i}`, startMin, kindId: 'short', breakId: 'b' })),
        },
      ],
    });
    const shift = { ...group(zone), hours: { startMin: 1320, endMin: 1800 } };
    const file = text(
      nextEntries(
        [],
        entriesOf(night, shift, () => ({ name: 'Neck', lines: [] })),
        '2026-11-20T08:00:00Z',
      ),
    );
    const read = events(file).map((e) => [e.startDate.toUnixTime(), e.endDate.toUnixTime()] as const);
    expect(read.map(([from]) => from)).toEqual([...read.map(([from]) => from)].sort((a, b) => a - b));
    for (const [i, [from, until]] of read.entries()) {
      expect(until - from).toBe(300);
      if (i > 0) expect(from).toBeGreaterThanOrEqual(read[i - 1]![1]);
      // What the clock on the wall shows is what was planned, except in what is left out.
      const wall = DateTime.fromSeconds(from, { zone });
      const missing = from === read[i - 1]?.[1] || wall.minus({ minutes: 1 }).offset !== wall.offset;
      if (!missing) expect(wall.hour * 60 + wall.minute).toBe(starts[i]! % 1440);
    }
  });

  it('is busy, and as long as is wished, only where that is wished', () => {
    const [first] = nextEntries([], entries('Europe/Lisbon', ['2026-11-23']), '2026-11-20T08:00:00Z');
    expect(text([first!])).toContain('TRANSP:TRANSPARENT');
    expect(text([first!], { busy: true })).toContain('TRANSP:OPAQUE');
    expect(events(text([first!], { lengthMin: 15 }))[0]!.duration.toSeconds()).toBe(900);
  });
});

describe('what is given out after a change', () => {
  const dates = ['2026-11-23', '2026-11-24'];
  const first = nextEntries([], entries('Europe/Lisbon', dates), '2026-11-20T08:00:00Z');

  it('stays as it was where nothing changed', () => {
    expect(nextEntries(first, entries('Europe/Lisbon', dates), '2026-11-21T08:00:00Z')).toEqual(first);
  });

  it('rises in sequence where it moved, and withdraws what is gone, once', () => {
    const moved = entries('Europe/Lisbon', ['2026-11-23'], 615);
    const second = nextEntries(first, moved, '2026-11-21T08:00:00Z');
    expect(second.map((e) => [e.uid, e.startMin, e.sequence, e.cancelled])).toEqual([
      ['w1.2026-11-23.1@kotabi', 615, 1, false],
      ['w1.2026-11-24.1@kotabi', 600, 1, true],
    ]);
    expect(nextEntries(second, moved, '2026-11-22T08:00:00Z')).toEqual(second);
    const back = nextEntries(second, entries('Europe/Lisbon', dates), '2026-11-22T08:00:00Z');
    expect(back.map((e) => [e.sequence, e.cancelled])).toEqual([
      [2, false],
      [2, false],
    ]);
    const file = text(second, { refreshMin: 30 });
    const [kept, gone] = events(file).map((e) => e.component);
    expect(kept!.getFirstPropertyValue('status')).toBe('CONFIRMED');
    expect(gone!.getFirstPropertyValue('status')).toBe('CANCELLED');
    expect(gone!.getFirstSubcomponent('valarm')).toBeNull();
    expect(file).toContain('REFRESH-INTERVAL;VALUE=DURATION:PT30M');
  });

  it('reminds before the start, unless told not to', () => {
    const alarm = events(text(first, { alarmMin: 10 }))[0]!.component.getFirstSubcomponent('valarm');
    expect(alarm!.getFirstPropertyValue('action')).toBe('DISPLAY');
    expect((alarm!.getFirstPropertyValue('trigger') as ICAL.Duration).toSeconds()).toBe(-600);
    expect(text(first, { alarmMin: null })).not.toContain('VALARM');
  });
});
