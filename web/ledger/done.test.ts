import { describe, expect, it } from 'vitest';
import { logRow } from '../../core/testing/records';
import { heldByDay } from './done';

const work = (left: number, right: number) => [
  {
    area: 'neck' as const,
    counts: 'held' as const,
    planned: { left: 20_000, right: 20_000 },
    done: { left, right },
  },
];

describe('what was held', () => {
  it('is added up by the day of the group’s clock', () => {
    const rows = [
      logRow({ startedAt: '2026-11-25T23:30:00.000Z', work: work(20_000, 12_000) }),
      logRow({ startedAt: '2026-11-26T11:00:00.000Z', work: work(20_000, 20_000) }),
      logRow({ startedAt: '2026-11-27T11:00:00.000Z' }),
    ];
    const held = heldByDay(rows, 'Europe/Helsinki');
    expect([...held.keys()]).toEqual(['2026-11-26']);
    expect(held.get('2026-11-26')?.get('neck')).toEqual({ left: 40, right: 32 });
  });
});
