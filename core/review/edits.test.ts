import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { stepOf } from '../library';
import { shelf } from '../library/all';
import { type Break, defaultApproach, type Item, isTwoWay, type Step } from '../model';
import { times } from '../testing/all';
import { brk } from '../testing/build';
import { audienceOf } from '../testing/review';
import { reviewed } from '.';

const all = shelf();
const moves = all.library;
const audience = audienceOf([['dizziness'], ['shoulder', 'low back'], ['cannot stand']], {
  seats: { castors: true, arms: true, highBack: false },
});

/** One edit: a change of a step, a step more or less, another order, a series made, or a setting of the break. */
type Edit = { at: number; other: number; kind: number; amount: number };
const arbEdits = fc.array(
  fc.record({
    at: fc.nat(11),
    other: fc.nat(moves.length - 1),
    kind: fc.nat(9),
    amount: fc.integer({ min: 1, max: 40 }),
  }),
  { minLength: 4, maxLength: 12 },
);

let n = 0;
const changeStep = (b: Break, at: number, change: (s: Step) => Step): Break => ({
  ...b,
  items: b.items.map((item, i) => (i === at % b.items.length && item.type === 'step' ? change(item) : item)),
});
const apply = (b: Break, { at, other, kind, amount }: Edit): Break => {
  const move = moves[other];
  if (!move) return b;
  switch (kind) {
    case 0:
      return changeStep(b, at, (s) => ({ ...s, dose: { ...s.dose, amount } }));
    case 1:
      return changeStep(b, at, (s) => ({ ...s, sides: amount % 2 ? 'left' : 'both' }));
    case 2:
      return changeStep(b, at, (s) => {
        const rung = all.lookup(s.moveId)?.rungs.at(amount % 3)?.name;
        return rung ? { ...s, rung } : s;
      });
    case 3:
      return { ...b, items: [...b.items, stepOf(move, `n${n++}`)] };
    case 4:
      return { ...b, items: b.items.filter((_, i) => i !== at % b.items.length || b.items.length < 3) };
    case 5: {
      const items = [...b.items];
      const [taken] = items.splice(at % items.length, 1);
      if (taken) items.splice(amount % (items.length + 1), 0, taken);
      return { ...b, items };
    }
    case 6: {
      const sided = b.items.filter(
        (i): i is Step => i.type === 'step' && isTwoWay(all.lookup(i.moveId) ?? move),
      );
      const [one, two] = sided;
      if (!one || !two) return b;
      const chain: Item = {
        type: 'chain',
        id: `c${n++}`,
        nesting: 'side by side',
        sides: 'both',
        links: [one, two],
      };
      return { ...b, items: [chain, ...b.items.filter((i) => i !== one && i !== two)] };
    }
    case 7:
      return { ...b, pace: { ...b.pace, breathsPerMinute: 4 + (amount % 5) } };
    case 8:
      return { ...b, onCall: !b.onCall, wholeBreaths: !b.wholeBreaths };
    default:
      return { ...b, approach: { holdIn: amount % 2 ? 'breaths' : 'seconds', turnPower: 'trunk only' } };
  }
};

describe('after an edit', () => {
  it('only what it changed is looked at again, and the findings are those of a whole look', () =>
    fc.assert(
      fc.property(arbEdits, fc.boolean(), (edits, forGroup) => {
        let now = brk(
          moves
            .slice(0, 60)
            .filter((_, i) => i % 6 === 0)
            .map((m, i) => stepOf(m, `s${i}`)),
        );
        const people = forGroup ? audience : null;
        for (const edit of edits) {
          now = apply(now, edit);
          const step = reviewed(now, all, defaultApproach, people);
          // The same break from new objects: nothing of it has been looked at before.
          const whole = reviewed(
            structuredClone(now),
            all,
            defaultApproach,
            people && structuredClone(people),
          );
          expect(step).toEqual(whole);
        }
      }),
      { numRuns: times(24, 60), seed: 20_261_126 },
    ));
});
