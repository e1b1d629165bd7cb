import { describe, expect, it } from 'vitest';
import { moveLookup } from '../library/all';
import { Break, defaultApproach } from '../model';
import { compileTimeline, resolveBreak } from '../timing';
import { forOthers } from './for-others';

const step = (id: string, more: object) => ({
  type: 'step',
  id,
  moveId: 'ear-to-shoulder',
  dose: { measure: 'seconds', amount: 20 },
  ...more,
});
const why = { side: 'left', amount: 30, reason: 'the left of Ines is sore' };
const brk = Break.parse({
  id: 'b',
  name: 'Neck',
  groupId: 'g-secret',
  slotSec: 600,
  aside: [{ key: 'x', reason: 'Ines cannot look up' }],
  items: [
    step('a', { uneven: why, meant: 'for Ines' }),
    {
      type: 'chain',
      id: 'c',
      links: [step('d', { uneven: why }), step('e', {})],
      between: [step('f', { sides: 'left' })],
    },
    {
      ...step('g', { second: { amount: 8, reason: 'Ines gets dizzy' } }),
      moveId: 'shoulder-rolls',
      dose: { measure: 'reps', amount: 5, repSec: 2 },
    },
  ],
});

describe('a break as it leaves the instructor’s desk', () => {
  const told = forOthers(brk);
  it('has nothing that was written for oneself', () => {
    expect(JSON.stringify(brk).match(/Ines/g)).toHaveLength(5);
    expect(JSON.stringify(told)).not.toMatch(/Ines|g-secret/);
    expect(Break.safeParse(told).success).toBe(true);
  });

  it('is done exactly as before', () => {
    const timelineOf = (one: Break) => {
      const resolved = resolveBreak(one, moveLookup(), defaultApproach);
      if (!resolved.ok) throw new Error('cannot be timed');
      return compileTimeline(resolved.value).parts;
    };
    expect(timelineOf(told)).toEqual(timelineOf(brk));
  });
});
