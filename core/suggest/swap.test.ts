import { describe, expect, it } from 'vitest';
import { library, moveLookup } from '../library/all';
import { defaultApproach, type Item } from '../model';
import { brk } from '../testing/build';
import { audienceOf, libStep } from '../testing/review';
import { compileTimeline, resolveBreak } from '../timing';
import { swapsFor } from '.';

const lookup = moveLookup();
const context = { moves: library, lookup, approach: defaultApproach, audience: null };
const ear = libStep('ear-to-shoulder');
const items: Item[] = [libStep('sit-tall'), libStep('chin-nod'), ear, libStep('arms-up-breath')];
const b = brk(items);

describe('what would serve instead of a step', () => {
  it('is of the same area first of all, and not in the break already', () => {
    const swaps = swapsFor(b, ear, context);
    expect(swaps.length).toBeGreaterThan(3);
    for (const { move } of swaps) {
      expect(move.areas.some((a) => ['neck', 'shoulder'].includes(a))).toBe(true);
      expect(items.some((i) => i.type === 'step' && i.moveId === move.id)).toBe(false);
    }
    expect(swaps[0]!.move.areas[0]).toBe('neck');
    expect(swaps.map((s) => s.score)).toEqual(swaps.map((s) => s.score).sort((x, y) => y - x));
  });

  it('says to the millisecond what it does to the time, and which muscles come and go', () => {
    for (const s of swapsFor(b, ear, context)) {
      const length = (list: Item[]) => {
        const resolved = resolveBreak(brk(list), lookup);
        if (!resolved.ok) throw new Error('broken test');
        return compileTimeline(resolved.value).totals.totalMs;
      };
      const after = length(items.map((i) => (i.id === ear.id ? { ...s.step, id: ear.id } : i)));
      expect(after - length(items), s.move.id).toBe(s.byMs);
      const now = lookup('ear-to-shoulder')!.muscles;
      expect([...s.shared, ...s.lost].sort()).toEqual([...now].sort());
      for (const m of s.gained) expect(now).not.toContain(m);
    }
  });

  it('counts the people it serves', () => {
    const audience = audienceOf([['neck'], ['hypermobility'], []]);
    for (const s of swapsFor(b, ear, { ...context, audience })) {
      expect(s.served).toBeLessThanOrEqual(3);
      expect(s.servedNow).toBeGreaterThanOrEqual(1);
    }
  });

  it('for a link of a series is two-sided again', () => {
    const chain: Item = {
      type: 'chain',
      id: 'c',
      nesting: 'side by side',
      sides: 'both',
      links: [ear, libStep('nose-to-armpit')],
    };
    for (const { move } of swapsFor(brk([chain]), ear, context))
      expect(move.ways.pattern).not.toBe('together');
  });
});
