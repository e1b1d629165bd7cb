import fc from 'fast-check';
import { produce } from 'immer';
import { describe, expect, it } from 'vitest';
import { stepOf } from '../library';
import { moveLookup } from '../library/all';
import { Break, stepsOf } from '../model';
import { times } from '../testing/all';
import {
  breakChain,
  chainOf,
  clipOf,
  dropOn,
  duplicate,
  insertItems,
  insertStep,
  makeChain,
  nextBreath,
  nextDirections,
  nextDose,
  nextHeld,
  nextRange,
  nudge,
  openOrNot,
  placeOf,
  readClip,
  removeSteps,
  splitSides,
  stepAt,
  swapFirst,
  turnChain,
  whyNoChain,
  whyNoSplit,
  withNewIds,
} from '.';

const lookup = moveLookup();
const step = (id: string, moveId = 'ear-to-shoulder') => stepOf(lookup(moveId)!, id);
const brk = (...items: unknown[]): Break => Break.parse({ id: 'b', name: 'B', slotSec: 300, items });
const chain = (id: string, ...ids: string[]) => ({ type: 'chain', id, links: ids.map((i) => step(i)) });
const ids = (b: Break): string =>
  b.items.map((i) => (i.type === 'chain' ? `[${i.links.map((l) => l.id).join(' ')}]` : i.id)).join(' ');
const after = (b: Break, recipe: (d: Break) => unknown): string => ids(produce(b, (d) => void recipe(d)));

const plain = brk(step('a'), step('b'), step('c'));
const mixed = brk(step('a'), chain('x', 'l', 'm', 'n'), step('z', 'sit-tall'));

