import { library } from '@kotabi/core/library/all';
import { Move } from '@kotabi/core/model';
import { describe, expect, it } from 'vitest';
import { blankMove, blankRung, placeholderProblems } from './blank';
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

describe('a move with words that nobody has written yet', () => {
  it('is not kept: each of them is named', () => {
    expect(placeholderProblems(blankMove()).map((p) => p.path)).toEqual([
      'name',
      'purpose',
      'cues.say',
      'cues.check',
    ]);
    const written = { ...blankMove(), name: 'Arm out', purpose: 'Opens the arm.', rungs: [blankRung(1)] };
    const cues = { ...written.cues, say: 'Reach the {side} arm out.', check: 'Shoulder low.' };
    expect(placeholderProblems({ ...written, cues }).map((p) => p.path)).toEqual(['rungs.0.how']);
    expect(placeholderProblems({ ...written, cues, rungs: [] })).toEqual([]);
    for (const move of library) expect([move.id, placeholderProblems(move)]).toEqual([move.id, []]);
  });
});
