import { describe, expect, it } from 'vitest';
import { cueContext } from '../approach';
import { cuesOf, resolveCue } from '../cues';
import { library, pauses } from '../library/all';
import { type Base, defaultApproach, type Move, type Position, rungsIn, variantOf } from '../model';
import { demandsOf, motionOf } from '../needs';

// Where a move is done changes what is said and what is drawn: every move on every rung in every position it can be in.
const positionsOf = (move: Move): Position[] => [...new Set([move.position, ...move.alsoIn])];
const all = [...library, ...pauses];

/** What cannot be said of a body in a position: it speaks of somewhere else. */
const ELSEWHERE: Record<Position, RegExp> = {
  back: /\b(stand(ing)? (tall|up)|front edge|both feet stay)\b/i,
  edge: /\b(stand(ing)? (tall|up)|sit back|against the (chair|backrest))\b/i,
  'wide edge': /\b(stand(ing)? (tall|up)|sit back|against the (chair|backrest)|hip-width)\b/i,
  standing: /\b(sit|sitting|seat|seated|lap|sitting bones|backrest)\b/i,
  floor: /\b(sit tall|seat|chair|stand)\b/i,
  'floor seat': /\b(seat|chair|backrest|desk|feet|heels|stand)\b/i,
};
const BASES: Record<Position, readonly Base[]> = {
  back: ['back'],
  edge: ['edge', 'off the seat'],
  'wide edge': ['edge'],
  standing: ['stand'],
  floor: ['lying on the back', 'lying along a roll', 'lying on the left side', 'lying on the right side'],
  'floor seat': ['cross-legged'],
};
/** Moves that speak of another place than their own: off the seat, and back. */
const RISING = ['hover', 'hover-and-turn'];

describe.each(all.map((move) => [move.name, move] as const))('%s', (_, move) => {
  const variants = positionsOf(move).flatMap((position) => {
    const here = rungsIn(move, position);
    return (here.length > 0 ? here.map((r) => r.name) : [undefined]).map((rung) => [position, rung] as const);
  });

  it('can be done on some rung wherever it can be done at all', () => {
    for (const position of positionsOf(move))
      if (move.rungs.length > 0)
        expect([position, rungsIn(move, position).length > 0]).toEqual([position, true]);
  });

  it('speaks of no other place than where it is done', () => {
    for (const [position, rung] of variants) {
      if (RISING.includes(move.id) || (position === 'standing' && move.position === 'standing')) continue;
      for (const [role, cue] of Object.entries(cuesOf(variantOf(move, rung, position)))) {
        if (!cue) continue;
        const said = resolveCue(
          cue,
          cueContext(move, defaultApproach, { side: 'left', direction: 'x', position }),
        );
        expect([position, rung, role, said]).not.toEqual([
          position,
          rung,
          role,
          expect.stringMatching(ELSEWHERE[position]),
        ]);
      }
    }
  });

  it('is drawn, and judged, where it is done', () => {
    for (const [position, rung] of variants) {
      const bases = motionOf(variantOf(move, rung, position))?.poses.map((p) => p.base) ?? [];
      for (const base of bases)
        expect([position, rung, BASES[position].includes(base)]).toEqual([position, rung, true]);
      const asked = demandsOf(variantOf(move, rung, position));
      if (position === 'standing') expect(asked).toContain('standing');
      if (position.startsWith('floor')) expect(asked).toContain('on the floor');
      if (position === 'back') expect(asked).not.toContain('edge of the seat');
    }
  });
});
