import fc from 'fast-check';
import { DateTime } from 'luxon';
import { describe, expect, it } from 'vitest';
import { ZoneClock } from './offsets';

/** Zones with clocks that change in usual and in unusual ways: half hours, twice in a month of fasting, not at all. Not Apia, whose clocks
 * jumped a whole day: the reference guesses there from where they stand today, and errs. */
const ZONES = [
  'Europe/Lisbon',
  'Europe/Dublin',
  'America/New_York',
  'America/Sao_Paulo',
  'Australia/Lord_Howe',
  'Africa/Casablanca',
  'Asia/Kathmandu',
  'Asia/Tehran',
  'Pacific/Chatham',
  'Antarctica/Troll',
  'UTC',
];

/** The same from the reference: luxon asks the system anew each time. */
const slow = (zone: string, localMs: number): number => {
  const { year, month, day, hour, minute } = DateTime.fromMillis(localMs, { zone: 'UTC' });
  const local = DateTime.fromObject({ year, month, day, hour, minute }, { zone });
  // What is jumped over is told by the clock of before the jump.
  if (local.hour !== hour || local.minute !== minute) return local.minus({ hours: 30 }).offset;
  // Of a time that comes twice the first is meant, for which clocks stand further east.
  const earlier = local.getPossibleOffsets();
  return Math.max(...earlier.map((one) => one.offset));
};

describe('the clocks of a zone', () => {
  it.each(ZONES)('in %s stand as the reference says, at any quarter of an hour of any year', (zone) => {
    const clock = new ZoneClock(zone);
    fc.assert(
      fc.property(
        fc.integer({ min: Date.UTC(1995, 0, 1) / 900_000, max: Date.UTC(2035, 0, 1) / 900_000 }),
        (quarter) => {
          const localMs = quarter * 900_000;
          expect([new Date(localMs).toISOString(), clock.offsetAt(localMs)]).toEqual([
            new Date(localMs).toISOString(),
            slow(zone, localMs),
          ]);
        },
      ),
      { numRuns: 400 },
    );
  });

  it('in Lisbon are told right around both changes of 2027', () => {
    const clock = new ZoneClock('Europe/Lisbon');
    const at = (text: string) => clock.offsetAt(Date.parse(`${text}:00Z`));
    // 28 March, 01:00 to 02:00 is jumped over; 31 October, 01:00 to 02:00 comes twice.
    expect(['2027-03-28T00:59', '2027-03-28T01:30', '2027-03-28T02:00'].map(at)).toEqual([0, 0, 60]);
    expect(['2027-10-31T00:59', '2027-10-31T01:30', '2027-10-31T02:00'].map(at)).toEqual([60, 60, 0]);
  });
});
