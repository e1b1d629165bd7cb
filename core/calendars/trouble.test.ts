import fc from 'fast-check';
import { DateTime } from 'luxon';
import { describe, expect, it } from 'vitest';
import { times } from '../testing/all';
import { type DayRule, daysOfRule, TooMuch } from './by-day';
import type { ReadOptions } from './found';
import { readCalendar } from './read';

// What calendars of this world get wrong, and what they could be made to do to us.
const LISBON = 'Europe/Lisbon';
const at = (iso: string, zone = LISBON): number => DateTime.fromISO(iso, { zone }).toMillis();
const year: ReadOptions = {
  fromMs: at('2027-01-01'),
  untilMs: at('2028-01-01'),
  zone: LISBON,
  keepTitles: false,
};
const event = (...lines: string[]): string[] => [
  'BEGIN:VEVENT',
  'DTSTAMP:20261101T000000Z',
  ...lines,
  'END:VEVENT',
];
const file = (...parts: (string | string[])[]): string =>
  ['BEGIN:VCALENDAR', 'VERSION:2.0', 'PRODID:-//test//EN', ...parts.flat(), 'END:VCALENDAR', ''].join('\r\n');
const read = (text: string, options: Partial<ReadOptions> = {}) => {
  const result = readCalendar(text, { ...year, ...options });
  if (!result.ok) throw new Error(JSON.stringify(result.problem));
  return result;
};
const local = (ms: number, zone = LISBON): string =>
  DateTime.fromMillis(ms, { zone }).toFormat('MM-dd HH:mm');
const starts = (...lines: string[]): string[] =>
  read(file(event('UID:1', ...lines))).times.map((t) => local(t.startMs));
const good = event('UID:good', 'DTSTART:20270105T100000Z', 'DURATION:PT1H');

describe('an event that cannot be read', () => {
  it.each([
    [['DTSTART;TZID=Moon/Crater:20270124T100000', 'DURATION:PT1H'], 'unknownZone'],
    [['DTSTART:20200101T000000Z', 'DURATION:PT1S', 'RRULE:FREQ=SECONDLY'], 'endless'],
    [['DTSTART:20270124T100000Z', 'DTEND:20270124T090000Z'], 'badEvent'],
    [['DURATION:PT1H'], 'badEvent'],
    [['DTSTART:20270105T100000Z', 'DURATION:P1000000000000W'], 'badEvent'],
    [['DTSTART:20270231T100000Z', 'DURATION:PT1H'], 'badEvent'],
    [['DTSTART:20270105T100000Z', 'DURATION:PT1H', 'RRULE:FREQ=NEVER'], 'badEvent'],
  ])('%j is named (%s), and the others are given', (lines, code) => {
    const result = read(file(event('UID:bad', ...lines), good));
    expect(result.times.map((t) => t.key)).toEqual(['good|']);
    expect(result.skipped).toMatchObject([{ code, uid: 'bad' }]);
  });

  it('is a part of free/busy as well, and a line without a colon costs only itself', () => {
    const busy = [
      'BEGIN:VFREEBUSY',
      'UID:f',
      'FREEBUSY:20270105T100000Z',
      'FREEBUSY:soon/later',
      'END:VFREEBUSY',
    ];
    const result = read(file(busy, 'a line of somebody', good));
    expect(result.times.map((t) => t.key)).toContain('good|');
    expect(result.skipped.map((s) => s.code)).toContain('badLine');
  });
});

