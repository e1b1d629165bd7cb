import { describe, expect, it } from 'vitest';
import { cuesOf } from '../../../cues';
import { library } from '../../../library/all';
import { variantOf } from '../../../model';
import { CLAIM } from './claims';
import { BOUNCES, HARSH_WORDS } from './harsh';
import { saidIn } from './said-in';

describe('promises and force in words', () => {
  it('are in no words of the library, on any rung, anywhere', () => {
    for (const move of library)
      for (const position of [move.position, ...move.alsoIn])
        for (const { name } of move.rungs)
          for (const cue of Object.values(cuesOf(variantOf(move, name, position))))
            expect([move.id, name, saidIn(cue ?? '', CLAIM), saidIn(cue ?? '', HARSH_WORDS)]).toEqual([
              move.id,
              name,
              null,
              null,
            ]);
  });

  it.each([
    ['Push through the pain.', 'push through the pain'],
    ['Pull it hard.', 'pull it hard'],
    ['Now hold your breath.', 'hold your breath'],
    ['Go until it hurts.', 'until it hurts'],
    ['As far as you can!', 'as far as you can'],
    ['Lock your elbows.', 'lock your elbows'],
    ['Let the head drop back.', 'let the head drop back'],
    ['Not so fast. Hold your breath now.', 'hold your breath'],
  ])('hears force in “%s”', (text, said) => {
    expect(saidIn(text, HARSH_WORDS)).toBe(said);
  });

  it.each([
    'Never push through the pain.',
    'Don’t hold your breath.',
    'Stop before it hurts.',
    'As far as you can without strain.',
    'As far as you can comfortably.',
    'Rather than pulling hard, let it hang.',
    'Knees soft, never locked.',
    'No need to push hard.',
  ])('hears none in “%s”', (text) => {
    expect(saidIn(text, HARSH_WORDS)).toBeNull();
  });

  it('hears bouncing, where it is not forbidden', () => {
    expect(saidIn('Bounce a little.', BOUNCES)).toBe('bounce');
    expect(saidIn('Do not bounce. Without bouncing, let it hang.', BOUNCES)).toBeNull();
  });

  it('hears a promise, and not that there is none', () => {
    expect(saidIn('This heals the nerve.', CLAIM)).toBe('heals');
    expect(saidIn('This cures nothing, and it does not heal a thing.', CLAIM)).toBeNull();
  });
});
