import ICAL from 'ical.js';
import { DateTime } from 'luxon';
import { tzlib_get_ical_block } from 'timezones-ical-library';
import { describe, expect, it } from 'vitest';
import { Group, Week } from '../model';
import { weekToICalendar } from './icalendar';

const timeZoneBlock = (zone: string) => [tzlib_get_ical_block(zone)].flat()[0] ?? null;

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
const write = (zone: string, dates: string[], startMin?: number) =>
  weekToICalendar({
    week: week(dates, startMin),
    group: group(zone),
    version: 7,
    stamp: '2026-11-20T08:00:00Z',
    breakOf: () => ({ name: 'Neck, wrists; and so on', lines }),
    timeZoneBlock,
  });

const events = (text: string) => {
  const component = new ICAL.Component(ICAL.parse(text));
  for (const tz of component.getAllSubcomponents('vtimezone')) ICAL.TimezoneService.register(tz);
  return component.getAllSubcomponents('vevent').map((e) => new ICAL.Event(e));
};

describe('iCalendar of a week', () => {
  it('is read back by another library with the same times, ids and words', () => {
    const read = events(write('Europe/Lisbon', ['2026-11-23', '2026-11-24']));
    expect(read.map((e) => e.uid)).toEqual(['w1.2026-11-23.1@kotabi', 'w1.2026-11-24.1@kotabi']);
    expect(read[0].startDate.toString()).toBe('2026-11-23T10:00:00');
    expect(read[0].duration.toSeconds()).toBe(300);
    expect(read[0].summary).toBe('Neck, wrists; and so on');
    expect(read[0].description).toBe(lines.join('\n'));
    expect(read[0].sequence).toBe(7);
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

  it('keeps to RFC 5545: CRLF, lines of 75 octets at most, a VTIMEZONE, DTSTAMP in UTC', () => {
    const text = write('Europe/Lisbon', ['2026-11-23']);
    const rows = text.split('\r\n');
    expect(text.replaceAll('\r\n', '')).not.toMatch(/[\r\n]/);
    for (const row of rows) expect(new TextEncoder().encode(row).length).toBeLessThanOrEqual(75);
    expect(rows.some((row) => row.startsWith(' '))).toBe(true);
    expect(rows).toContain('TZID:Europe/Lisbon');
    expect(rows).toContain('DTSTART;TZID=Europe/Lisbon:20261123T100000');
    expect(rows).toContain('DTSTAMP:20261120T080000Z');
    expect(rows).toContain('SUMMARY:Neck\\, wrists\\; and so on');
  });
});
