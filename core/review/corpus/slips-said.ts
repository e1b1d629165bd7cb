import { end, neck, type Slip, start, wrists } from './slip';

/** Slips in what is promised, asked for and found in people while one leads; and in the place that is said. Common practice, no source. */
export const SAID_SLIPS: readonly Slip[] = [
  [
    'takes headaches away',
    neck(['ear-to-shoulder', { dose: 20, words: '{Side} ear sinks; it takes headaches away.' }]),
    ['wordsClaim'],
  ],
  [
    'breaks up adhesions and toxins',
    neck(['ear-to-shoulder', { dose: 20, words: '{Side} ear sinks. This flushes out toxins.' }]),
    ['wordsClaim'],
  ],
  [
    'finds a disc',
    neck(['ear-to-shoulder', { dose: 20, words: 'If it pulls here you have a herniated disc.' }]),
    ['wordsIll'],
  ],
  [
    'finds a nerve',
    wrists(
      ['fingers-up', { dose: 20, words: 'Draw the fingers back. That is probably a trapped nerve.' }],
      ['fingers-down', { dose: 20 }],
    ),
    ['wordsIll'],
  ],
  [
    'wants a tingle',
    wrists(
      ['fingers-up', { dose: 20, words: 'Draw back until the fingers tingle.' }],
      ['fingers-down', { dose: 20 }],
    ),
    ['wordsHarsh'],
  ],
  [
    'turns until it cracks',
    neck(['look-over-shoulder', { words: 'Turn until the neck cracks.' }]),
    ['wordsHarsh'],
  ],
  [
    'forces it round',
    [
      ...start,
      'turn-arms-out',
      ['seated-turn', { dose: 20, words: 'Hold the chair and force it round a little more.' }],
      ...end,
    ],
    ['wordsHarsh'],
  ],
  [
    'says stand, sits',
    neck(['shoulder-rolls', { words: 'Stand up and roll the shoulders {direction}.' }]),
    ['wordsPlace'],
  ],
  [
    'says sit, stands',
    [
      ...start,
      ['pause-note', { words: 'Now we stand up; whoever would rather sit stays.' }],
      ['standing-knee-bend', { words: 'Sit at the front and bend the knees a little.' }],
      ['arms-up-breath', { position: 'standing' }],
    ],
    ['wordsPlace'],
    { approach: { ending: 'last moves standing' } },
  ],
  [
    'closes the eyes standing',
    [
      ...start,
      ['pause-note', { words: 'Now we stand up; whoever would rather sit stays.' }],
      ['standing-knee-bend', { words: 'Close the eyes and bend the knees a little.' }],
      ['arms-up-breath', { position: 'standing' }],
    ],
    ['eyesStanding'],
    { approach: { ending: 'last moves standing' } },
  ],
  [
    'both at once, led one by one',
    wrists(
      ['fingers-up', { dose: 20, words: 'Both hands up at the same time, fingers drawn back.' }],
      ['fingers-down', { dose: 20 }],
    ),
    ['wordsBoth'],
  ],
];
