import { readCalendar } from '@kotabi/core/calendars';

// A year of 10,000 events, some of them series of which a third have run since 2000, against as many single events:
// what repeats, or has done so for long, should cost about as much as its instances in that year.
const pad = (n: number): string => String(n).padStart(2, '0');
const event = (n: number, ...lines: string[]): string[] => [
  'BEGIN:VEVENT',
  `UID:event-${n}`,
  ...lines,
  'SUMMARY:Something',
  'END:VEVENT',
];
const file = (events: string[][]): string =>
  ['BEGIN:VCALENDAR', 'VERSION:2.0', 'PRODID:-//bench//EN', ...events.flat(), 'END:VCALENDAR', ''].join(
    '\r\n',
  );
const dateAt = (n: number, year: number): string =>
  `${year}${pad(1 + (n % 12))}${pad(1 + (n % 28))}T${pad(8 + (n % 9))}0000`;
const options = {
  fromMs: Date.UTC(2027, 0, 1),
  untilMs: Date.UTC(2028, 0, 1),
  zone: 'Europe/Lisbon',
  keepTitles: false,
};

const series = (n: number): string[] => {
  if (n % 60 === 0)
    return event(n, `DTSTART;TZID=Europe/Lisbon:${dateAt(n, 2000)}`, 'DURATION:PT30M', 'RRULE:FREQ=WEEKLY');
  if (n % 60 === 20)
    return event(
      n,
      `DTSTART;TZID=Europe/Berlin:${dateAt(n, 2026)}`,
      'DURATION:PT1H',
      'RRULE:FREQ=WEEKLY;BYDAY=MO,WE',
    );
  return event(n, `DTSTART:${dateAt(n, 2026)}Z`, 'DURATION:PT1H', 'RRULE:FREQ=MONTHLY;BYDAY=2TU');
};
const single = (n: number): string[] =>
  event(n, `DTSTART;TZID=Europe/Lisbon:${dateAt(n, 2027)}`, 'DURATION:PT1H');
const EVENTS = 10_000;
const mixed = file(Array.from({ length: EVENTS }, (_, n) => (n % 20 === 0 ? series(n) : single(n))));
const plain = file(Array.from({ length: EVENTS }, (_, n) => single(n)));

/** Seconds of one core, the least of some times, and how many times of the year came out. */
const cost = (text: string): { seconds: number; times: number } => {
  const all = Array.from({ length: 3 }, () => {
    const began = process.cpuUsage();
    const result = readCalendar(text, options);
    const { user, system } = process.cpuUsage(began);
    if (!result.ok) throw new Error('the calendar was refused');
    return { seconds: (user + system) / 1e6, times: result.times.length };
  });
  return all.reduce((a, b) => (a.seconds < b.seconds ? a : b));
};
const a = cost(mixed);
const b = cost(plain);
console.log(
  `a year of ${EVENTS} events, one in 20 a series: ${a.seconds.toFixed(2)} s of a core for ${a.times} times ` +
    `(single events: ${b.seconds.toFixed(2)} s for ${b.times})`,
);
console.log(
  `one time of them against one of single events: ratio ${(a.seconds / a.times / (b.seconds / b.times)).toFixed(3)}`,
);
