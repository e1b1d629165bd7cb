import { describe, expect, it } from 'vitest';
import { cuesOf } from '../../../cues';
import { stepOf } from '../../../library';
import { library, moveLookup } from '../../../library/all';
import { Break, rungsIn, variantOf } from '../../../model';
import { reviewed } from '../..';
import { CLAIM } from './claims';
import { BOUNCES, HARSH_WORDS } from './harsh';
import { illIn } from './ills';
import { elsewhereIn } from './place';
import { saidIn } from './said-in';

describe('promises and force in words', () => {
  it('are in no words of the library, on any rung, anywhere', () => {
    for (const move of library)
      for (const position of [move.position, ...move.alsoIn])
        for (const { name } of rungsIn(move, position))
          for (const [line, cue] of Object.entries(cuesOf(variantOf(move, name, position))))
            expect({
              at: [move.id, name, position],
              said: [
                saidIn(cue ?? '', CLAIM),
                saidIn(cue ?? '', HARSH_WORDS),
                illIn(cue ?? ''),
                // The way back may end elsewhere: a walk on the chair, lying down with getting up.
                line === 'back' ? null : elsewhereIn(cue ?? '', position),
              ],
            }).toEqual({ at: [move.id, name, position], said: [null, null, null, null] });
  });

  it('a step of the library by itself says nothing that its own review objects to', () => {
    for (const move of library)
      for (const position of [move.position, ...move.alsoIn])
        for (const { name } of rungsIn(move, position)) {
          const step = { ...stepOf(move, 'a'), rung: name, position };
          const made = reviewed(Break.parse({ id: 'b', name: 'b', slotSec: 3600, items: [step] }), {
            library,
            lookup: moveLookup(),
          });
          const codes = made.ok ? made.findings.map((f) => f.code) : ['cannot be timed'];
          const own = codes.filter((c) => /^(words|breathWords|cueTooLong|eyesStanding|cannot)/.test(c));
          expect([move.id, name, position, own]).toEqual([move.id, name, position, []]);
        }
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
    ['Force it round a little more.', 'force it'],
    ['Yank yourself round with the arm.', 'yank yourself'],
    ['Turn until the neck cracks.', 'until the neck cracks'],
    ['You want to feel a tingle in the fingers.', 'want to feel a tingle'],
    ['Stay until the hand goes numb.', 'until the hand goes numb'],
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
    'Never force it.',
    'Stop if it tingles.',
    'You do not want any tingling here.',
    'A tingle is a sign to ease off.',
  ])('hears none in “%s”', (text) => {
    expect(saidIn(text, HARSH_WORDS)).toBeNull();
  });

  it('hears bouncing, where it is not forbidden', () => {
    expect(saidIn('Bounce a little.', BOUNCES)).toBe('bounce');
    expect(saidIn('Do not bounce. Without bouncing, let it hang.', BOUNCES)).toBeNull();
  });

  it('hears a promise, and not that there is none', () => {
    expect(saidIn('This heals the nerve.', CLAIM)).toBe('heals');
    expect(saidIn('It takes headaches away.', CLAIM)).toBe('takes headaches away');
    expect(saidIn('Your neck pain will disappear.', CLAIM)).toBe('pain will disappear');
    expect(saidIn('This cures nothing, and it does not heal a thing.', CLAIM)).toBeNull();
  });
});

describe('a diagnosis in words', () => {
  it.each([
    ['If it pulls here you have a herniated disc.', 'you have a herniated disc'],
    ['That is probably a trapped nerve.', 'that is probably a trapped nerve'],
    ['A sign of weak core.', 'sign of weak core'],
    ['You may have arthritis.', 'you may have arthritis'],
  ])('is heard in “%s”', (text, said) => {
    expect(illIn(text)).toBe(said);
  });

  it.each([
    'If you have arthritis, keep it small.',
    'When you have carpal tunnel trouble, leave it out.',
    'Whoever has a frozen shoulder keeps the arm low.',
    'It is a small movement.',
    'Do you have an injury? Then leave it out.',
  ])('is not heard in “%s”', (text) => {
    expect(illIn(text)).toBeNull();
  });
});

describe('another place in words', () => {
  it.each([
    ['Stand up and roll the shoulders.', 'back', 'stand up'],
    ['Standing tall, roll the shoulders.', 'edge', 'standing'],
    ['Sit down at the front. Bend the knees.', 'standing', 'sit down'],
    ['Lie down on the back.', 'edge', 'lie down'],
    ['Get up for this one.', 'floor', 'get up'],
  ] as const)('is heard in “%s”', (text, at, said) => {
    expect(elsewhereIn(text, at)?.said).toBe(said);
  });

  it.each([
    ['Seated or standing, roll the shoulders.', 'back'],
    ['If you would rather stand, stand.', 'edge'],
    ['Then stand up slowly.', 'edge'],
    ['Do not stand up yet.', 'edge'],
    ['Sit tall.', 'back'],
    ['The seated version: hold the desk.', 'standing'],
    ['Stand tall.', 'standing'],
    ['Sink as if you would sit down.', 'standing'],
  ] as const)('is not heard in “%s”', (text, at) => {
    expect(elsewhereIn(text, at)).toBeNull();
  });
});
