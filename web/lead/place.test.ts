import { describe, expect, it } from 'vitest';
import { backWords, leadAddress, readLeadAddress } from './place';

const read = (address: string) => readLeadAddress(new URL(address, 'http://here'));

describe('where leading was opened from', () => {
  it.each([
    { breakId: 'b1', groupId: null, from: null, planned: null },
    { breakId: 'b1', groupId: 'claims', from: '/week/claims/2026-11-23', planned: '2026-11-23.2' },
    { breakId: 'a.b_c-d', groupId: 'g', from: '/week/g/2026-11-23?person=p1', planned: null },
  ])('is read as it was written: %j', (place) => {
    expect(read(leadAddress(place))).toEqual(place);
  });

  it.each(['//elsewhere.example/x', 'https://elsewhere.example', '/\\elsewhere.example', 'week'])(
    'leads back to no other server: %s',
    (from) => {
      expect(read(`/lead/b1?from=${encodeURIComponent(from)}`).from).toBeNull();
    },
  );

  it('says where back is', () => {
    expect(backWords('/week/g/2026-11-23')).toBe('Back to the week');
    expect(backWords('/today')).toBe('Back to today');
    expect(backWords(null)).toBe('Back to the sheet');
  });
});
