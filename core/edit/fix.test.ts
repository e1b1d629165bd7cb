import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { applyFix } from '../edit';
import { stepOf } from '../library';
import { library, moveLookup } from '../library/all';
import { Break, defaultApproach, type Item, isTwoWay, type Step } from '../model';
import { type Finding, findingKey, reviewed } from '../review';
import { times } from '../testing/all';
import { brk } from '../testing/build';
import { audienceOf } from '../testing/review';

const lookup = moveLookup();
const moves = library.filter((m) => m.position !== 'floor');
const audience = audienceOf([['neck'], ['dizziness'], ['low back', 'knee']], {
  seats: { castors: true, arms: true, highBack: false },
  things: ['desk', 'chair', 'strap'],
});

/** Any step of the library, as a careless instructor may leave it. */
const arbStep = (id: string): fc.Arbitrary<Step> =>
  fc
    .record({
      at: fc.nat(moves.length - 1),
      sides: fc.constantFrom('both', 'both', 'left', 'right'),
      directions: fc.constantFrom('both', 'both', 'first'),
      by: fc.integer({ min: -8, max: 25 }),
      rung: fc.nat(4),
      uneven: fc.boolean(),
    })
    .map(({ at, sides, directions, by, rung, uneven }) => {
      const move = moves[at]!;
      const step = stepOf(move, id);
      return {
        ...step,
        sides,
        directions,
        dose: { ...step.dose, amount: Math.max(1, step.dose.amount + by) },
        ...(move!.rungs[rung] && { rung: move!.rungs[rung].name }),
        ...(uneven && { uneven: { side: 'left', amount: step.dose.amount + 3, reason: '' } }),
      } as Step;
    });

const arbBreak: fc.Arbitrary<Break> = fc
  .tuple(
    fc
      .array(fc.nat(), { minLength: 1, maxLength: 9 })
      .chain((list) => fc.tuple(...list.map((_, i) => arbStep(`s${i}`)))),
    fc.record({
      slotSec: fc.integer({ min: 30, max: 900 }),
      calm: fc.boolean(),
      onCall: fc.boolean(),
      chain: fc.boolean(),
    }),
  )
  .map(([steps, { chain, ...more }]) => {
    const links = steps.filter((s) => isTwoWay(lookup(s.moveId)!)).slice(0, 3);
    const rest = steps.filter((s) => !links.includes(s));
    const series: Item[] =
      chain && links.length > 1
        ? [{ type: 'chain', id: 'c', nesting: 'side by side', sides: 'both', links }]
        : links;
    return brk([...rest, ...series], { ...more, targets: ['hip', 'neck'] });
  });

const found = (b: Break): Finding[] => {
  const t = reviewed(b, { library, lookup }, defaultApproach, audience);
  if (!t.ok) throw new Error('cannot be timed');
  return t.findings;
};

describe('fixes', () => {
  it('whatever is wrong: the break stays whole, and what was found is gone', () => {
    const seen = new Set<string>();
    fc.assert(
      fc.property(arbBreak, (b) => {
        for (const finding of found(b)) {
          const { fix } = finding;
          if (!fix || fix.do === 'fit') continue;
          const draft: Break = JSON.parse(JSON.stringify(b));
          let n = 0;
          applyFix(draft, fix, { lookup, approach: defaultApproach, newId: () => `new${n++}` });
          expect(Break.parse(draft)).toEqual(draft);
          const keys = found(draft).map(findingKey);
          expect(keys, `${finding.code} by ${fix.do}`).not.toContain(findingKey(finding));
          seen.add(`${finding.code} by ${fix.do}`);
        }
      }),
      { numRuns: times(40, 120), seed: 7 },
    );
    expect(seen.size).toBeGreaterThan(14);
  });
});
