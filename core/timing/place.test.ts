import { describe, expect, it } from 'vitest';
import { alternate, brk, each, hold, lookupIn, move, reps, step } from '../testing/build';
import { type PlacedStep, placedSteps, resolveBreak } from '.';
import { feltBy, isOneByOne, meanwhileSide, positionOf, sharedSides, takesTurns } from './place';

const moves = [
  move('hold', { ways: each('opposite') }),
  move('turns', { ways: alternate, alsoIn: ['standing'] }),
  move('arms', { ways: { pattern: 'each', pair: 'leg on top', felt: 'both' } }),
  move('both'),
  move('nod', { ways: each('same'), kind: 'mobilise' }),
  move('stands', { position: 'standing' }),
  move('rest', { kind: 'pause', alsoIn: ['edge', 'standing'] }),
];
const lookup = lookupIn(moves);
const resolved = (b: ReturnType<typeof brk>) => {
  const result = resolveBreak(b, lookup);
  if (!result.ok) throw new Error(JSON.stringify(result.failures));
  return result.value;
};
const placed = (b: ReturnType<typeof brk>): PlacedStep[] => placedSteps(resolved(b));
const firstOf = (items: Parameters<typeof brk>[0], more: Parameters<typeof brk>[1] = {}): PlacedStep => {
  const [first] = placed(brk(items, more));
  if (!first) throw new Error('no step');
  return first;
};

