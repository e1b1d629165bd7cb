import { end, neck, type Slip, start } from './slip';

/** Slips in what is said: numbers, sides, parts, promises, and too many words. Common practice, no source. */
export const WORD_SLIPS: readonly Slip[] = [
  [
    'says five, does eight',
    [
      ...start,
      ['shoulder-rolls', { dose: 8, words: 'Roll the shoulders {direction}, five times.' }],
      ['arm-across', { dose: 20 }],
      ...end,
    ],
    ['wordsDose'],
  ],
  [
    'says 20 seconds, does 13',
    neck(['ear-to-shoulder', { dose: 13, words: '{Side} ear sinks for 20 seconds.' }]),
    ['wordsDose'],
  ],
  [
    'says three breaths, does five',
    neck([
      'ear-to-shoulder',
      { dose: { measure: 'breaths', amount: 5 }, words: '{Side} ear sinks for three breaths.' },
    ]),
    ['wordsDose'],
  ],
  [
    'says right, leads left',
    neck(['ear-to-shoulder', { dose: 20, words: 'Let your right ear sink toward your right shoulder.' }]),
    ['wordsSide'],
  ],
  [
    'an ear to the shoulder it cannot reach',
    neck(['ear-to-shoulder', { dose: 20, words: 'Left ear toward your right shoulder, and breathe.' }]),
    ['wordsSide'],
  ],
  [
    'speaks of another part',
    neck(['ear-to-shoulder', { dose: 20, words: 'Circle both ankles, large and slow.' }]),
    ['wordsPart'],
  ],
  [
    'promises healing',
    neck(['ear-to-shoulder', { dose: 20, words: '{Side} ear sinks: this heals the nerve.' }]),
    ['wordsClaim'],
  ],
  [
    'promises a detox in a note',
    [['pause-note', { words: 'Now we detox the shoulders.' }], ...neck(['ear-to-shoulder', { dose: 20 }])],
    ['wordsClaim'],
  ],
  [
    'a set-up of half a minute',
    neck([
      'ear-to-shoulder',
      {
        dose: 20,
        words: `{Side} ear sinks. ${'and then a little more and softly and slowly and kindly '.repeat(5)}`,
      },
    ]),
    ['cueTooLong'],
  ],
  [
    'more words than work',
    neck(['ear-to-shoulder', { dose: { measure: 'seconds', amount: 3 } }]),
    ['cueTooLong', 'holdTooShort'],
  ],
  [
    'says a minute, holds 20 seconds',
    neck(['ear-to-shoulder', { dose: 20, words: '{Side} ear sinks. We stay here for a whole minute.' }]),
    ['wordsDose'],
  ],
  [
    'says ten squeezes, does five',
    neck(['blade-squeeze', { dose: 5, words: 'Ten squeezes: draw the blades together and let go.' }]),
    ['wordsDose'],
  ],
  [
    'promises to relieve sciatica',
    [['pause-note', { words: 'This one relieves sciatica.' }], ...neck(['ear-to-shoulder', { dose: 20 }])],
    ['wordsClaim'],
  ],
  [
    'promises that it never comes',
    [
      ['pause-note', { words: 'Do this daily and you will never get carpal tunnel.' }],
      ...neck(['ear-to-shoulder', { dose: 20 }]),
    ],
    ['wordsClaim'],
  ],
  [
    'promises something of the organs',
    neck(['ear-to-shoulder', { dose: 20, words: '{Side} ear sinks. It improves your digestion, too.' }]),
    ['wordsClaim'],
  ],
  [
    'says half a minute, holds 20 seconds',
    neck(['ear-to-shoulder', { dose: 20, words: '{Side} ear sinks. Hold for half a minute.' }]),
    ['wordsDose'],
  ],
  [
    'says two breaths, does four',
    neck([
      'ear-to-shoulder',
      { dose: { measure: 'breaths', amount: 4 }, words: '{Side} ear sinks; a couple of breaths.' },
    ]),
    ['wordsDose'],
  ],
  [
    'says 4x, does eight',
    neck(['shoulder-rolls', { dose: 8, words: 'Rolls {direction}, 4x.' }]),
    ['wordsDose'],
  ],
  [
    'says a dozen, does eight',
    neck(['shoulder-rolls', { dose: 8, words: 'A dozen rolls {direction}.' }]),
    ['wordsDose'],
  ],
  [
    'says 30s, holds 20',
    neck(['ear-to-shoulder', { dose: 20, words: '{Side} ear down, 30s.' }]),
    ['wordsDose'],
  ],
  [
    'says 30 to 40 secs, holds 20',
    neck(['ear-to-shoulder', { dose: 20, words: '{Side} ear down, 30 to 40 secs.' }]),
    ['wordsDose'],
  ],
  [
    'says five each side, does three',
    neck(['look-over-shoulder', { dose: 3, words: 'Look back, five on each side.' }]),
    ['wordsDose'],
  ],
  [
    'pushes through pain',
    neck(['ear-to-shoulder', { dose: 20, words: '{Side} ear down. Push through the pain.' }]),
    ['wordsHarsh'],
  ],
  [
    'pulls the head',
    neck(['ear-to-shoulder', { dose: 20, words: 'Pull the head hard to the {side}.' }]),
    ['wordsHarsh'],
  ],
  [
    'asks to hold the breath',
    neck(['ear-to-shoulder', { dose: 20, words: '{Side} ear down, hold your breath and count.' }]),
    ['wordsHarsh'],
  ],
  [
    'asks to bounce',
    neck(['ear-to-shoulder', { dose: 20, words: '{Side} ear down and bounce a little.' }]),
    ['wordsHarsh'],
  ],
  [
    'asks to lock the knees',
    [
      ...start,
      'hip-hinge-reps',
      ['leg-out-hinge', { dose: 20, words: '{Side} leg out; lock the knee and lean.' }],
      'knees-side-to-side',
      'arms-up-breath',
    ],
    ['wordsHarsh'],
  ],
  [
    'the left ankle on the left knee',
    [
      ...start,
      'hip-hinge-reps',
      ['ankle-on-knee', { dose: 20, words: 'Left ankle on the left knee.' }],
      'knees-side-to-side',
      'arms-up-breath',
    ],
    ['wordsSide'],
  ],
];
