import { describe, expect, it } from 'vitest';
import { library, moveLookup } from '../library/all';
import { Break, defaultApproach, isTwoWay, stepsOf } from '../model';
import { reviewed } from '../review';
import { breakFrom, starts } from '.';

const lookup = moveLookup();
const made = (id: string) => {
  const start = starts.find((s) => s.id === id);
  if (!start) throw new Error(id);
  let n = 0;
  return breakFrom(start, { lookup, newId: () => `n${n++}`, approach: defaultApproach });
};

describe('starting points', () => {
  it('cover the usual slots, from half a minute to a class', () => {
    const slots = starts.map((s) => s.slotSec);
    expect(Math.min(...slots)).toBe(30);
    expect(Math.max(...slots)).toBe(900);
    expect(starts).toHaveLength(8);
    expect(new Set(starts.map((s) => s.name)).size).toBe(8);
  });

  it.each(starts.map((s) => s.id))('%s is a whole break that fits and passes its own review', (id) => {
    const brk = made(id);
    expect(Break.parse(brk)).toEqual(brk);
    expect(new Set(stepsOf(brk).map((s) => s.id)).size).toBe(stepsOf(brk).length);
    const judged = reviewed(brk, { library, lookup });
    if (!judged.ok) throw new Error('cannot be timed');
    expect(judged.findings).toEqual([]);
    expect(judged.timeline.totals.totalMs).toBeLessThanOrEqual(brk.slotSec * 1000);
    expect(judged.timeline.totals.leftMs).toBe(judged.timeline.totals.rightMs);
  });

  it('half a minute on a call is added up by hand', () => {
    // Toes up: words, ten times 2 s, 2 s back.
    const judged = reviewed(made('call-half-minute'), { library, lookup });
    if (!judged.ok) throw new Error('cannot be timed');
    const say = judged.timeline.parts[0]!.lengthMs;
    expect(judged.timeline.totals.totalMs).toBe(say + 20_000 + 2000);
  });

  it('the class ends standing, and everything two-sided is done on both sides', () => {
    const brk = made('class-standing-end');
    const positions = stepsOf(brk).map((s) => s.position ?? lookup(s.moveId)?.position);
    expect(positions.at(-1)).toBe('standing');
    for (const s of stepsOf(brk)) if (isTwoWay(lookup(s.moveId)!)) expect(s.sides).toBe('both');
    expect(made('calm-down').pace.exhaleRatio).toBe(2);
  });
});
