import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Item } from '../model';
import { arbBreak } from '../testing/arbitrary';
import { brk, hold, step } from '../testing/build';
import { compareBreaks } from '.';

const [a, b, c, d] = [step('a'), step('b'), step('c'), step('d')];
const before = brk([a, b, c, d]);
const codes = (items: Item[], more = {}) =>
  compareBreaks(before, { ...before, items, ...more }).map((x) =>
    'step' in x ? `${x.code} ${x.step.id}` : x.code === 'break' ? `break ${x.field}` : x.code,
  );

describe('comparing two states of a break', () => {
  it('names what was added, removed and moved, and nothing that only slid along', () => {
    expect(codes([a, b, c, d])).toEqual([]);
    expect(codes([a, c, d])).toEqual(['removed b']);
    expect(codes([step('n'), a, b, c, d])).toEqual(['added n']);
    expect(codes([d, a, b, c])).toEqual(['moved d']);
    expect(codes([b, a, c, step('n')])).toEqual(['removed d', 'moved a', 'added n']);
  });

  it('names each field that changed, with both values', () => {
    const longer = { ...b, dose: hold(30), rung: 'strong' };
    expect(compareBreaks(before, { ...before, items: [a, longer, c, d] })).toMatchObject([
      { code: 'step', field: 'dose', before: { amount: 20 }, after: { amount: 30 } },
      { code: 'step', field: 'rung', before: undefined, after: 'strong' },
    ]);
    expect(codes([a, b, c, d], { slotSec: 300, calm: true })).toEqual(['break slotSec', 'break calm']);
  });

  it('names series that were made, changed and taken apart', () => {
    const chain: Item = { type: 'chain', id: 'x', nesting: 'side by side', sides: 'both', links: [b, c] };
    const with1 = { ...before, items: [a, chain, d] };
    expect(compareBreaks(before, with1).map((x) => x.code)).toEqual(['series made']);
    expect(compareBreaks(with1, before).map((x) => x.code)).toEqual(['series taken apart']);
    const turned = { ...before, items: [a, { ...chain, nesting: 'link by link' as const }, d] };
    expect(compareBreaks(with1, turned)).toMatchObject([{ code: 'series', field: 'nesting' }]);
  });

  it('of a break with itself is nothing, whatever the break', () => {
    fc.assert(
      fc.property(arbBreak, ({ brk: any }) => {
        expect(compareBreaks(any, JSON.parse(JSON.stringify(any)))).toEqual([]);
      }),
      { numRuns: 100, seed: 5 },
    );
  });
});
