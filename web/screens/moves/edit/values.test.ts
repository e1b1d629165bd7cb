import { library } from '@kotabi/core/library/all';
import { Move } from '@kotabi/core/model';
import { describe, expect, it } from 'vitest';
import { fromValues, toValues } from './values';

describe('a move in the form', () => {
  it('comes out as it went in, for every move of the library', () => {
    for (const move of library) {
      const { figure, rungs, usualRung } = move;
      if (!figure) throw new Error(`${move.id} has no figure`);
      const out = fromValues(move, toValues(move), figure, { rungs, usualRung });
      expect(Move.parse(out), move.id).toEqual(move);
    }
  });

  it('keeps nothing of a side that is not asked for', () => {
    const move = library.find((m) => m.id === 'ear-to-shoulder') as Move;
    const values = { ...toValues(move), pattern: 'together' as const };
    const out = fromValues(move, values, move.figure as NonNullable<Move['figure']>, move) as Move;
    expect(out.ways).toEqual({ pattern: 'together' });
    expect(out.cues.again).toBeUndefined();
  });

  it('lets the schema say what is wrong', () => {
    const move = library.find((m) => m.id === 'ear-to-shoulder') as Move;
    const values = { ...toValues(move), least: 40, again: ' ' };
    const parsed = Move.safeParse(fromValues(move, values, move.figure as NonNullable<Move['figure']>, move));
    expect(parsed.success).toBe(false);
    expect(parsed.error?.issues.map((i) => i.path.join('.'))).toEqual(['cues.again', 'dose']);
  });
});
