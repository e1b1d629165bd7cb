import { describe, expect, it } from 'vitest';
import { localNow } from './useNow';

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
});
