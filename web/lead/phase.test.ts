import { stepOf } from '@kotabi/core/library';
import { library, moveLookup } from '@kotabi/core/library/all';
import type { Move } from '@kotabi/core/model';
import { Break } from '@kotabi/core/model';
import { compileTimeline, resolveBreak } from '@kotabi/core/timing';
import { describe, expect, it } from 'vitest';
import { figurePhase } from './phase';

const parts = (id: string) => {
  const move = library.find((m) => m.id === id) as Move;
  const resolved = resolveBreak(
    Break.parse({ id: 'b', name: 'B', slotSec: 300, items: [stepOf(move, 's')] }),
    moveLookup(),
  );
  if (!resolved.ok) throw new Error('broken test');
  return { move, list: compileTimeline(resolved.value).parts };
};

describe('the figure while a break is led', () => {
  it('goes into a hold while it is announced, stays, and comes back', () => {
    const { move, list } = parts('ear-to-shoulder');
    const [say, work, back] = ['say', 'work', 'return'].map((k) => list.find((p) => p.kind === k));
    if (!say || !work || !back) throw new Error('broken test');
    expect(figurePhase(say, say.lengthMs, move)).toBe(0);
    expect(figurePhase(say, 0, move)).toBe(1);
    expect(figurePhase(work, work.lengthMs / 2, move)).toBe(1);
    expect(figurePhase(back, back.lengthMs, move)).toBe(1);
    expect(figurePhase(back, 0, move)).toBe(0);
  });

  it('goes through each repetition in its own tempo', () => {
    const { move, list } = parts('shoulder-rolls');
    const work = list.find((p) => p.kind === 'work');
    if (!work?.reps) throw new Error('broken test');
    const rep = work.lengthMs / work.reps;
    expect(figurePhase(work, work.lengthMs - rep * 2.5, move)).toBeCloseTo(0.5, 6);
    expect(figurePhase(work, work.lengthMs - rep * 3, move)).toBeCloseTo(0, 6);
  });
});
