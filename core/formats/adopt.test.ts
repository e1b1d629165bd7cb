import { describe, expect, it } from 'vitest';
import { stepsOf } from '../model';
import { brk, each, lookupIn, move, step } from '../testing/build';
import { adoptBreakFile, type BreakFile } from '.';

const mine = move('lean', { name: 'Lean', ways: each() });
const links = [step('lean', { id: 'l1' }), step('lean', { id: 'l2' })];
const file = (...moves: BreakFile['moves']): BreakFile => ({
  format: 'kotabi-break',
  version: 1,
  break: brk([
    step('lean', { id: 's1' }),
    { type: 'chain', id: 'c', nesting: 'side by side', sides: 'both', links },
  ]),
  moves,
});
const ids = () => {
  let n = 0;
  return () => `new-${++n}`;
};

describe('making a break file one’s own', () => {
  it('gives the break a new id and leaves moves that are the same alone', () => {
    const { brk: adopted, newMoves } = adoptBreakFile(file(mine), lookupIn([mine]), ids());
    expect(adopted.id).toBe('new-1');
    expect(newMoves).toEqual([]);
    expect(stepsOf(adopted).map((s) => s.moveId)).toEqual(['lean', 'lean', 'lean']);
  });

  it('brings along moves that are not here, under their own id', () => {
    expect(adoptBreakFile(file(mine), lookupIn([]), ids()).newMoves).toEqual([mine]);
  });

  it('brings a move that reads differently along under a new id, in links of chains as well', () => {
    const theirs = { ...mine, name: 'Lean further' };
    const { brk: adopted, newMoves } = adoptBreakFile(file(theirs), lookupIn([mine]), ids());
    expect(newMoves).toEqual([{ ...theirs, id: 'new-1' }]);
    expect(stepsOf(adopted).map((s) => s.moveId)).toEqual(['new-1', 'new-1', 'new-1']);
    expect(adopted.id).toBe('new-2');
  });
});
