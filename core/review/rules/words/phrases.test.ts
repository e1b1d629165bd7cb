import { describe, expect, it } from 'vitest';
import { library, moveLookup } from '../../../library/all';
import { defaultApproach, type Step } from '../../../model';
import { reviewed } from '../..';
import { breakOf, type Line } from '../../corpus/build';
import type { FindingCode } from '../../finding';

const breaths = (amount: number) => ({ measure: 'breaths', amount }) as const;
type Phrase = readonly [moveId: string, dose: number | Step['dose'] | null, words: string];

/** The codes of the findings about what is said, in a break that is sound but for these words. */
const saidOf = ([moveId, dose, words]: Phrase): FindingCode[] => {
  const around = (...lines: Line[]): Line[] => [
    'sit-tall',
    ['slow-breaths', { dose: 3 }],
    'shoulder-rolls',
    'wrist-circles',
    'round-and-lift',
    'chin-nod',
    ...lines,
    'shake-shoulders',
    'arms-up-breath',
  ];
  const made = reviewed(
    breakOf('said', around([moveId, { words, ...(dose !== null && { dose }) }])),
    { library, lookup: moveLookup() },
    defaultApproach,
  );
  return made.ok
    ? made.findings.map((f) => f.code).filter((code) => /^words|^cueTooLong|^breathWords/.test(code))
    : expect.fail(words);
};

const note = (words: string): Phrase => ['pause-note', null, words];
const ear = (words: string): Phrase => ['ear-to-shoulder', 20, `{Side} ear down${words}`];