describe('what is only slightly wrong', () => {
  it('is a day that does not say that it is one, and a rule in small letters', () => {
    expect(starts('DTSTART:20270105')).toEqual(['01-05 00:00']);
    expect(starts('DTSTART:20270105T090000Z', 'DURATION:PT1H', 'RRULE:freq=weekly;count=2')).toEqual([
      '01-05 09:00',
      '01-12 09:00',
    ]);
  });

  it('is a zone by its name in Windows', () => {
    const result = read(
      file(event('UID:1', 'DTSTART;TZID=W. Europe Standard Time:20270105T100000', 'DURATION:PT1H')),
    );
    expect(local(result.times[0]!.startMs, 'Europe/Berlin')).toBe('01-05 10:00');
  });

  it('is a zone of the file that changes its clocks by the second: its events are left out, the others stay', () => {
    const zone = (rule: string) => [
      'BEGIN:VTIMEZONE',
      'TZID:Mad',
      'BEGIN:STANDARD',
      'DTSTART:19700101T000000',
      'TZOFFSETFROM:+0100',
      'TZOFFSETTO:+0200',
      rule,
      'END:STANDARD',
      'END:VTIMEZONE',
    ];
    const mad = event('UID:mad', 'DTSTART;TZID=Mad:20270105T100000', 'DURATION:PT1H');
    const result = read(file(zone('RRULE:FREQ=SECONDLY'), mad, good));
    expect([result.times.length, result.skipped[0]?.code]).toEqual([1, 'unknownZone']);
  });
});

describe('the newest state', () => {
  it('of an event counts, not an older one beside it', () => {
    const one = (sequence: number, hour: string) =>
      event('UID:1', `SEQUENCE:${sequence}`, `DTSTART:20270105T${hour}0000Z`, 'DURATION:PT1H');
    expect(read(file(one(3, '11'), one(1, '09'))).times.map((t) => local(t.startMs))).toEqual([
      '01-05 11:00',
    ]);
    expect(read(file(one(1, '09'), one(3, '11'))).times.map((t) => local(t.startMs))).toEqual([
      '01-05 11:00',
    ]);
  });

  it('of an instance counts as well, and one that names only its day does not double it', () => {
    const series = event('UID:1', 'DTSTART:20270104T090000Z', 'DURATION:PT1H', 'RRULE:FREQ=DAILY;COUNT=3');
    const moved = (sequence: number, hour: string) =>
      event(
        'UID:1',
        `SEQUENCE:${sequence}`,
        'RECURRENCE-ID;VALUE=DATE:20270105',
        `DTSTART:20270105T${hour}0000Z`,
        'DURATION:PT1H',
      );
    expect(read(file(series, moved(2, '15'), moved(1, '13'))).times.map((t) => local(t.startMs))).toEqual([
      '01-04 09:00',
      '01-05 15:00',
      '01-06 09:00',
    ]);
  });
});

describe('when the clocks change', () => {
  it('a time that is jumped over is told by the clock of before', () => {
    // 28 March 2027: 01:00 becomes 02:00 in Lisbon, so 01:30 is 02:30 there.
    expect(starts('DTSTART;TZID=Europe/Lisbon:20270328T013000', 'DURATION:PT1H')).toEqual(['03-28 02:30']);
    const [berlin] = read(
      file(event('UID:1', 'DTSTART;TZID=Europe/Berlin:20270328T023000', 'DURATION:PT1H')),
    ).times;
    expect(new Date(berlin!.startMs).toISOString()).toBe('2027-03-28T01:30:00.000Z');
  });

  it('an event with an end lasts exactly as long every night', () => {
    const { times: nights } = read(
      file(
        event(
          'UID:1',
          'DTSTART;TZID=Europe/Lisbon:20270326T220000',
          'DTEND;TZID=Europe/Lisbon:20270327T060000',
          'RRULE:FREQ=DAILY;COUNT=3',
        ),
      ),
    );
    expect(nights.map((t) => (t.endMs - t.startMs) / 3_600_000)).toEqual([8, 8, 8]);
    expect(nights.map((t) => local(t.endMs))).toEqual(['03-27 06:00', '03-28 07:00', '03-29 06:00']);
  });
});