describe('edits of a break', () => {
  it('insert behind the chosen step, behind its whole chain, or at the end', () => {
    expect(after(plain, (d) => insertStep(d, step('n'), 'a'))).toBe('a n b c');
    expect(after(mixed, (d) => insertStep(d, step('new'), 'l'))).toBe('a [l m n] new z');
    expect(after(plain, (d) => insertStep(d, step('n'), null))).toBe('a b c n');
    expect(after(plain, (d) => insertStep(d, step('n'), 'gone'))).toBe('a b c n');
  });

  it('remove steps; a chain with one link left is a plain step again', () => {
    expect(after(mixed, (d) => removeSteps(d, ['m']))).toBe('a [l n] z');
    expect(after(mixed, (d) => removeSteps(d, ['l', 'm']))).toBe('a n z');
    expect(after(mixed, (d) => removeSteps(d, ['a', 'l', 'm', 'n', 'z']))).toBe('');
  });

  it('move up and down, links within their chain, chains as a whole; ends stay ends', () => {
    expect(after(plain, (d) => nudge(d, ['b'], -1))).toBe('b a c');
    expect(after(plain, (d) => nudge(d, ['c'], 1))).toBe('a b c');
    expect(after(mixed, (d) => nudge(d, ['l'], 1))).toBe('a [m l n] z');
    expect(after(mixed, (d) => nudge(d, ['l'], -1))).toBe('a [l m n] z');
    expect(after(mixed, (d) => nudge(d, ['z'], -1))).toBe('a z [l m n]');
    expect(after(mixed, (d) => nudge(d, ['l'], -1, true))).toBe('[l m n] a z');
  });

  it('drop items on items and links on links of the same chain, nothing else', () => {
    expect(after(plain, (d) => dropOn(d, 'a', 'c'))).toBe('b c a');
    expect(after(mixed, (d) => dropOn(d, 'x', 'a'))).toBe('[l m n] a z');
    expect(after(mixed, (d) => dropOn(d, 'n', 'l'))).toBe('a [n l m] z');
    expect(after(mixed, (d) => dropOn(d, 'n', 'z'))).toBe('a [l m n] z');
  });

  it('make a chain of steps and chains, and take it apart', () => {
    expect(after(plain, (d) => makeChain(d, ['b', 'c'], 'x'))).toBe('a [b c]');
    expect(after(mixed, (d) => makeChain(d, ['a', 'l'], 'y'))).toBe('[a l m n] z');
    expect(after(mixed, (d) => breakChain(d, 'x'))).toBe('a l m n z');
  });

  it('say why steps cannot be a chain', () => {
    expect(whyNoChain(plain, ['a', 'b'])).toBeNull();
    expect(whyNoChain(plain, ['a'])).toMatch(/two or more/);
    expect(whyNoChain(plain, ['a', 'c'])).toMatch(/follow each other/);
    expect(whyNoChain(mixed, ['l', 'm'])).toMatch(/already/);
    // A link without sides, such as a breath or a rest, is done on each pass.
    expect(whyNoChain(mixed, ['n', 'z'])).toBeNull();
  });

  it('move several together, which stay together at the ends', () => {
    expect(after(plain, (d) => nudge(d, ['a', 'b'], 1))).toBe('c a b');
    expect(after(plain, (d) => nudge(d, ['a', 'b'], -1))).toBe('a b c');
    expect(after(plain, (d) => nudge(d, ['a', 'c'], -1))).toBe('a c b');
    expect(after(mixed, (d) => nudge(d, ['m', 'n'], -1))).toBe('a [m n l] z');
    expect(after(mixed, (d) => nudge(d, ['l', 'm', 'n'], 1))).toBe('a z [l m n]');
    expect(after(mixed, (d) => nudge(d, ['a', 'l'], 1))).toBe('z a [l m n]');
  });

  it('drop several where one is', () => {
    const five = brk(...['a', 'b', 'c', 'd', 'e'].map((id) => step(id)));
    expect(after(five, (d) => dropOn(d, 'a', 'd', ['a', 'b']))).toBe('c d a b e');
    expect(after(five, (d) => dropOn(d, 'e', 'a', ['c', 'e']))).toBe('c e a b d');
    expect(after(five, (d) => dropOn(d, 'a', 'd', ['b', 'c']))).toBe('b c d a e');
    expect(after(mixed, (d) => dropOn(d, 'x', 'z', ['a', 'l']))).toBe('z a [l m n]');
  });

  it('duplicate to right behind, links within their chain', () => {
    let n = 0;
    const id = () => `n${n++}`;
    expect(after(plain, (d) => duplicate(d, ['a'], id))).toBe('a n0 b c');
    expect(after(plain, (d) => duplicate(d, ['a', 'b'], id))).toBe('a b n1 n2 c');
    expect(after(mixed, (d) => duplicate(d, ['m'], id))).toBe('a [l m n3 n] z');
    expect(after(mixed, (d) => duplicate(d, ['a', 'l', 'm'], id))).toBe('a [l m n] n4 [n6 n7] z');
  });

  it('copy and paste between breaks: chains stay chains while two links are chosen', () => {
    let n = 0;
    const clip = clipOf(mixed, ['a', 'm', 'n', 'z']);
    const text = JSON.stringify({ format: 'kotabi-steps', items: clip });
    const items = withNewIds(readClip(text)!.items, () => `p${n++}`);
    expect(after(plain, (d) => insertItems(d, items, 'a'))).toBe('a p0 [p2 p3] p4 b c');
    expect(ids({ ...plain, items: clipOf(mixed, ['l']) })).toBe('l');
    expect(readClip('a shopping list')).toBeNull();
    expect(readClip('{"format":"kotabi-steps","items":[]}')).toBeNull();
  });

  it('split a two-sided step into its sides, the first side first, each with its own amount', () => {
    const uneven = { side: 'left', amount: 30, reason: 'tight' } as const;
    const two = brk({ ...step('a'), firstSide: 'right', uneven }, step('z', 'sit-tall'));
    const split = produce(two, (d) => splitSides(d, 'a', 'a2'));
    expect(split.items).toMatchObject([
      { id: 'a', sides: 'right', dose: { amount: 20 } },
      { id: 'a2', sides: 'left', dose: { amount: 30 } },
      { id: 'z' },
    ]);
    expect(stepAt(split, 'a')).not.toHaveProperty('uneven');
    expect(whyNoSplit(two, 'a', lookup)).toBeNull();
    expect(whyNoSplit(split, 'a', lookup)).toMatch(/Only one side/);
    expect(whyNoSplit(two, 'z', lookup)).toMatch(/no two sides/);
    expect(whyNoSplit(mixed, 'l', lookup)).toMatch(/series/);
  });

  it('swap the first side, once for a whole chain, and turn a chain', () => {
    const swapped = produce(mixed, (d) => swapFirst(d, ['a', 'l', 'm']));
    expect(stepAt(swapped, 'a')?.firstSide).toBe('right');
    expect(chainOf(swapped, 'l')?.firstSide).toBe('right');
    const turned = produce(mixed, (d) => turnChain(d, 'm'));
    expect(chainOf(turned, 'l')?.nesting).toBe('link by link');
    expect(nextDirections(step('a'))).toBe('first');
  });

  it('step the dose by what suits it, never below the least nor above the most', () => {
    const s = (amount: number) => ({ measure: 'seconds', amount }) as const;
    expect([nextDose(s(20), 1).amount, nextDose(s(22), 1).amount, nextDose(s(22), -1).amount]).toEqual([
      25, 25, 20,
    ]);
    expect([nextDose(s(5), -1).amount, nextDose(s(600), 1).amount, nextDose(s(3), -1).amount]).toEqual([
      5, 600, 5,
    ]);
    expect(nextDose({ measure: 'breaths', amount: 1 }, -1).amount).toBe(1);
    expect(nextDose({ measure: 'reps', amount: 9, repSec: 'breath' }, 1)).toEqual({
      measure: 'reps',
      amount: 10,
      repSec: 'breath',
    });
  });

  it('widen a range, hold repetitions, open a hold and slow a breath, each within its bounds and back again', () => {
    const hold = { measure: 'seconds', amount: 20 } as const;
    const reps = { measure: 'reps', amount: 5, repSec: 4 } as const;
    const wider = nextRange(nextRange(hold, 1), 1);
    expect(wider).toEqual({ ...hold, to: 30 });
    expect(nextRange(nextRange(wider, -1), -1)).toEqual(hold);
    expect(nextRange({ ...hold, amount: 600 }, 1)).toEqual({ ...hold, amount: 600 });
    expect(nextHeld(nextHeld(reps, 1), 1)).toEqual({ ...reps, holdSec: 2 });
    expect(nextHeld(nextHeld(reps, 1), -1)).toEqual(reps);
    expect(nextHeld({ ...reps, holdSec: 60 }, 1)).toEqual({ ...reps, holdSec: 60 });
    expect(nextHeld(hold, 1)).toEqual(hold);
    expect(openOrNot(openOrNot(hold))).toEqual(hold);
    expect(openOrNot(hold)).toEqual({ ...hold, open: true });
    expect(openOrNot(reps)).toEqual(reps);
    const pace = { breathsPerMinute: 6 };
    const slower = nextBreath({}, pace, -1);
    expect(slower).toEqual({ breathsPerMinute: 5.5 });
    expect(nextBreath({ breath: slower }, pace, 1)).toBeUndefined();
    expect(nextBreath({ breath: { exhaleRatio: 2, breathsPerMinute: 5.5 } }, pace, 1)).toEqual({
      exhaleRatio: 2,
    });
    expect(nextBreath({ breath: { breathsPerMinute: 2 } }, pace, -1)).toEqual({ breathsPerMinute: 2 });
  });

  it('whatever is done in whatever order leaves a whole break with each step once', () => {
    const name = fc.constantFrom('a', 'b', 'c', 'l', 'm', 'n', 'z', 'x');
    const act = fc.oneof(
      fc.tuple(fc.constant('nudge'), name, name),
      fc.tuple(fc.constant('drop'), name, name),
      fc.tuple(fc.constant('chain'), name, name),
      fc.tuple(fc.constant('unchain'), name, name),
      fc.tuple(fc.constant('remove'), name, name),
    );
    fc.assert(
      fc.property(fc.array(act, { maxLength: 25 }), (acts) => {
        let b = brk(step('a'), step('b'), step('c'), chain('x', 'l', 'm', 'n'), step('z', 'sit-tall'));
        let next = 0;
        for (const [what, one, two] of acts)
          b = produce(b, (d) => {
            if (what === 'nudge') nudge(d, [one], one < two ? 1 : -1);
            if (what === 'drop') dropOn(d, one, two);
            if (what === 'chain' && whyNoChain(b, [one, two]) === null)
              makeChain(d, [one, two], `c${next++}`);
            if (what === 'unchain') breakChain(d, b.items.find((i) => i.type === 'chain')?.id ?? '');
            if (what === 'remove') removeSteps(d, [one]);
          });
        expect(Break.parse(b)).toEqual(b);
        const all = stepsOf(b).map((s) => s.id);
        expect(new Set(all).size).toBe(all.length);
        for (const id of all) expect(placeOf(b, id)).not.toBeNull();
      }),
      { numRuns: times(80, 200), seed: 11 },
    );
  });
});
