import type { Character } from '@kotabi/core/suggest';
import { describe, expect, it } from 'vitest';
import { characterWords } from './character';

const one = (more: Partial<Character>): Character => ({
  first: 'neck',
  heldMs: 60_000,
  movedMs: 60_000,
  holds: 3,
  shares: [
    { area: 'neck', share: 0.5 },
    { area: 'forearm', share: 0.5 },
  ],
  endsStanding: false,
  moves: ['Nod'],
  ...more,
});
const words = (...all: Character[]): string[] => all.map((c) => characterWords(c, all));

describe('what a suggestion is like, in a sentence', () => {
  it('is told beside the others', () => {
    const held = one({ heldMs: 120_000 });
    const moved = one({ first: 'forearm', heldMs: 20_000, endsStanding: true });
    expect(words(held, one({}), moved)).toEqual([
      'Neck first, more held, less moved.',
      'Neck first.',
      'Forearm first, more movement, less held, standing at the end.',
    ]);
  });

  it('names two of its own moves, and not what all begin with', () => {
    const mine = one({ moves: ['Lean', 'Nod', 'Turn', 'Bow'] });
    expect(words(mine, one({ moves: ['Nod', 'Turn'] }))).toEqual(['With “Lean” and “Bow”.', '']);
    expect(words(mine)).toEqual(['Neck first.']);
  });

  it('tells fewer and longer holds from more and shorter ones', () => {
    expect(words(one({ holds: 2 }), one({ holds: 4 }))).toEqual([
      'Fewer and longer holds.',
      'More and shorter holds.',
    ]);
    // More holds that are as long are told by the share of holding, or not at all.
    expect(words(one({ holds: 2 }), one({ holds: 3, heldMs: 95_000, movedMs: 90_000 }))).toEqual(['', '']);
  });

  it('says which area it gives more to than the others do', () => {
    const forearm = one({
      shares: [
        { area: 'neck', share: 0.3 },
        { area: 'forearm', share: 0.7 },
      ],
    });
    expect(words(forearm, one({}))).toEqual(['More for the forearm.', 'More for the neck.']);
  });

  it('makes nothing of a small difference, and says nothing where there is nothing', () => {
    expect(words(one({}), one({ heldMs: 66_000 }))).toEqual(['', '']);
    expect(words(one({ first: null }))).toEqual(['']);
  });
});
