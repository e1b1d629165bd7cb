import { describe, expect, it } from 'vitest';
import { library, moveLookup } from '../library/all';
import { Break } from '../model';
import { placedSteps, stepDose, timed, usualDose } from '.';

describe('the dose of a move', () => {
  it.each(library.map((m) => [m.id, m] as const))('%s: is worded alike alone and in a break', (id, move) => {
    const brk = Break.parse({
      id: 'b',
      name: 'One step',
      slotSec: 600,
      items: [{ type: 'step', id: 's', moveId: id, dose: move.dose.usual }],
    });
    const t = timed(brk, moveLookup());
    if (!t.ok) throw new Error(`${id} cannot be timed`);
    const words = placedSteps(t.resolved)
      .map((at) => stepDose(at))
      .join();
    if (move.onlyWords) expect(words).toBe('');
    else expect(words.replace(/, (each direction|.* only)$/, '')).toBe(usualDose(move));
  });
});
