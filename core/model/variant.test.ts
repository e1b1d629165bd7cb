import { describe, expect, it } from 'vitest';
import { cuesOf } from '../cues';
import { library } from '../library/all';
import { demandsOf } from '../needs';
import { Thing, thingsOf, usualVariant, variantOf } from '.';

describe('a variant', () => {
  const move = library.find((m) => m.rungs.length > 1 && m.alsoIn.includes('standing')) ?? expect.fail();

  it('is one thing for the same three, and another for any other', () => {
    const [low, high] = [move.rungs[0]?.name, move.rungs.at(-1)?.name];
    expect(variantOf(move, low, move.position)).toBe(variantOf(move, low, move.position));
    expect(variantOf(move, undefined, move.position)).toBe(usualVariant(move));
    // A name that is not on the ladder is the usual rung, so that nothing is kept for it twice.
    expect(variantOf(move, 'no such rung', move.position)).toBe(usualVariant(move));
    expect(variantOf(move, high, move.position)).not.toBe(variantOf(move, low, move.position));
    expect(variantOf(move, low, 'standing')).not.toBe(variantOf(move, low, move.position));
    expect(variantOf({ ...move }, low, move.position)).not.toBe(variantOf(move, low, move.position));
  });

  it('says and asks something else where it is done somewhere else', () => {
    const standing = library.filter((m) => m.alsoIn.includes('standing'));
    expect(standing.length).toBeGreaterThan(10);
    for (const one of standing) {
      expect(demandsOf(variantOf(one, undefined, 'standing')).has('standing'), one.id).toBe(true);
      expect(cuesOf(variantOf(one, undefined, 'standing')).say, one.id).not.toMatch(/\b(seat|sit)\b/i);
    }
  });

  it('needs what the move and the rung need, each thing once', () => {
    for (const one of library)
      for (const { name, things } of one.rungs) {
        const all = thingsOf(usualVariant(one, name));
        expect(new Set(all)).toEqual(new Set([...one.things, ...things]));
        expect(all).toHaveLength(new Set(all).size);
      }
    expect(library.flatMap((m) => thingsOf(usualVariant(m)))).toEqual(
      expect.arrayContaining([Thing.enum.strap, Thing.enum.wall]),
    );
  });
});