describe('rules that never end or never begin', () => {
  it.each([
    'FREQ=HOURLY;INTERVAL=24;BYHOUR=3',
    'FREQ=DAILY;BYMONTH=2;BYMONTHDAY=30',
    'FREQ=MINUTELY;INTERVAL=1440;BYHOUR=3',
    'FREQ=SECONDLY;INTERVAL=86400;BYMINUTE=17',
    'FREQ=MONTHLY;BYMONTH=2;BYMONTHDAY=31',
    'FREQ=YEARLY;BYMONTH=2;BYMONTHDAY=30',
    'FREQ=WEEKLY;BYMONTH=13',
  ])('%s gives the start and no more', (rule) => {
    const lines = ['DTSTART:20270105T100000Z', 'DURATION:PT1H', `RRULE:${rule}`];
    const result = read(file(event('UID:1', ...lines), good));
    expect(result.times.map((t) => local(t.startMs))).toContain('01-05 10:00');
    expect(result.times.length).toBeLessThanOrEqual(2);
  });

  it('by minutes give as many as they say', () => {
    // Mondays from 9 to 11, every twenty minutes: 6 on each of the 52 Mondays of 2027.
    const { times: all } = read(
      file(
        event(
          'UID:1',
          'DTSTART:20270104T090000Z',
          'DURATION:PT5M',
          'RRULE:FREQ=MINUTELY;INTERVAL=20;BYHOUR=9,10;BYDAY=MO',
        ),
      ),
      { zone: 'UTC', fromMs: Date.UTC(2027, 0, 1), untilMs: Date.UTC(2028, 0, 1) },
    );
    expect(all).toHaveLength(312);
  });

  it('by months and years that began long ago are those that began lately', () => {
    for (const rule of [
      'FREQ=MONTHLY',
      'FREQ=MONTHLY;BYDAY=2TU',
      'FREQ=YEARLY',
      'FREQ=YEARLY;BYDAY=1MO;BYMONTH=4',
      'FREQ=WEEKLY;INTERVAL=3',
      'FREQ=MONTHLY;INTERVAL=5;BYMONTHDAY=-1',
      'FREQ=YEARLY;BYMONTH=1,6',
      'FREQ=YEARLY;INTERVAL=3;BYYEARDAY=100',
    ]) {
      const from = (y: number, until = '') =>
        read(
          file(event('UID:1', `DTSTART:${y}0131T100000Z`, 'DURATION:PT1H', `RRULE:${rule}${until}`)),
        ).times.map((t) => t.startMs);
      // With an end by date nothing else changes; with a count every instance from the first on is looked at.
      expect(from(1970), rule).toEqual(from(1970, ';COUNT=30000'));
    }
  });
});

describe('days of a rule', () => {
  const rule = (more: Partial<DayRule>): DayRule => ({
    unit: 'day',
    interval: 1,
    months: [],
    monthDays: [],
    yearDays: [],
    weekdays: [],
    hours: [],
    minutes: [],
    seconds: [],
    count: null,
    ...more,
  });
  const some = (least: number, most: number) =>
    fc.oneof(
      fc.constant([]),
      fc.array(fc.integer({ min: least, max: most }), { minLength: 1, maxLength: 3 }),
    );
  const rules = fc.record({
    unit: fc.constantFrom('hour' as const, 'minute' as const),
    interval: fc.integer({ min: 1, max: 90 }),
    months: some(1, 12),
    weekdays: some(0, 6),
    hours: some(0, 23),
    minutes: some(0, 59),
  });

  it('agree with asking every minute', () => {
    fc.assert(
      fc.property(rules, fc.integer({ min: 0, max: 5 * 1440 }), (given, startMin) => {
        const r = rule(given);
        const first = Date.UTC(2027, 2, 1) + startMin * 60_000;
        const until = first + 12 * 86_400_000;
        const size = r.unit === 'hour' ? 3_600_000 : 60_000;
        const slow: number[] = [];
        for (let ms = first; ms <= until; ms += 60_000) {
          const d = new Date(ms);
          const steps = Math.floor(ms / size) - Math.floor(first / size);
          const minutes =
            r.unit === 'hour' && r.minutes.length === 0 ? [new Date(first).getUTCMinutes()] : r.minutes;
          if (
            steps % r.interval === 0 &&
            (r.months.length === 0 || r.months.includes(d.getUTCMonth() + 1)) &&
            (r.weekdays.length === 0 || r.weekdays.includes((d.getUTCDay() + 6) % 7)) &&
            (r.hours.length === 0 || r.hours.includes(d.getUTCHours())) &&
            (minutes.length === 0 || minutes.includes(d.getUTCMinutes()))
          )
            slow.push(ms);
        }
        const quick = [...new Set(daysOfRule(r, first, first, until, 100_000))];
        expect(quick).toEqual(slow);
        // Looked at from the middle on, it is the rest of the same.
        const middle = first + 5 * 86_400_000;
        expect([...new Set(daysOfRule(r, first, middle, until, 100_000))]).toEqual(
          slow.filter((ms) => ms >= middle),
        );
      }),
      { numRuns: times(40, 2000) },
    );
  });

  it('are refused where there are too many', () => {
    const first = Date.UTC(2027, 0, 1);
    expect(() => daysOfRule(rule({ unit: 'second' }), first, first, first + 86_400_000, 1000)).toThrow(
      TooMuch,
    );
    expect(daysOfRule(rule({ count: 3 }), first, first, first + 9 * 86_400_000, 1000)).toHaveLength(3);
  });
});