describe('where and on which sides a step is done', () => {
  it('is on the sides that a series and its link both leave', () => {
    expect([
      sharedSides('both', 'both'),
      sharedSides('both', 'left'),
      sharedSides('right', 'both'),
      sharedSides('left', 'left'),
      sharedSides('left', 'right'),
    ]).toEqual(['both', 'left', 'right', 'left', 'none']);
  });

  it('is where it says, else where its move is usual; a pause is where one is, if it can be there', () => {
    const at = (id: string, more = {}) => firstOf([step(id, more)]);
    expect(positionOf(at('turns', { position: 'standing' }), 'edge')).toBe('standing');
    expect(positionOf(at('turns'), 'standing')).toBe('back');
    expect(positionOf(at('rest'))).toBe('back');
    expect(positionOf(at('rest'), 'back')).toBe('back');
    expect(positionOf(at('rest'), 'standing')).toBe('standing');
    expect(positionOf(at('rest'), 'floor')).toBe('back');
    // In a break: after what is done standing a rest is standing, after a hold on the seat it is there.
    const places = placed(
      brk([step('stands'), step('rest', { id: 'r1' }), step('both'), step('rest', { id: 'r2' })]),
    );
    expect(places.map((p) => p.position)).toEqual(['standing', 'standing', 'back', 'back']);
  });

  it('takes turns with repetitions of what goes from side to side, or of arms and legs; never with holds', () => {
    const turns = (id: string, more = {}) => takesTurns(firstOf([step(id, more)]));
    const five = { dose: reps(5, 4) };
    expect(turns('turns', five)).toBe(true);
    expect(turns('arms', five)).toBe(true);
    expect(turns('hold', five)).toBe(false);
    expect(turns('both', five)).toBe(false);
    expect(turns('turns', { dose: hold(20) })).toBe(false);
    expect(turns('turns', { ...five, oneByOne: true })).toBe(false);
    // On one side only, or as a link side by side, nothing takes turns; in a series one after the other it does.
    const alone = firstOf([step('turns', { ...five, sides: 'left' })]);
    expect([alone.inTurns, isOneByOne(alone)]).toEqual([false, true]);
    const series = (nesting: 'side by side' | 'link by link') =>
      firstOf([
        {
          type: 'chain',
          id: 'c',
          nesting,
          sides: 'both',
          links: [step('turns', five), step('hold')],
        } as never,
      ]).inTurns;
    expect([series('side by side'), series('link by link')]).toEqual([false, true]);
  });

  it('is felt on the side that its way says, or on both', () => {
    const of = (id: string) => moves.find((m) => m.id === id)!;
    expect([feltBy(of('hold'), 'left'), feltBy(of('hold'), 'right')]).toEqual(['right', 'left']);
    expect([feltBy(of('turns'), 'left'), feltBy(of('turns'), null)]).toEqual(['left', 'both']);
    expect([feltBy(of('arms'), 'left'), feltBy(of('both'), 'left')]).toEqual(['both', 'both']);
  });

  it('has what is done meanwhile on the same or on the other side, and on none where it has no sides', () => {
    const at = firstOf([step('hold', { meanwhile: { moveId: 'nod', times: 2, side: 'same' } })]);
    const other = firstOf([step('hold', { meanwhile: { moveId: 'nod', times: 2, side: 'other' } })]);
    const plain = firstOf([step('hold', { meanwhile: { moveId: 'both', times: 2, side: 'same' } })]);
    expect([meanwhileSide(at, 'left'), meanwhileSide(at, 'right')]).toEqual(['left', 'right']);
    expect([meanwhileSide(other, 'left'), meanwhileSide(other, null)]).toEqual(['right', null]);
    expect(meanwhileSide(plain, 'left')).toBeNull();
    expect(meanwhileSide(firstOf([step('hold')]), 'left')).toBeNull();
  });

  it('is led for what it says, or for whole breaths of it, with the end of its range where it is one', () => {
    // At six breaths a minute a breath takes ten seconds: twenty-four seconds are two of them, thirty-six four.
    const pace = { pace: { breathsPerMinute: 6 } };
    const range = { dose: { ...hold(24), to: 36 } };
    const amounts = (more: object, b: object = {}) => {
      const { amountOf } = firstOf([step('hold', { ...range, ...more } as never)], { ...pace, ...b });
      return [amountOf.dose, amountOf.on('left'), amountOf.on('right'), amountOf.on()] as const;
    };
    expect(amounts({})).toEqual([{ measure: 'seconds', amount: 24, to: 36 }, 24, 24, 24]);
    const [whole] = amounts({ wholeBreaths: true });
    expect(whole).toMatchObject({ measure: 'breaths' });
    expect(whole.to).toBeGreaterThan(whole.amount);
    expect(amounts({}, { wholeBreaths: true })[0]).toEqual(whole);
    expect(amounts({ wholeBreaths: false }, { wholeBreaths: true })[0]).toMatchObject({ measure: 'seconds' });
    // An end that comes to the same number of breaths is none.
    const [same] = amounts({ wholeBreaths: true, dose: { ...hold(21), to: 24 } });
    expect(Object.keys(same)).toEqual(['measure', 'amount']);
    const uneven = { uneven: { side: 'left', amount: 40, reason: 'tighter' } };
    expect(amounts(uneven).slice(1)).toEqual([40, 24, 24]);
  });

  it('is worked out once, and anew only where something about it changed', () => {
    const [a, b, c] = [step('hold'), step('turns'), step('rest')];
    const first = placed(brk([a, b, c]));
    const again = (items: Parameters<typeof brk>[0], more = {}) => {
      const whole = { ...brk([]), ...more, pace: base.pace, items } as ReturnType<typeof brk>;
      return placed(whole);
    };
    const base = brk([a, b, c]);
    const before = again([a, b, c]);
    expect(before).not.toBe(first);
    // The same steps at the same places with the same pace are the same objects.
    const kept = again([a, b, c]);
    expect(kept.map((p, i) => p === before[i])).toEqual([true, true, true]);
    // One place further on, in a series, or with whole breaths they are others, and right.
    expect(again([b, a, c]).map((p) => [p.step.id, p.index])).toEqual([
      ['turns', 0],
      ['hold', 1],
      ['rest', 2],
    ]);
    const chain = {
      type: 'chain',
      id: 'c',
      nesting: 'side by side',
      sides: 'left',
      links: [a, b],
      between: [],
    } as never;
    expect(again([chain, c]).map((p) => [p.chainId, p.doneSides])).toEqual([
      ['c', 'left'],
      ['c', 'left'],
      [null, 'both'],
    ]);
    expect(again([a, b, c]).map((p) => [p.chainId, p.doneSides])).toEqual([
      [null, 'both'],
      [null, 'both'],
      [null, 'both'],
    ]);
    expect(again([a], { wholeBreaths: true })[0]?.amountOf.dose.measure).toBe('breaths');
    expect(again([a])[0]?.amountOf.dose.measure).toBe('seconds');
    // A rest follows what comes before it.
    expect(again([step('stands'), c]).at(-1)?.position).toBe('standing');
    expect(again([b, c]).at(-1)?.position).toBe('back');
    const value = resolved(base);
    expect(placedSteps(value)).toBe(placedSteps(value));
  });
});
