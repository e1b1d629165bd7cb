import { describe, expect, it } from 'vitest';
import { Chain, type Dose, type Item } from '../model';
import { alternate, brk, compile, cues, each, hold, lookupIn, move, reps, step } from '../testing/build';
import { resolveBreak } from './resolve';
import { imbalance, isWork } from './timeline';
import { workingOf, workingText } from './working';

describe('compiling a break', () => {
  it('counts the side that feels it and names the side that moves', () => {
    const m = move('a', { ways: each('opposite') });
    const { parts, totals } = compile(brk([step('a', { sides: 'left' })]), [m]);
    const work = parts.find((p) => p.kind === 'work');
    expect(work).toMatchObject({ side: 'left', felt: 'right' });
    expect(totals).toMatchObject({ leftMs: 0, rightMs: 20_000 });
    expect(imbalance(totals)).toBe(1);
  });

  it('counts a move felt on both sides as both, whichever way it goes', () => {
    const m = move('a', { ways: { pattern: 'each', pair: 'arm on top', felt: 'both' } });
    expect(compile(brk([step('a')]), [m]).totals).toMatchObject({ leftMs: 0, rightMs: 0, bothMs: 40_000 });
  });

  it('does both directions on one side, then both on the other', () => {
    const m = move('a', { ways: { ...each(), directions: ['in', 'out'] }, cues: cues(14, 4, 3) });
    const { parts, totals } = compile(brk([step('a', { dose: reps(5, 2) })]), [m]);
    const work = parts.filter((p) => p.kind === 'work').map((p) => `${p.side} ${p.direction}`);
    expect(work).toEqual(['left in', 'left out', 'right in', 'right out']);
    // By hand: (6 + 10 + 4 + 10 + 2) + (4 + 10 + 4 + 10 + 2) = 62.
    expect(totals.totalMs).toBe(62_000);
    expect(workingText(workingOf(parts))).toBe('(6 + 10 + 4 + 10 + 2) + (4 + 10 + 4 + 10 + 2) = 62');
  });

  it('counts to the end: where the words for the last one have no room, its number is said', () => {
    const counted = (last: string | undefined, repSec: number) => {
      const m = move('a', { cues: { ...cues(8), last }, dose: { least: 1, usual: reps(5, 3), most: 20 } });
      const { parts } = compile(brk([step('a', { dose: reps(5, repSec) })]), [m]);
      const said = parts.flatMap((p) => (p.kind === 'work' ? p.lines : []));
      return said.flatMap((l) => (l.role === 'count' || l.role === 'last' ? l.text : []));
    };
    expect(counted('The last circle this way.', 4)).toEqual(['three', 'two', 'The last circle this way.']);
    expect(counted('The last circle this way.', 2)).toEqual(['three', 'two', 'one']);
    expect(counted(undefined, 2)).toEqual(['three', 'two', 'one']);
  });

  it('calls the last one by what it is: a repetition, a breath, and the end of a hold', () => {
    const lastOf = (usual: Dose, dose: Dose) => {
      const m = move('a', {
        cues: { ...cues(8), last: 'Its own words.' },
        dose: { least: 1, usual, most: 60 },
      });
      const { parts } = compile(brk([step('a', { dose })]), [m]);
      return parts.flatMap((p) => p.lines.filter((l) => l.role === 'last').map((l) => l.text));
    };
    expect(lastOf(hold(20), hold(20))).toEqual(['Its own words.']);
    expect(lastOf(hold(20), reps(5, 4))).toEqual(['Once more.']);
    expect(lastOf(hold(20), reps(5, 'breath'))).toEqual(['One more breath.']);
    expect(lastOf(reps(5, 4), hold(20))).toEqual(['One more breath.']);
    expect(lastOf(reps(5, 4), reps(3, 'breath'))).toEqual(['Its own words.']);
  });

  it('speaks of one way only where no other follows: on one side, in a series, and as the last of more on one side', () => {
    const m = move('a', {
      ways: alternate,
      dose: { least: 1, usual: reps(3, 8), most: 20 },
      cues: { ...cues(4), say: 'To the {side}, then change.', last: 'Once more each way.' },
      oneByOne: { say: 'To the {side}.', last: 'Once more.' },
    });
    const said = (items: Item[]) =>
      compile(brk(items), [m]).parts.flatMap((p) =>
        p.lines.filter((l) => l.role === 'say' || l.role === 'last').map((l) => l.text),
      );
    const three = { dose: reps(3, 8) };
    expect(said([step('a', three)])).toEqual(['To the left, then change.', 'Once more each way.']);
    expect(said([step('a', { ...three, sides: 'left' })])).toEqual(['To the left.', 'Once more.']);
    const uneven = { side: 'right' as const, amount: 4, reason: '' };
    expect(said([step('a', { ...three, uneven })])).toEqual(['To the left, then change.', 'Once more.']);
    const series = Chain.parse({
      type: 'chain',
      id: 'c',
      links: [step('a', three), step('a', { ...three, id: 'b' })],
    });
    expect(new Set(said([series]))).toEqual(new Set(['To the left.', 'Once more.']));
  });

  it('gives an uneven side its own amount', () => {
    const m = move('a', { ways: each() });
    const uneven = { side: 'right' as const, amount: 30, reason: 'the right is tighter' };
    const { totals } = compile(brk([step('a', { uneven })]), [m]);
    expect(totals).toMatchObject({ leftMs: 20_000, rightMs: 30_000 });
    expect(imbalance(totals)).toBeCloseTo(1 / 3);
  });

  it('leaves one repetition off one side when the count is odd', () => {
    const m = move('a', { ways: alternate });
    const uneven = { side: 'right' as const, amount: 2, reason: '' };
    const { parts } = compile(brk([step('a', { dose: reps(3, 4), uneven })]), [m]);
    const sides = parts.filter((p) => p.kind === 'work').map((p) => `${p.side}${p.firstRep}`);
    expect(sides).toEqual(['left1', 'right1', 'left2', 'right2', 'left3']);
  });

  it('leaves a link out on the second side when the link says so', () => {
    const moves = ['a', 'b'].map((id) => move(id, { ways: each() }));
    const links = [step('a'), step('b', { sides: 'left' as const })];
    const chain: Item = { type: 'chain', id: 'c', nesting: 'side by side', sides: 'both', links };
    const work = compile(brk([chain]), moves).parts.filter((p) => p.kind === 'work');
    expect(work.map((p) => `${p.stepId} ${p.side}`)).toEqual(['a left', 'b left', 'a right']);
  });

  it('fetches a thing once while it stays in hand', () => {
    const strap = (id: string) => move(id, { things: ['strap'], cues: cues(10) });
    const { parts } = compile(brk([step('a'), step('b'), step('c')]), [strap('a'), strap('b'), move('c')]);
    expect(parts.filter((p) => p.kind === 'fetch').map((p) => [p.stepId, p.lengthMs])).toEqual([['a', 5000]]);
  });

  it('charges the floor both ways', () => {
    const floor = move('f', { position: 'floor', things: ['mat'] });
    const { parts } = compile(brk([step('f'), step('s')]), [floor, move('s', { position: 'standing' })]);
    expect(parts.filter((p) => p.kind === 'position').map((p) => p.lengthMs)).toEqual([15_000, 15_000]);
  });

  it('leads the breath in holds and breath repetitions only', () => {
    const { parts } = compile(
      brk([
        step('a', { dose: hold(20) }),
        step('b', { dose: reps(5, 2) }),
        step('c', { dose: reps(3, 'breath') }),
      ]),
      ['a', 'b', 'c'].map((id) => move(id)),
    );
    const guided = parts.filter((p) => p.kind === 'work' && p.breath).map((p) => p.stepId);
    expect(guided).toEqual(['a', 'c']);
    expect(parts.find(isWork)?.breath).toEqual({ cycleMs: 10_000, inMs: 4000 });
  });

  it('refuses a chain link without sides and a move it does not know', () => {
    const chain: Item = {
      type: 'chain',
      id: 'c',
      nesting: 'side by side',
      sides: 'both',
      links: [step('a'), step('gone')],
    };
    const resolved = resolveBreak(brk([chain]), lookupIn([move('a')]));
    expect(resolved).toEqual({
      ok: false,
      failures: [{ code: 'unknownMove', stepId: 'gone', moveId: 'gone' }],
    });
  });

  it('an empty break takes no time', () => {
    expect(compile(brk([]), [])).toEqual({
      parts: [],
      totals: { totalMs: 0, leftMs: 0, rightMs: 0, bothMs: 0 },
    });
  });
});
