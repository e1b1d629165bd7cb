import { stepOf } from '@kotabi/core/library';
import { moveLookup } from '@kotabi/core/library/all';
import { Break } from '@kotabi/core/model';
import { compileTimeline, resolveBreak } from '@kotabi/core/timing';
import { describe, expect, it } from 'vitest';
import { joined, sheetItems } from './rows';

const lookup = moveLookup();
const step = (id: string, moveId: string, more = {}) => ({ ...stepOf(lookup(moveId)!, id), ...more });
const itemsOf = (...items: unknown[]) => {
  const resolved = resolveBreak(Break.parse({ id: 'b', name: 'B', slotSec: 300, items }), lookup);
  if (!resolved.ok) throw new Error('broken test');
  const timeline = compileTimeline(resolved.value);
  return { items: sheetItems(resolved.value, timeline), timeline };
};
const links = [step('l1', 'ear-to-shoulder'), step('l2', 'nose-to-armpit', { sides: 'right' })];

describe('rows of the sheet', () => {
  it('draw the rounds of a series one after the other, whatever lies between them in time', () => {
    const { items, timeline } = itemsOf({ type: 'chain', id: 'c', links, rounds: 2 });
    const rows = items.flatMap((i) => i.rows).filter((r) => r.parts.length > 0);
    const hasGap = rows.some((r) => {
      const last = r.parts.at(-1);
      return last && last.startMs + last.lengthMs - (r.parts[0]?.startMs ?? 0) > r.lengthMs + 1;
    });
    expect(hasGap).toBe(true);
    for (const { parts, lengthMs } of rows) {
      const drawn = joined(parts);
      let at = 0;
      for (const part of drawn) {
        expect(part.startMs).toBeCloseTo(at, 6);
        at += part.lengthMs;
      }
      expect(at).toBeCloseTo(lengthMs, 6);
    }
    expect(rows.reduce((sum, r) => sum + r.lengthMs, 0)).toBe(timeline.totals.totalMs);
  });

  it('follow the time: a chain shows its links twice, once a side', () => {
    const { items, timeline } = itemsOf(step('s', 'sit-tall'), { type: 'chain', id: 'c', links });
    const rows = items.flatMap((i) => i.rows);
    expect(rows.map((r) => [r.key, r.parts.find((p) => p.kind === 'work')?.side ?? null])).toEqual([
      ['s.0', null],
      ['l1.0', 'left'],
      ['l2.0', null],
      ['l1.1', 'right'],
      ['l2.1', 'right'],
    ]);
    expect(rows.reduce((sum, r) => sum + r.lengthMs, 0)).toBe(timeline.totals.totalMs);
    const led = rows.filter((r) => r.parts.length > 0);
    expect(led.map((r) => r.startMs)).toEqual([...led.map((r) => r.startMs)].sort((a, b) => a - b));
  });

  it('of a chain led link by link come once each', () => {
    const { items } = itemsOf({ type: 'chain', id: 'c', nesting: 'link by link', links });
    expect(items.flatMap((i) => i.rows.map((r) => r.key))).toEqual(['l1.0', 'l2.0']);
  });
});
