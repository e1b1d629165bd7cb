import ICAL from 'ical.js';
import { DateTime } from 'luxon';
import { describe, expect, it } from 'vitest';
import { seeded } from '../testing/random';
import { busyOnDay } from './busy';
import type { ReadOptions } from './found';
import { MOST_BYTES } from './parse';
import { readCalendar } from './read';

const at = (iso: string, zone = 'Europe/Lisbon'): number => DateTime.fromISO(iso, { zone }).toMillis();
const options: ReadOptions = {
  fromMs: at('2026-11-01'),
  untilMs: at('2026-12-31'),
  zone: 'Europe/Lisbon',
  keepTitles: false,
};
const event = (...lines: string[]): string =>
  ['BEGIN:VEVENT', 'DTSTAMP:20261101T000000Z', ...lines, 'END:VEVENT'].join('\r\n');
const file = (...parts: string[]): string =>
  ['BEGIN:VCALENDAR', 'VERSION:2.0', 'PRODID:-//test//EN', ...parts, 'END:VCALENDAR', ''].join('\r\n');
const read = (text: string, more: Partial<ReadOptions> = {}) => {
  const result = readCalendar(text, { ...options, ...more });
  if (!result.ok) throw new Error(JSON.stringify(result.problem));
  return result.times;
};
const local = (ms: number, zone = 'Europe/Lisbon'): string =>
  DateTime.fromMillis(ms, { zone }).toFormat('MM-dd HH:mm');
const END = Date.parse('2028-12-31T00:00:00Z');
/** `20261124T100000Z` as `2026-11-24T10:00:00Z`. */
const stretched = (t: string): string => t.replace(/(....)(..)(..)T(..)(..)(..)Z/, '$1-$2-$3T$4:$5:$6Z');
const problem = (text: string) => {
  const result = readCalendar(text, options);
  return result.ok ? null : result.problem;
};

describe('one event', () => {
  it('gives its times and nothing else, unless its title is asked for', () => {
    const text = file(
      event('UID:1', 'DTSTART:20261124T100000Z', 'DTEND:20261124T110000Z', 'SUMMARY:Fares', 'LOCATION:Quay'),
    );
    expect(read(text)).toEqual([
      {
        key: '1|',
        startMs: at('2026-11-24T10:00'),
        endMs: at('2026-11-24T11:00'),
        allDay: false,
        show: 'busy',
        title: null,
      },
    ]);
    expect(JSON.stringify(read(text))).not.toMatch(/Fares|Quay/);
    expect(read(text, { keepTitles: true })[0]?.title).toBe('Fares');
  });

  it('without a zone is in the zone of the reader; a duration ends it as well as an end', () => {
    const [time] = read(file(event('UID:1', 'DTSTART:20261124T093000', 'DURATION:PT45M')), {
      zone: 'Asia/Tokyo',
    });
    expect(local(time!.startMs, 'Asia/Tokyo')).toBe('11-24 09:30');
    expect(time!.endMs - time!.startMs).toBe(45 * 60_000);
  });

  it('of a whole day runs from midnight to midnight', () => {
    const [time] = read(file(event('UID:1', 'DTSTART;VALUE=DATE:20261124', 'DTEND;VALUE=DATE:20261126')));
    expect([local(time!.startMs), local(time!.endMs), time!.allDay]).toEqual([
      '11-24 00:00',
      '11-26 00:00',
      true,
    ]);
  });

  it('shows as free, tentative or not at all', () => {
    const one = (uid: string, ...more: string[]) =>
      event(`UID:${uid}`, 'DTSTART:20261124T100000Z', 'DTEND:20261124T110000Z', ...more);
    const text = file(
      one('a', 'TRANSP:TRANSPARENT'),
      one('b', 'STATUS:TENTATIVE'),
      one('c', 'STATUS:CANCELLED'),
      one('d', 'TRANSP:OPAQUE'),
    );
    expect(read(text).map((t) => [t.key, t.show])).toEqual([
      ['a|', 'free'],
      ['b|', 'tentative'],
      ['d|', 'busy'],
    ]);
    expect(readCalendar(text, options)).toMatchObject({ events: 4, cancelled: 1 });
  });
});

