import { DateTime } from 'luxon';
import { describe, expect, it } from 'vitest';
import { readCalendar } from './read';

/**
 * The recurrence examples of RFC 5545, section 3.8.5.3, quoted from memory of the text: start, rule, and the
 * local times they come to in America/New_York (all of a closed series, the first ones of an open one). Left out
 * is the hourly one with UNTIL=19970902T170000Z, whose printed answer an erratum (3883) corrects.
 */
const EXAMPLES: [name: string, start: string, rule: string, dates: string][] = [
  ['daily, 10 times', '19970902T090000', 'FREQ=DAILY;COUNT=10', '1997-09-02 03 04 05 06 07 08 09 10 11'],
  ['every other day', '19970902T090000', 'FREQ=DAILY;INTERVAL=2', '1997-09-02 04 06 08 10 12 14 16 18 20'],
  [
    'every 10 days, 5 times',
    '19970902T090000',
    'FREQ=DAILY;INTERVAL=10;COUNT=5',
    '1997-09-02 12 22 1997-10-02 12',
  ],
  [
    'weekly, 10 times',
    '19970902T090000',
    'FREQ=WEEKLY;COUNT=10',
    '1997-09-02 09 16 23 30 1997-10-07 14 21 28 1997-11-04',
  ],
  [
    'every other week, for ever',
    '19970902T090000',
    'FREQ=WEEKLY;INTERVAL=2;WKST=SU',
    '1997-09-02 16 30 1997-10-14 28 1997-11-11 25 1997-12-09 23',
  ],
  [
    'Tuesday and Thursday for five weeks',
    '19970902T090000',
    'FREQ=WEEKLY;COUNT=10;WKST=SU;BYDAY=TU,TH',
    '1997-09-02 04 09 11 16 18 23 25 30 1997-10-02',
  ],
  [
    'every other week on three days until Christmas',
    '19970901T090000',
    'FREQ=WEEKLY;INTERVAL=2;UNTIL=19971224T000000Z;WKST=SU;BYDAY=MO,WE,FR',
    '1997-09-01 03 05 15 17 19 29 1997-10-01 03 13 15 17 27 29 31 1997-11-10 12 14 24 26 28 1997-12-08 10 12 22',
  ],
  [
    'every other week on two days, 8 times',
    '19970902T090000',
    'FREQ=WEEKLY;INTERVAL=2;COUNT=8;WKST=SU;BYDAY=TU,TH',
    '1997-09-02 04 16 18 30 1997-10-02 14 16',
  ],
  [
    'first Friday, 10 times',
    '19970905T090000',
    'FREQ=MONTHLY;COUNT=10;BYDAY=1FR',
    '1997-09-05 1997-10-03 1997-11-07 1997-12-05 1998-01-02 1998-02-06 1998-03-06 1998-04-03 1998-05-01 1998-06-05',
  ],
  [
    'first and last Sunday every other month',
    '19970907T090000',
    'FREQ=MONTHLY;INTERVAL=2;COUNT=10;BYDAY=1SU,-1SU',
    '1997-09-07 28 1997-11-02 30 1998-01-04 25 1998-03-01 29 1998-05-03 31',
  ],
  [
    'second-to-last Monday, 6 months',
    '19970922T090000',
    'FREQ=MONTHLY;COUNT=6;BYDAY=-2MO',
    '1997-09-22 1997-10-20 1997-11-17 1997-12-22 1998-01-19 1998-02-16',
  ],
  [
    'third-to-last day of the month',
    '19970928T090000',
    'FREQ=MONTHLY;BYMONTHDAY=-3',
    '1997-09-28 1997-10-29 1997-11-28 1997-12-29 1998-01-29 1998-02-26',
  ],
  [
    'the 2nd and the 15th',
    '19970902T090000',
    'FREQ=MONTHLY;COUNT=10;BYMONTHDAY=2,15',
    '1997-09-02 15 1997-10-02 15 1997-11-02 15 1997-12-02 15 1998-01-02 15',
  ],
  [
    'first and last day',
    '19970930T090000',
    'FREQ=MONTHLY;COUNT=10;BYMONTHDAY=1,-1',
    '1997-09-30 1997-10-01 31 1997-11-01 30 1997-12-01 31 1998-01-01 31 1998-02-01',
  ],
  [
    'every 18 months, the 10th to the 15th',
    '19970910T090000',
    'FREQ=MONTHLY;INTERVAL=18;COUNT=10;BYMONTHDAY=10,11,12,13,14,15',
    '1997-09-10 11 12 13 14 15 1999-03-10 11 12 13',
  ],
  [
    'every Tuesday, every other month',
    '19970902T090000',
    'FREQ=MONTHLY;INTERVAL=2;BYDAY=TU',
    '1997-09-02 09 16 23 30 1997-11-04 11 18 25 1998-01-06 13 20 27',
  ],
  [
    'June and July, 10 times',
    '19970610T090000',
    'FREQ=YEARLY;COUNT=10;BYMONTH=6,7',
    '1997-06-10 1997-07-10 1998-06-10 1998-07-10 1999-06-10 1999-07-10 2000-06-10 2000-07-10 2001-06-10 2001-07-10',
  ],
  [
    'every other year in January to March',
    '19970310T090000',
    'FREQ=YEARLY;INTERVAL=2;COUNT=10;BYMONTH=1,2,3',
    '1997-03-10 1999-01-10 1999-02-10 1999-03-10 2001-01-10 2001-02-10 2001-03-10 2003-01-10 2003-02-10 2003-03-10',
  ],
  [
    'every third year on the 1st, 100th and 200th day',
    '19970101T090000',
    'FREQ=YEARLY;INTERVAL=3;COUNT=10;BYYEARDAY=1,100,200',
    '1997-01-01 1997-04-10 1997-07-19 2000-01-01 2000-04-09 2000-07-18 2003-01-01 2003-04-10 2003-07-19 2006-01-01',
  ],
  [
    '20th Monday of the year',
    '19970519T090000',
    'FREQ=YEARLY;BYDAY=20MO',
    '1997-05-19 1998-05-18 1999-05-17',
  ],
  [
    'Monday of week 20',
    '19970512T090000',
    'FREQ=YEARLY;BYWEEKNO=20;BYDAY=MO',
    '1997-05-12 1998-05-11 1999-05-17',
  ],
  [
    'every Thursday in March',
    '19970313T090000',
    'FREQ=YEARLY;BYMONTH=3;BYDAY=TH',
    '1997-03-13 20 27 1998-03-05 12 19 26 1999-03-04 11 18 25',
  ],
  [
    'the first Saturday after the first Sunday',
    '19970913T090000',
    'FREQ=MONTHLY;BYDAY=SA;BYMONTHDAY=7,8,9,10,11,12,13',
    '1997-09-13 1997-10-11 1997-11-08 1997-12-13 1998-01-10 1998-02-07 1998-03-07',
  ],
  [
    'the third of Tuesday, Wednesday, Thursday',
    '19970904T090000',
    'FREQ=MONTHLY;COUNT=3;BYDAY=TU,WE,TH;BYSETPOS=3',
    '1997-09-04 1997-10-07 1997-11-06',
  ],
  [
    'the second-to-last weekday',
    '19970929T090000',
    'FREQ=MONTHLY;BYDAY=MO,TU,WE,TH,FR;BYSETPOS=-2',
    '1997-09-29 1997-10-30 1997-11-27 1997-12-30 1998-01-29 1998-02-26 1998-03-30',
  ],
  [
    'weeks that start on Monday',
    '19970805T090000',
    'FREQ=WEEKLY;INTERVAL=2;COUNT=4;BYDAY=TU,SU;WKST=MO',
    '1997-08-05 10 19 24',
  ],
  [
    'the same, weeks that start on Sunday',
    '19970805T090000',
    'FREQ=WEEKLY;INTERVAL=2;COUNT=4;BYDAY=TU,SU;WKST=SU',
    '1997-08-05 17 19 31',
  ],
  [
    'weekly until 24 December',
    '19970902T090000',
    'FREQ=WEEKLY;UNTIL=19971224T000000Z',
    '1997-09-02 09 16 23 30 1997-10-07 14 21 28 1997-11-04 11 18 25 1997-12-02 09 16 23',
  ],
  [
    'Tuesday and Thursday until 7 October',
    '19970902T090000',
    'FREQ=WEEKLY;UNTIL=19971007T000000Z;WKST=SU;BYDAY=TU,TH',
    '1997-09-02 04 09 11 16 18 23 25 30 1997-10-02',
  ],
  [
    'first Friday until 24 December',
    '19970905T090000',
    'FREQ=MONTHLY;UNTIL=19971224T000000Z;BYDAY=1FR',
    '1997-09-05 1997-10-03 1997-11-07 1997-12-05',
  ],
  [
    'every Thursday in June, July and August',
    '19970605T090000',
    'FREQ=YEARLY;BYDAY=TH;BYMONTH=6,7,8',
    '1997-06-05 12 19 26 1997-07-03 10 17 24 31 1997-08-07 14 21 28',
  ],
  [
    'the Tuesday after the first Monday in November, every four years',
    '19961105T090000',
    'FREQ=YEARLY;INTERVAL=4;BYMONTH=11;BYDAY=TU;BYMONTHDAY=2,3,4,5,6,7,8',
    '1996-11-05 2000-11-07 2004-11-02',
  ],
  [
    'a day that is not in every month',
    '20070115T090000',
    'FREQ=MONTHLY;BYMONTHDAY=15,30;COUNT=5',
    '2007-01-15 30 2007-02-15 2007-03-15 30',
  ],
];

