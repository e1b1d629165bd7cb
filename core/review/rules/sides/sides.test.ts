import { describe, expect, it } from 'vitest';
import type { Item } from '../../../model';
import { alternate, each, move, reps, step } from '../../../testing/build';
import { codes, found, framed, mended } from '../../../testing/review';

const a = move('a', { name: 'Lean', ways: each() });
const b = move('b', { ways: each() });
const chain = (more: object, ...links: ReturnType<typeof step>[]): Item => ({
  type: 'chain',
  id: 'c',
  nesting: 'side by side',
  sides: 'both',
  links,
  ...more,
});

describe('sides', () => {
  it('says nothing when both get the same', () => {
    expect(found([step('a')], [a])).toEqual([]);
  });

  it('names the side that is left out, and puts it back', () => {
    const items = [step('a', { sides: 'left' as const })];
    expect(found(items, [a])).toMatchObject([
      { code: 'oneSideOnly', weight: 'caution', stepIds: ['a'], move: 'Lean', missing: 'right' },
    ]);
    expect(mended(framed(items, [a], { slotSec: 170 }), [a], 'oneSideOnly').codes).toEqual([]);
  });

  it('names the link that is forgotten on the second side of a series', () => {
    const items = [chain({}, step('a'), step('b', { sides: 'right' }))];
    expect(found(items, [a, b])).toMatchObject([{ code: 'linkForgotten', stepIds: ['b'], missing: 'left' }]);
    const after = mended(framed(items, [a, b], { slotSec: 200 }), [a, b], 'linkForgotten');
    expect(after.codes).toEqual([]);
    expect(after.brk.items[3]).toMatchObject({ links: [{ sides: 'both' }, { sides: 'both' }] });
  });

  it('names every link of a series that is led on one side only', () => {
    const whole = found([chain({ sides: 'left' }, step('a'), step('b'))], [a, b]);
    expect(codes(whole)).toEqual(['oneSideOnly', 'oneSideOnly']);
    const never = found([chain({ sides: 'left' }, step('a'), step('b', { sides: 'right' }))], [a, b]);
    expect(never.map((f) => f.stepIds[0])).toEqual(['a', 'b']);
  });

  it('says by how much, unless it is on purpose with a reason', () => {
    const uneven = (reason: string) => [step('a', { uneven: { side: 'left' as const, amount: 35, reason } })];
    expect(found(uneven(' '), [a])).toMatchObject([{ code: 'unequalSides', short: 'right', byMs: 15_000 }]);
    expect(found(uneven('the left is tighter'), [a])).toEqual([]);
    const after = mended(framed(uneven(''), [a], { slotSec: 190 }), [a], 'unequalSides');
    expect(after.codes).toEqual([]);
    expect(after.brk.items[3]).toMatchObject({ dose: { amount: 35 } });
  });

  it('counts an odd repetition of moves that go from side to side', () => {
    const to = move('to', { ways: alternate, kind: 'mobilise' });
    const odd = step('to', { dose: reps(3, 4), uneven: { side: 'right', amount: 2, reason: '' } });
    expect(found([odd], [to])).toMatchObject([{ code: 'unequalSides', short: 'right', byMs: 4000 }]);
  });

  it('covers on top, in front and diagonals alike', () => {
    for (const pair of ['arm on top', 'leg on top', 'thumb in front', 'diagonal'] as const) {
      const m = move('p', { ways: { pattern: 'each', pair, felt: 'both' } });
      expect(codes(found([step('p', { sides: 'right' })], [m])), pair).toEqual(['oneSideOnly']);
    }
  });

  it('takes the sides of one move in separate steps together', () => {
    const left = step('a', { id: 'l', sides: 'left' });
    const right = step('a', { id: 'r', sides: 'right' });
    const note = step('b', { id: 'between' });
    expect(found([left, note, right], [a, b])).toEqual([]);
    const short = { ...right, dose: { measure: 'seconds' as const, amount: 15 } };
    expect(found([left, note, short], [a, b])).toMatchObject([
      { code: 'unequalSides', stepIds: ['l', 'r'], short: 'right', byMs: 5000 },
    ]);
  });
});