describe('a series', () => {
  const series = (...more: string[]) =>
    event(
      'UID:s',
      'DTSTART;TZID=Europe/Lisbon:20261102T093000',
      'DTEND;TZID=Europe/Lisbon:20261102T100000',
      'RRULE:FREQ=WEEKLY;COUNT=5',
      ...more,
    );

  it('leaves out exceptions and has extra dates and periods', () => {
    const text = file(
      series(
        'EXDATE;TZID=Europe/Lisbon:20261109T093000',
        'RDATE;TZID=Europe/Lisbon:20261112T140000',
        'RDATE;VALUE=PERIOD:20261113T100000Z/PT2H',
      ),
    );
    expect(read(text).map((t) => `${local(t.startMs)} ${(t.endMs - t.startMs) / 60_000}`)).toEqual([
      '11-02 09:30 30',
      '11-12 14:00 30',
      '11-13 10:00 120',
      '11-16 09:30 30',
      '11-23 09:30 30',
      '11-30 09:30 30',
    ]);
  });

  it('has instances that were moved, lengthened or called off', () => {
    const instance = (date: string, ...more: string[]) =>
      event('UID:s', `RECURRENCE-ID;TZID=Europe/Lisbon:${date}T093000`, ...more);
    const text = file(
      series(),
      instance('20261109', 'DTSTART;TZID=Europe/Lisbon:20261110T150000', 'DURATION:PT1H'),
      instance(
        '20261116',
        'DTSTART;TZID=Europe/Lisbon:20261116T093000',
        'DURATION:PT30M',
        'STATUS:CANCELLED',
      ),
    );
    expect(read(text).map((t) => `${local(t.startMs)} ${(t.endMs - t.startMs) / 60_000}`)).toEqual([
      '11-02 09:30 30',
      '11-10 15:00 60',
      '11-23 09:30 30',
      '11-30 09:30 30',
    ]);
    // An instance that comes into the stretch from outside it is found as well.
    const window = { fromMs: at('2026-11-10'), untilMs: at('2026-11-11') };
    expect(read(text, window).map((t) => local(t.startMs))).toEqual(['11-10 15:00']);
  });

  it('that is called off as a whole is gone', () => {
    expect(read(file(series('STATUS:CANCELLED')))).toEqual([]);
  });

  it('keeps its hour when the clocks change, in both hemispheres', () => {
    for (const [zone, start] of [
      ['Europe/Lisbon', '20261023'],
      ['Australia/Hobart', '20261002'],
    ] as const) {
      const text = file(
        event('UID:z', `DTSTART;TZID=${zone}:${start}T090000`, 'DURATION:PT1H', 'RRULE:FREQ=DAILY;COUNT=5'),
      );
      const times = read(text, { fromMs: 0 });
      expect(times.map((t) => local(t.startMs, zone).slice(6))).toEqual(Array(5).fill('09:00'));
      expect(new Set(times.map((t, i) => (i ? t.startMs - times[i - 1]!.startMs : 0))).size).toBe(3);
    }
  });

  it('in a zone that the file defines itself', () => {
    const zone = [
      'BEGIN:VTIMEZONE',
      'TZID:Harbour time',
      'BEGIN:STANDARD',
      'DTSTART:19700101T000000',
      'TZOFFSETFROM:+0345',
      'TZOFFSETTO:+0345',
      'END:STANDARD',
      'END:VTIMEZONE',
    ].join('\r\n');
    const text = file(zone, event('UID:1', 'DTSTART;TZID=Harbour time:20261124T100000', 'DURATION:PT1H'));
    expect(new Date(read(text)[0]!.startMs).toISOString()).toBe('2026-11-24T06:15:00.000Z');
  });

  it('agrees with another library on 60 seeded rules', () => {
    const days = ['MO', 'TU', 'WE', 'TH', 'FR', 'SA', 'SU'];
    let compared = 0;
    for (let seed = 1; seed <= 60; seed++) {
      const r = seeded(seed);
      const freq = r.pick(['DAILY', 'WEEKLY', 'MONTHLY', 'YEARLY']);
      const picked = days.filter(() => r.int(0, 2) === 0);
      const rule = [
        `FREQ=${freq}`,
        `INTERVAL=${r.int(1, 4)}`,
        ...(freq === 'WEEKLY' && picked.length > 0 ? [`BYDAY=${picked.join(',')}`] : []),
        ...(freq === 'MONTHLY'
          ? [r.pick([`BYMONTHDAY=${r.int(1, 31)}`, `BYDAY=${r.int(1, 4)}${r.pick(days)}`])]
          : []),
        ...(freq === 'YEARLY' ? [`BYMONTH=${r.int(1, 12)}`] : []),
        ...(r.int(0, 1) ? [`COUNT=${r.int(1, 40)}`] : []),
      ].join(';');
      const start = `2026${String(r.int(1, 12)).padStart(2, '0')}${String(r.int(1, 28)).padStart(2, '0')}T100000Z`;
      const theirs: number[] = [];
      const iterator = ICAL.Recur.fromString(rule).iterator(ICAL.Time.fromDateTimeString(stretched(start)));
      for (let next = iterator.next(); next && next.toUnixTime() < END / 1000; next = iterator.next())
        theirs.push(next.toUnixTime() * 1000);
      // RFC 5545 counts the start as an instance even where the rule does not meet it.
      if (theirs[0] !== Date.parse(stretched(start))) continue;
      compared++;
      const ours = read(file(event('UID:1', `DTSTART:${start}`, 'DURATION:PT1H', `RRULE:${rule}`)), {
        fromMs: 0,
        untilMs: END,
      });
      expect(
        ours.map((t) => t.startMs),
        `seed ${seed}: ${rule} from ${start}`,
      ).toEqual(theirs);
    }
    expect(compared).toBeGreaterThan(20);
  });
});

