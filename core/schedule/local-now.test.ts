import { DateTime } from 'luxon';
import { describe, expect, it } from 'vitest';
import { localNow } from './local-now';

describe('the clock of a group', () => {
  it('shows the date and the minute of its own zone', () => {
    const at = new Date('2026-11-25T23:30:00Z');
    expect(localNow(at, 'Europe/Lisbon')).toEqual({ date: '2026-11-25', minute: 1410 });
    expect(localNow(at, 'Europe/Berlin')).toEqual({ date: '2026-11-26', minute: 30 });
    expect(localNow(at, 'Pacific/Auckland')).toEqual({ date: '2026-11-26', minute: 750 });
    expect(localNow(new Date('2026-11-26T00:00:00Z'), 'Europe/Lisbon')).toEqual({
      date: '2026-11-26',
      minute: 0,
    });
  });

  it('shows the same over the change of the clocks as another library', () => {
    for (const zone of ['Europe/Lisbon', 'Australia/Lord_Howe', 'America/St_Johns'])
      for (const day of ['2027-03-28', '2027-10-31', '2027-04-03', '2027-03-14'])
        for (let minute = 0; minute < 1440; minute += 7) {
          const at = new Date(Date.parse(`${day}T00:00:00Z`) + minute * 60_000);
          const there = DateTime.fromJSDate(at, { zone });
          expect(localNow(at, zone)).toEqual({
            date: there.toISODate(),
            minute: there.hour * 60 + there.minute,
          });
        }
  });

  it('knows no zone that does not exist', () => {
    expect(() => localNow(new Date(0), 'Europe/Nowhere')).toThrow(RangeError);
  });
});