/** `1997-09-02 03` as two dates. */
const spread = (text: string): string[] => {
  let month = '';
  return text.split(' ').map((word) => {
    if (word.length > 2) month = word.slice(0, 8);
    return word.length > 2 ? word : month + word;
  });
};

const ZONE = 'America/New_York';
const calendar = (...lines: string[]): string =>
  [
    'BEGIN:VCALENDAR',
    'VERSION:2.0',
    'PRODID:-//test//EN',
    'BEGIN:VEVENT',
    'UID:a@test',
    'DTSTAMP:19970101T000000Z',
    ...lines,
    'END:VEVENT',
    'END:VCALENDAR',
    '',
  ].join('\r\n');
const starts = (text: string, until: string): string[] => {
  const read = readCalendar(text, {
    fromMs: 0,
    untilMs: DateTime.fromISO(until, { zone: ZONE }).toMillis(),
    zone: 'Europe/Lisbon',
    keepTitles: false,
  });
  if (!read.ok) throw new Error(JSON.stringify(read.problem));
  return read.times.map((t) => DateTime.fromMillis(t.startMs, { zone: ZONE }).toFormat('yyyy-MM-dd HH:mm'));
};

describe('the recurrence examples of RFC 5545', () => {
  it.each(EXAMPLES)('%s', (_, start, rule, dates) => {
    const expected = spread(dates).map((d) => `${d} 09:00`);
    const open = !/COUNT|UNTIL/.test(rule);
    const text = calendar(`DTSTART;TZID=${ZONE}:${start}`, 'DURATION:PT1H', `RRULE:${rule}`);
    const found = starts(text, open ? `${expected.at(-1)?.slice(0, 10)}T23:59` : '2010-01-01');
    expect(found).toEqual(expected);
  });

  it('every day until 24 December: 113 instances, the clocks change in between', () => {
    const text = calendar(
      `DTSTART;TZID=${ZONE}:19970902T090000`,
      'DURATION:PT1H',
      'RRULE:FREQ=DAILY;UNTIL=19971224T000000Z',
    );
    const found = starts(text, '2000-01-01');
    expect(found).toHaveLength(113);
    expect(found.every((s) => s.endsWith('09:00'))).toBe(true);
    expect(found.at(-1)).toBe('1997-12-23 09:00');
  });

  it.each([
    'FREQ=YEARLY;UNTIL=20000131T140000Z;BYMONTH=1;BYDAY=SU,MO,TU,WE,TH,FR,SA',
    'FREQ=DAILY;UNTIL=20000131T140000Z;BYMONTH=1',
  ])('every day in January for three years: %s', (rule) => {
    const text = calendar(`DTSTART;TZID=${ZONE}:19980101T090000`, 'DURATION:PT1H', `RRULE:${rule}`);
    const found = starts(text, '2005-01-01');
    const expected = [1998, 1999, 2000].flatMap((year) =>
      Array.from({ length: 31 }, (_, d) => `${year}-01-${String(d + 1).padStart(2, '0')} 09:00`),
    );
    expect(found).toEqual(expected);
  });

  it.each([
    'FREQ=DAILY;BYHOUR=9,10,11,12,13,14,15,16;BYMINUTE=0,20,40',
    'FREQ=MINUTELY;INTERVAL=20;BYHOUR=9,10,11,12,13,14,15,16',
  ])('every 20 minutes from 9:00 to 16:40: %s', (rule) => {
    const text = calendar(`DTSTART;TZID=${ZONE}:19970902T090000`, 'DURATION:PT5M', `RRULE:${rule}`);
    const found = starts(text, '1997-09-04');
    expect(found).toHaveLength(48);
    expect(found.slice(0, 4)).toEqual(['09:00', '09:20', '09:40', '10:00'].map((t) => `1997-09-02 ${t}`));
    expect(found.at(23)).toBe('1997-09-02 16:40');
    expect(found.at(24)).toBe('1997-09-03 09:00');
  });

  it('Friday the 13th, with an exception', () => {
    const text = calendar(
      `DTSTART;TZID=${ZONE}:19970902T090000`,
      'DURATION:PT1H',
      `EXDATE;TZID=${ZONE}:19970902T090000`,
      'RRULE:FREQ=MONTHLY;BYDAY=FR;BYMONTHDAY=13',
    );
    expect(starts(text, '2000-10-14')).toEqual(
      spread('1998-02-13 1998-03-13 1998-11-13 1999-08-13 2000-10-13').map((d) => `${d} 09:00`),
    );
  });

  it('every 15 minutes six times, and every hour and a half four times', () => {
    const one = (rule: string): string[] =>
      starts(
        calendar(`DTSTART;TZID=${ZONE}:19970902T090000`, 'DURATION:PT5M', `RRULE:${rule}`),
        '2000-01-01',
      ).map((s) => s.slice(11));
    expect(one('FREQ=MINUTELY;INTERVAL=15;COUNT=6')).toEqual([
      '09:00',
      '09:15',
      '09:30',
      '09:45',
      '10:00',
      '10:15',
    ]);
    expect(one('FREQ=MINUTELY;INTERVAL=90;COUNT=4')).toEqual(['09:00', '10:30', '12:00', '13:30']);
  });
});