describe('free/busy', () => {
  it('is read from its own component', () => {
    const text = file(
      [
        'BEGIN:VFREEBUSY',
        'UID:f',
        'DTSTAMP:20261101T000000Z',
        'FREEBUSY;FBTYPE=BUSY:20261124T100000Z/20261124T110000Z,20261124T130000Z/PT30M',
        'FREEBUSY;FBTYPE=FREE:20261124T150000Z/PT1H',
        'END:VFREEBUSY',
      ].join('\r\n'),
    );
    expect(read(text).map((t) => [local(t.startMs), local(t.endMs), t.show])).toEqual([
      ['11-24 10:00', '11-24 11:00', 'busy'],
      ['11-24 13:00', '11-24 13:30', 'busy'],
      ['11-24 15:00', '11-24 16:00', 'free'],
    ]);
  });
});

describe('what cannot be read', () => {
  const good = file(event('UID:1', 'DTSTART:20261124T100000Z', 'DURATION:PT1H'));

  it('is refused with its reason', () => {
    expect(problem('<html>')).toMatchObject({ code: 'notCalendar' });
    expect(problem('')).toMatchObject({ code: 'notCalendar' });
    expect(problem(good.slice(0, -30))).toMatchObject({ code: 'notCalendar', reason: /cut off/ });
    expect(problem(good.replace('END:VEVENT\r\n', ''))).toMatchObject({ code: 'notCalendar' });
  });

  it('is too large at 50 MB, and has too many events beyond 10,000', () => {
    expect(problem(`${good}${' '.repeat(50_000_000)}`)).toMatchObject({ code: 'tooLarge', most: MOST_BYTES });
    const many = (n: number) =>
      file(
        ...Array.from({ length: n }, (_, i) =>
          event(`UID:${i}`, 'DTSTART:20261124T100000Z', 'DURATION:PT1H'),
        ),
      );
    expect(problem(many(10_001))).toMatchObject({ code: 'tooMany', events: 10_001, most: 10_000 });
    expect(read(many(10_000))).toHaveLength(10_000);
  });
});

describe('times on a day', () => {
  const time = (start: string, end: string, more = {}) => ({
    key: start,
    startMs: at(start),
    endMs: at(end),
    allDay: false,
    show: 'busy' as const,
    title: null,
    ...more,
  });
  const onDay = (times: ReturnType<typeof time>[], date: string, startMin: number, endMin: number) =>
    busyOnDay(times, { date, hours: { startMin, endMin } }, 'Europe/Lisbon', 'c', (key) => key).map((b) => [
      b.startMin,
      b.endMin,
      b.use,
    ]);

  it('are cut to the hours; free ones are left out; a whole day is away', () => {
    const times = [
      time('2026-11-24T08:30', '2026-11-24T09:45'),
      time('2026-11-24T12:00', '2026-11-24T13:00', { show: 'free' }),
      time('2026-11-24T18:00', '2026-11-24T19:00'),
      time('2026-11-25T00:00', '2026-11-26T00:00', { allDay: true }),
    ];
    expect(onDay(times, '2026-11-24', 540, 1050)).toEqual([[540, 585, 'meeting']]);
    expect(onDay(times, '2026-11-25', 540, 1050)).toEqual([[540, 1050, 'off desk']]);
  });

  it('follow a shift over midnight', () => {
    const times = [
      time('2026-11-25T02:00', '2026-11-25T03:00'),
      time('2026-11-24T23:30', '2026-11-25T00:15'),
    ];
    expect(onDay(times, '2026-11-24', 1320, 1800)).toEqual([
      [1410, 1455, 'meeting'],
      [1560, 1620, 'meeting'],
    ]);
  });

  it('are drawn together where a day has very many', () => {
    const times = Array.from({ length: 80 }, (_, i) =>
      time(
        DateTime.fromMillis(at('2026-11-24T09:00') + i * 300_000).toISO()!,
        DateTime.fromMillis(at('2026-11-24T09:00') + (i + 1) * 300_000).toISO()!,
      ),
    );
    expect(onDay(times, '2026-11-24', 540, 1050)).toEqual([[540, 940, 'meeting']]);
  });
});
