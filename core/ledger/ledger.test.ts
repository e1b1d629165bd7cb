import { describe, expect, it } from 'vitest';
import { moveLookup } from '../library/all';
import { type Break, Break as BreakSchema } from '../model';
import { timed } from '../timing';
import { AIM_DAYS, AIM_SEC, givesOf, ledgerOf, targetsOf } from '.';

const lookup = moveLookup([]);
const step = (id: string, moveId: string, amount: number, more: object = {}) => ({
  type: 'step',
  id,
  moveId,
  dose: { measure: 'seconds', amount },
  ...more,
});
const givesFor = (...items: object[]) => {
  const brk: Break = BreakSchema.parse({ id: 'b', name: 'A break', slotSec: 300, items });
  const t = timed(brk, lookup);
  if (!t.ok) throw new Error(JSON.stringify(t.failures));
  return givesOf(t.resolved, t.timeline);
};

describe('what a break gives', () => {
  it('counts a hold on the side that feels it, for each muscle it lengthens', () => {
    // The ear goes to the left; the right side of the neck feels it.
    const both = givesFor(step('a', 'ear-to-shoulder', 20));
    const [main] = lookup('ear-to-shoulder')!.muscles;
    expect(both.held.get(main!)).toEqual({ left: 20, right: 20 });
    const leftOnly = givesFor(step('a', 'ear-to-shoulder', 20, { sides: 'left' }));
    expect(leftOnly.held.get(main!)).toEqual({ left: 0, right: 20 });
    expect(leftOnly.heldAreas.get('neck')).toEqual({ left: 0, right: 20 });
  });

  it('lists moving apart and counts sets', () => {
    const gives = givesFor(
      { type: 'step', id: 'r', moveId: 'shoulder-rolls', dose: { measure: 'reps', amount: 6, repSec: 3 } },
      step('a', 'ear-to-shoulder', 15, { sets: 2 }),
    );
    expect(gives.heldAreas.get('shoulder')).toBeUndefined();
    expect(gives.movedAreas.get('shoulder')!.left).toBeGreaterThan(0);
    expect(gives.heldAreas.get('neck')).toEqual({ left: 30, right: 30 });
  });
});

describe('the ledger of a week', () => {
  const long = givesFor(step('a', 'ear-to-shoulder', 60));
  const half = givesFor(step('a', 'ear-to-shoulder', 30));
  const ledger = ledgerOf(
    [
      { date: '2026-11-23', gives: [half, half] },
      { date: '2026-11-24', gives: [half] },
      { date: '2026-11-25', gives: [long] },
    ],
    ['neck', 'hand'],
  );

  it('rests on the published aim', () => {
    // Garber et al. 2011 (from memory): 60 s in all for each exercise, on two days a week at least.
    expect([AIM_SEC, AIM_DAYS]).toEqual([60, 2]);
  });

  it('adds up days; a day counts from 60 s on', () => {
    const neck = ledger.areas.find((a) => a.key === 'neck')!;
    expect(neck.days.map((d) => d.left)).toEqual([60, 30, 60]);
    expect(neck.daysReached).toEqual({ left: 2, right: 2 });
    expect(neck.total).toEqual({ left: 150, right: 150 });
    expect(neck.muscles.length).toBeGreaterThan(0);
    expect(neck.muscles[0]!.daysReached).toEqual({ left: 2, right: 2 });
  });

  it('shows an area that was wanted and got nothing', () => {
    expect(ledger.areas.find((a) => a.key === 'hand')!.total).toEqual({ left: 0, right: 0 });
  });

  it('aims at the main muscles of the areas that are wanted, both sides', () => {
    const main = lookup('ear-to-shoulder')!.muscles[0]!;
    expect(targetsOf([long], [])).toEqual([
      { muscle: main, side: 'left' },
      { muscle: main, side: 'right' },
    ]);
    expect(targetsOf([long], ['hand'])).toEqual([]);
  });
});
