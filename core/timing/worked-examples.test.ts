import { describe, expect, it } from 'vitest';
import type { Item, Move } from '../model';
import { alternate, breaths, brk, compile, cues, each, hold, move, reps, step } from '../testing/build';
import { workingOf, workingText } from './working';

// Every example is worked by hand with the default pace: 140 words/min, cycle 10 s, change 4, set rest 5,
// shortest cue 2, return 2 (common practice, no source).
const seconds = (items: Item[], moves: Move[], more = {}) => {
  const { parts, totals } = compile(brk(items, more), moves);
  return {
    total: totals.totalMs / 1000,
    left: totals.leftMs / 1000,
    right: totals.rightMs / 1000,
    both: totals.bothMs / 1000,
    text: workingText(workingOf(parts)),
  };
};

describe('worked examples at the default pace', () => {
  it('edge of the seat, each side, cue 14, again 4, hold 20', () => {
    const m = move('a', { position: 'edge', ways: each(), cues: cues(14, 4) });
    expect(seconds([step('a')], [m])).toEqual({
      total: 57,
      left: 20,
      right: 20,
      both: 0,
      text: '3 + (6 + 20 + 2) + (4 + 20 + 2) = 57',
    });
  });

  it('together, two directions, 10 reps of 2.5, cue 9, again 3', () => {
    const m = move('a', {
      ways: { pattern: 'together', directions: ['back', 'forward'] },
      cues: cues(9, 4, 3),
    });
    const result = seconds([step('a', { dose: reps(10, 2.5) })], [m]);
    expect(result).toMatchObject({ total: 60, both: 50, text: '(4 + 25) + (4 + 25) + 2 = 60' });
  });

  it('together, 5 reps of one breath, cue 18', () => {
    const m = move('a', { cues: cues(18) });
    const result = seconds([step('a', { dose: reps(5, 'breath') })], [m]);
    expect(result).toMatchObject({ total: 60, both: 50, text: '8 + 50 + 2 = 60' });
  });

  it('alternate, 3 a side of 4, cue 12', () => {
    const m = move('a', { ways: alternate, cues: cues(12) });
    const result = seconds([step('a', { dose: reps(3, 4) })], [m]);
    expect(result).toMatchObject({ total: 31.5, left: 12, right: 12, text: '5.5 + 24 + 2 = 31.5' });
  });

  it('together, hold 25, whole breaths, cue 10', () => {
    const m = move('a', { cues: cues(10) });
    const result = seconds([step('a', { dose: hold(25) })], [m], { wholeBreaths: true });
    expect(result).toMatchObject({ total: 36.5, text: '4.5 + 30 + 2 = 36.5' });
  });

  const links = [
    move('a', { ways: each(), cues: cues(14, 4) }),
    move('b', { ways: each(), cues: cues(12, 4) }),
    move('c', { ways: each(), cues: cues(8, 3) }),
  ];
  const steps = [step('a'), step('b'), step('c', { dose: hold(10) })];

  it('a chain of holds 20, 20, 10; cues 14, 12, 8; again 4, 4, 3', () => {
    const chain: Item = { type: 'chain', id: 'ch', nesting: 'side by side', sides: 'both', links: steps };
    expect(seconds([chain], links)).toMatchObject({
      total: 127,
      left: 50,
      right: 50,
      text: '(6 + 20 + 5.5 + 20 + 3.5 + 10 + 2) + (4 + 20 + 2 + 20 + 2 + 10 + 2) = 127',
    });
  });

  it('the same three as steps of their own, and as a chain link by link', () => {
    expect(seconds(steps, links).total).toBe(139);
    const chain: Item = { type: 'chain', id: 'ch', nesting: 'link by link', sides: 'both', links: steps };
    expect(seconds([chain], links).total).toBe(139);
  });

  it('edge, strap, two sets of 30 each side, cue 20, again 5', () => {
    const m = move('a', { position: 'edge', things: ['strap'], ways: each(), cues: cues(20, 5) });
    const result = seconds([step('a', { dose: hold(30), sets: 2 })], [m]);
    expect(result).toMatchObject({
      total: 155,
      left: 60,
      right: 60,
      text: '8 + (9 + 65 + 2) + (4 + 65 + 2) = 155',
    });
  });

  it('edge, hold 30, cue 10; then standing at a wall, right first, 3 breaths, cue 16, again 4', () => {
    const sit = move('a', { position: 'edge', cues: cues(10) });
    const wall = move('b', { position: 'standing', things: ['wall'], ways: each(), cues: cues(16, 4) });
    const items = [step('a', { dose: hold(30) }), step('b', { dose: breaths(3), firstSide: 'right' })];
    const { parts, totals } = compile(brk(items), [sit, wall]);
    expect(totals.totalMs).toBe(128_500);
    const second = parts.filter((p) => p.stepId === 'b');
    expect(workingText(workingOf(second))).toBe('14 + (7 + 30 + 2) + (4 + 30 + 2) = 89');
    expect(second.find((p) => p.kind === 'work')?.side).toBe('right');
  });
});