// What people say while they lead, from memory. Common practice, no source.
const WRONG: readonly (readonly [FindingCode, readonly Phrase[]])[] = [
  [
    'wordsClaim',
    [
      ear('. It gets rid of tension headaches for good.'),
      note('Twisting cleans the liver.'),
      ['seated-turn', 15, 'Turn {side}; it massages the organs and aids digestion.'],
      note('This will heal your shoulder.'),
      note('These stretches prevent RSI.'),
      note('It realigns the spine.'),
      note('This boosts your immune system.'),
      note('It gets rid of knots and toxins.'),
      note('This lowers your blood pressure.'),
      note('Guaranteed to fix back pain.'),
      note('It releases emotions and treats anxiety.'),
      note('This glides the nerve free and repairs it.'),
      note('No more headaches after this.'),
      note('It undoes years of damage and reverses ageing.'),
      note('Good for your thyroid.'),
    ],
  ],
  [
    'wordsHarsh',
    [
      ear('. Keep going even if it hurts.'),
      ear(', as far as you possibly can, force it.'),
      ear('; it should hurt a little.'),
      ear('; push into the burn.'),
      ['fingers-up', 15, '{Side} fingers back until it burns.'],
      ear(' and jerk it a bit.'),
      ['chin-nod', 4, 'Snap the chin down.'],
      ear('; ignore the tingling.'),
      ['seated-turn', 15, 'Crank round to the {side}.'],
      ['ear-to-shoulder', 20, 'Let the head drop all the way back.'],
      ['slow-breaths', 3, 'Breathe in and hold your breath.'],
    ],
  ],
  [
    'wordsIll',
    [
      note('If your wrist hurts you have carpal tunnel.'),
      note('That clicking is arthritis.'),
      note('If it tingles, that is a pinched nerve.'),
      note('Your left side is tighter because your spine is crooked.'),
      note('You must have a bulging disc.'),
    ],
  ],
  [
    'wordsDose',
    [
      ear(', hold for 30.'),
      ear(' for half a minute.'),
      ear(' for a count of ten.'),
      ear(' and stay for 15 seconds.'),
      ear(', one minute.'),
      ['shoulder-rolls', 5, 'Ten rolls {direction}.'],
      ['shoulder-rolls', 5, 'Roll {direction}, eight of them.'],
      ['shoulder-rolls', 5, 'Roll {direction} 8x.'],
      ['chin-nod', 4, 'Nod twice.'],
      ['slow-breaths', 3, 'Take five deep breaths.'],
      ['ear-to-shoulder', breaths(3), '{Side} ear down for five slow breaths.'],
    ],
  ],
  [
    'wordsSide',
    [
      ['arm-across', 20, 'Right arm across the chest.'],
      ['seated-turn', 15, 'Turn to the right and hold the chair back.'],
    ],
  ],
  [
    'wordsPart',
    [
      ['arm-across', 20, '{Side} leg across the chest.'],
      ['fingers-up', 15, 'Draw your {side} toes back.'],
      ['ear-to-shoulder', 20, '{Side} hip sinks.'],
    ],
  ],
  [
    'wordsPlace',
    [
      ['clasp-forward', 20, 'Stand up tall and round the upper back.'],
      ['shoulder-rolls', 5, 'Lie on your back and roll the shoulders {direction}.'],
    ],
  ],
  ['breathWords', [['round-and-lift', 4, 'Breathe out to lift, breathe in to round.']]],
];
const RIGHT: readonly Phrase[] = [
  ear(', {side} shoulder soft. Never to pain.'),
  ear(' for twenty seconds.'),
  ear('. If it hurts, ease off.'),
  ear('. Do not force it, do not bounce.'),
  ear('; hold for twenty.'),
  ear('; stop if it hurts, tingles or burns.'),
  ear('; wait for two breaths.'),
  ear('. One more breath. And come up.'),
  ['ear-to-shoulder', 20, 'Ear to the {side}; the opposite shoulder stays heavy.'],
  note('Injured or unsure? Ask your doctor or physiotherapist first.'),
  note('We leave out what hurts. Tingling means stop.'),
  note('Two minutes, then back to work. One thing at a time.'),
  note('In ten minutes you have a meeting; we will be done by then.'),
  note('It eases stiffness and gives the eyes a rest.'),
  note('If you had surgery, sit this one out.'),
  note('Nobody has to be flexible; go to where it is comfortable.'),
  note('It is normal that one side is tighter.'),
  note('Stand up if you like, otherwise stay seated.'),
  note('A minute of quiet now; I will tell you when it is over.'),
  note('Avoid any pain; stay where it is free of pain.'),
  note('Pick one of these, whichever suits you.'),
  note('If you have arthritis, go gently. If your back is sore, stay upright.'),
  note('Do not push through pain. Do not ignore tingling.'),
  note('Your back is long, your neck is free.'),
  note('This is not a treatment; ask a doctor.'),
  note('It will not cure anything; it feels good.'),
  note('If you feel dizzy, stop and sit back.'),
  ['shoulder-rolls', 5, 'Roll {direction}, five times, as if drawing circles on the wall.'],
  ['shoulder-rolls', 5, 'Five slow ones {direction}.'],
  ['shoulder-rolls', 5, 'Five of these {direction}.'],
  ['seated-turn', 15, 'Grow tall, then turn {side} from the ribs. Both feet stay on the floor.'],
  ['arm-across', 20, '{Side} arm across; the other hand holds it above the elbow.'],
  ['fingers-up', 15, '{Side} arm forward, fingers up; the other hand draws them back.'],
  ['hip-hinge-reps', 6, 'Rock six times, hands on the thighs.'],
  ['ankle-on-knee', 20, '{Side} ankle on the other knee. Lean forward a little.'],
  ['slow-breaths', 3, 'Three breaths, in through the nose, out through the nose.'],
  ['round-and-lift', 4, 'Breathe in and lift the breastbone, breathe out and round.'],
  ['wrist-circles', 5, 'Five circles {direction}, hands loose.'],
  ['look-over-shoulder', 3, 'Look back over the {side} shoulder, three times each side.'],
  ['knee-straighten', 6, 'Straighten the knee, but do not lock it.'],
];

describe('what people say while they lead', () => {
  for (const [code, phrases] of WRONG)
    it.each(phrases)(`${code}: %s %o %s`, (...phrase) => {
      expect(saidOf(phrase)).toContain(code);
    });

  it.each(RIGHT)('nothing about %s %o %s', (...phrase) => {
    expect(saidOf(phrase)).toEqual([]);
  });
});
