import { describe, expect, it } from 'vitest';
import type { Break, Item, Move } from '../model';
import {
  alternate,
  breaths,
  brk,
  cues,
  each,
  hold,
  lookupIn,
  move,
  reps,
  step,
  words,
} from '../testing/build';
import { compileTimeline, resolveBreak } from '../timing';
import { type Finding, review } from '.';

const settle = move('settle', { kind: 'settle', areas: ['breath'] });
const close = move('close', { kind: 'close', areas: ['breath'] });
const warm = move('warm', { kind: 'mobilise', areas: ['neck'], ways: { pattern: 'together' } });

const findings = (b: Break, moves: Move[]): Finding[] => {
  const resolved = resolveBreak(b, lookupIn(moves));
  if (!resolved.ok) throw new Error('broken test');
  return review({ resolved: resolved.value, timeline: compileTimeline(resolved.value) });
};
/** Findings of a break framed by settle, warm-up and close, in a slot with room to spare. */
const framed = (items: Item[], moves: Move[], more: Partial<Break> = {}) => {
  const all = [
    step('settle', { dose: hold(10) }),
    step('warm', { dose: reps(3, 4) }),
    ...items,
    step('close'),
  ];
  const plain = brk(all, more);
  const resolved = resolveBreak(plain, lookupIn([settle, warm, close, ...moves]));
  if (!resolved.ok) throw new Error('broken test');
  const slotSec = Math.ceil(compileTimeline(resolved.value).totals.totalMs / 1000);
  return findings({ ...plain, slotSec, ...more }, [settle, warm, close, ...moves]);
};

describe('review', () => {
  it('finds nothing in a break with nothing wrong', () => {
    expect(framed([step('a')], [move('a', { ways: each() })])).toEqual([]);
  });

  it('slot: over by anything, under by much', () => {
    const a = move('a', { kind: 'mobilise', cues: cues(10) }); // 4.5 + 20 + 2
    const over = findings(brk([step('a')], { slotSec: 26 }), [a]);
    expect(over).toContainEqual({
      code: 'overSlot',
      weight: 'caution',
      stepIds: ['a'],
      overMs: 500,
      slotMs: 26_000,
    });
    const codes = (slotSec: number) => findings(brk([step('a')], { slotSec }), [a]).map((f) => f.code);
    expect(codes(27)).toEqual([]);
    expect(codes(56)).toEqual([]);
    expect(codes(58)).toEqual(['underSlot']);
  });

  it('sides: one left out', () => {
    const a = move('a', { name: 'Lean', ways: each() });
    expect(framed([step('a', { sides: 'left' })], [a])).toEqual([
      { code: 'oneSideOnly', weight: 'caution', stepIds: ['a'], move: 'Lean', missing: 'right' },
    ]);
  });

  it('sides: a link forgotten on the second side of a chain', () => {
    const moves = ['a', 'b'].map((id) => move(id, { ways: each() }));
    const links = [step('a'), step('b', { sides: 'right' as const })];
    const chain: Item = { type: 'chain', id: 'c', nesting: 'side by side', sides: 'both', links };
    expect(framed([chain], moves)).toMatchObject([{ code: 'oneSideOnly', stepIds: ['b'], missing: 'left' }]);
    const whole = framed([{ ...chain, sides: 'left' }], moves);
    expect(whole.filter((f) => f.code === 'oneSideOnly')).toHaveLength(2);
  });

  it('sides: unequal, unless on purpose with a reason', () => {
    const a = move('a', { ways: each() });
    const uneven = (reason: string) => [step('a', { uneven: { side: 'left' as const, amount: 32, reason } })];
    expect(framed(uneven(' '), [a])).toMatchObject([{ code: 'unequalSides', short: 'right', byMs: 12_000 }]);
    expect(framed(uneven('the left is tighter'), [a])).toEqual([]);
  });

  it('sides: an odd count of alternating repetitions', () => {
    const a = move('a', { ways: alternate, kind: 'mobilise' });
    const odd = step('a', { dose: reps(3, 4), uneven: { side: 'right', amount: 2, reason: '' } });
    expect(framed([odd], [a])).toMatchObject([{ code: 'unequalSides', short: 'right', byMs: 4000 }]);
  });

  it('directions: one way only', () => {
    const a = move('a', { kind: 'mobilise', ways: { pattern: 'together', directions: ['back', 'forward'] } });
    const found = framed([step('a', { dose: reps(8, 2.5), directions: 'second' })], [a]);
    expect(found).toMatchObject([{ code: 'oneDirectionOnly', missing: 'back' }]);
  });

  it('mobilised: held longer than 10 s without having been moved', () => {
    const chest = (id: string) => move(id, { name: 'Open', areas: ['chest', 'neck'] });
    expect(framed([step('a')], [chest('a')])).toMatchObject([
      { code: 'notMobilised', move: 'Open', area: 'chest', holdMs: 20_000 },
    ]);
    expect(framed([step('a', { dose: hold(10) })], [chest('a')])).toEqual([]);
    expect(framed([step('a', { dose: breaths(2) })], [chest('a')])).toHaveLength(1);
    const late = [step('a'), step('m', { dose: reps(3, 4) })];
    const m = move('m', { kind: 'mobilise', areas: ['chest'] });
    expect(framed(late, [chest('a'), m])).toHaveLength(1);
    expect(framed([...late].reverse(), [chest('a'), m])).toEqual([]);
  });

  it('frame: no settle, no close, but not in a minute or less', () => {
    const found = (slotSec: number) =>
      findings(brk([step('a', { dose: hold(40) })], { slotSec }), [move('a', { kind: 'mobilise' })]);
    expect(found(600).map((f) => f.code)).toEqual(expect.arrayContaining(['noSettle', 'noClose']));
    expect(found(60).map((f) => f.code)).toEqual([]);
    expect(findings(brk([]), [])).toEqual([]);
  });

  it('cue length: words during the work that outlast it, and a set-up that loses the room', () => {
    const talk = move('a', { cues: { ...cues(10), feel: words(30), check: words(20) } });
    // 50 words at 140 a minute are 21.43 s, rounded up to 21.5.
    expect(framed([step('a')], [talk])).toMatchObject([
      { code: 'cueTooLong', during: 'work', cueMs: 21_500, roomMs: 20_000 },
    ]);
    expect(framed([step('a', { dose: hold(25) })], [talk])).toEqual([]);
    const long = move('b', { cues: cues(36) });
    expect(framed([step('b')], [long])).toMatchObject([{ during: 'set-up', cueMs: 15_500, roomMs: 15_000 }]);
    const brisk = brk([]).pace;
    expect(framed([step('b')], [long], { pace: { ...brisk, wordsPerMinute: 160 } })).toEqual([]);
  });

  it('puts cautions first', () => {
    const a = move('a', { ways: each() });
    const found = findings(brk([step('a', { sides: 'left' })]), [a]).map((f) => f.weight);
    expect(found).toEqual([...found].sort());
    expect(new Set(found)).toEqual(new Set(['caution', 'look']));
  });
});
