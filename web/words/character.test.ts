import type { Character } from '@kotabi/core/suggest';
import { describe, expect, it } from 'vitest';
import { characterWords } from './character';

const one = (more: Partial<Character>): Character => ({
  first: 'neck',
  heldMs: 60_000,
  movedMs: 60_000,
  endsStanding: false,
  moves: ['Nod'],
  ...more,
});

describe('what a suggestion is like, in a sentence', () => {
  it('is told beside the others', () => {
    const held = one({ heldMs: 120_000 });
    const moved = one({ first: 'forearm', heldMs: 20_000, endsStanding: true });
    const all = [held, one({}), moved];
    expect(all.map((c) => characterWords(c, all))).toEqual([
      'Neck first, more held, less moved.',
      'Neck first.',
      'Forearm first, more movement, less held, standing at the end.',
    ]);
  });

  it('names what it spends most on and the others do not have', () => {
    const all = [one({ moves: ['Nod', 'Lean', 'Turn'] }), one({ moves: ['Nod', 'Turn'] })];
    expect(all.map((c) => characterWords(c, all))).toEqual(['Neck first, above all “Lean”.', 'Neck first.']);
  });

  it('makes nothing of a small difference, and says nothing where there is nothing', () => {
    const all = [one({}), one({ heldMs: 66_000 })];
    expect(all.map((c) => characterWords(c, all))).toEqual(['Neck first.', 'Neck first.']);
    expect(characterWords(one({ first: null }), [one({ first: null })])).toBe('');
  });
});
