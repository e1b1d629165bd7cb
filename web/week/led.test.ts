import { Session } from '@kotabi/core/model';
import { logRowOf } from '@kotabi/core/record';
import { describe, expect, it } from 'vitest';
import { ledByPlan, ledText } from './led';

const session = (id: string, plannedId: string | null, doneMs: number) =>
  logRowOf(
    Session.parse({
      id,
      breakId: 'b',
      breakName: 'B',
      groupId: 'g',
      plannedId,
      startedAt: '2026-11-26T09:00:00.000Z',
      endedAt: '2026-11-26T09:05:00.000Z',
      ended: 'finished',
      parts: (['left', 'right'] as const).map((side) => ({
        stepId: 'a',
        moveName: 'A',
        kind: 'work',
        side,
        felt: side,
        plannedMs: 60_000,
        doneMs: side === 'left' ? 60_000 : doneMs,
      })),
    }),
  );

describe('planned breaks that were led', () => {
  it('are known by the plan; of two records the one in which more was done counts', () => {
    const led = ledByPlan([session('1', 'p', 10_000), session('2', 'p', 45_000), session('3', null, 60_000)]);
    expect([...led].map(([plan, s]) => [plan, s.id])).toEqual([['p', '2']]);
    expect(ledText(led.get('p'))).toBe('Led: 1:45 of 2:00 min, left 1:00, right 0:45');
    expect(ledText(session('4', 'p', 0))).toContain('1:00 of 2:00 min');
    expect(ledText(undefined)).toBe('');
  });
});