describe('any text at all', () => {
  const line = fc.oneof(
    fc.constantFrom(
      'BEGIN:VEVENT',
      'END:VEVENT',
      'BEGIN:VTIMEZONE',
      'END:VTIMEZONE',
      'BEGIN:VFREEBUSY',
      'END:VFREEBUSY',
      'BEGIN:STANDARD',
      'END:STANDARD',
      'TZID:X',
      'UID:1',
      'STATUS:CANCELLED',
    ),
    fc
      .tuple(
        fc.constantFrom(
          'DTSTART',
          'DTEND',
          'RECURRENCE-ID',
          'EXDATE',
          'RDATE',
          'DTSTART;TZID=X',
          'DTSTART;VALUE=DATE',
          'RDATE;VALUE=PERIOD',
          'FREEBUSY',
        ),
        fc.constantFrom(
          '20270105T100000Z',
          '20270105',
          '20279999T999999',
          '',
          '20270105T100000/PT1H',
          '00000000T000000Z',
          '99991231T235959Z',
        ),
      )
      .map(([a, b]) => `${a}:${b}`),
    fc
      .tuple(
        fc.constantFrom('SECONDLY', 'MINUTELY', 'HOURLY', 'DAILY', 'WEEKLY', 'MONTHLY', 'YEARLY', ''),
        fc.integer({ min: -1, max: 50 }),
        fc.constantFrom(
          '',
          ';BYDAY=MO',
          ';BYDAY=5FR',
          ';BYHOUR=3',
          ';BYMONTHDAY=31;BYMONTH=2',
          ';COUNT=0',
          ';COUNT=9',
          ';UNTIL=20280101',
          ';BYSETPOS=-1;BYDAY=MO,TU',
          ';BYWEEKNO=53',
        ),
      )
      .map(([f, i, more]) => `RRULE:FREQ=${f};INTERVAL=${i}${more}`),
    fc.constantFrom(
      'DURATION:PT1H',
      'DURATION:-P1D',
      'DURATION:P1000000000000W',
      'DURATION:x',
      'SEQUENCE:x',
      ' folded',
      'nothing',
    ),
    fc.string({ maxLength: 20 }),
  );

  it('is read or refused, and throws nothing', { timeout: times(60_000, 3_600_000) }, () => {
    fc.assert(
      fc.property(fc.array(line, { maxLength: 16 }), (lines) => {
        const began = process.cpuUsage();
        const result = readCalendar(file(event('UID:1', ...lines)), year);
        expect(typeof result.ok).toBe('boolean');
        const { user, system } = process.cpuUsage(began);
        expect(user + system, 'microseconds of one core').toBeLessThan(5_000_000);
      }),
      { numRuns: times(700, 100_000) },
    );
  });
});
