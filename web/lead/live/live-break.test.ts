import { shelfOf, stepOf } from '@kotabi/core/library';
import { library, moveLookup } from '@kotabi/core/library/all';
import { Break, defaultApproach, LiveBreak, type Move } from '@kotabi/core/model';
import { timed } from '@kotabi/core/timing';
import { describe, expect, it } from 'vitest';
import { liveBreakOf } from './live-break';

const lookup = moveLookup();
const step = (id: string, more: object = {}) => ({ ...stepOf(lookup(id) as Move, id), ...more });

describe('what others are given of a break', () => {
  const brk = Break.parse({
    id: 'b',
    name: 'Neck',
    groupId: 'g1',
    slotSec: 300,
    aside: [{ key: 'k', reason: 'Ilse likes it' }],
    items: [
      step('ear-to-shoulder', {
        uneven: { side: 'left', amount: 30, reason: 'Ilse is tighter there' },
        meant: 'for Ilse',
      }),
      step('shoulder-rolls', { meanwhile: { moveId: 'toes-up', times: 3 } }),
    ],
  });
  const live = liveBreakOf(
    { brk, shelf: shelfOf({ moves: [...library], pauses: [] }, []), approach: defaultApproach },
    { steps: [{ stepId: 'shoulder-rolls', lines: ['Smaller.'], easier: { moveId: 'shoulder-shrug' } }] },
  );

  it('names nobody: no reasons, no notes, no group', () => {
    expect(JSON.stringify(live)).not.toMatch(/Ilse|"g1"/);
  });
  it('is whole: it is read by its schema and takes exactly as long', () => {
    const read = LiveBreak.parse(JSON.parse(JSON.stringify(live)));
    const moves = new Map(read.moves.map((m) => [m.id, m]));
    const theirs = timed(read.brk, (id) => moves.get(id), read.approach);
    const mine = timed(brk, lookup, defaultApproach);
    expect(theirs.ok && mine.ok && theirs.timeline).toEqual(mine.ok && mine.timeline);
    expect(theirs.ok).toBe(true);
  });
});
