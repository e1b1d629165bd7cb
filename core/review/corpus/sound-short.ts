import type { Sound } from './build';

/** Short sound breaks, each for one thing: the eyes, after typing, the legs under a desk. Common practice, no source. */
export const SHORT: readonly Sound[] = [
  ['for the eyes alone', ['look-far', ['shut-eyes-and-let-go', { dose: 3 }], 'palms-over-eyes']],
  [
    'turned, then tilted',
    [
      'sit-tall',
      'slow-breaths',
      'lift-and-drop',
      ['look-over-shoulder', { dose: 4 }],
      'ear-side-to-side',
      'side-reach-reps',
      'toes-up',
      'wrist-circles',
      'shake-hands-out',
      'arms-up-breath',
    ],
  ],
  [
    'standing throughout',
    [
      ['pause-note', { words: 'We stand for this one. Whoever prefers to sit does it on the chair.' }],
      ['slow-breaths', { position: 'standing' }],
      ['shoulder-rolls', { position: 'standing' }],
      ['standing-knee-bend', { dose: 6 }],
      ['step-behind-chair', { dose: 20 }],
      ['shake-hands-out', { position: 'standing' }],
      ['arms-up-breath', { position: 'standing' }],
    ],
    { approach: { ending: 'last moves standing' } },
  ],
  [
    'arrived in own words',
    [
      ['pause-note', { words: 'Sit tall at the front, feet flat under the knees.' }],
      'slow-breaths',
      'chin-nod',
      [
        'ear-to-shoulder',
        { dose: 20, words: 'Close the eyes if you like. {Side} ear sinks to the {side} shoulder.' },
      ],
      'shake-shoulders',
      'arms-up-breath',
    ],
  ],
  [
    'low back and hips',
    [
      'sit-tall',
      'belly-breaths',
      'round-and-lift',
      'hip-hinge-reps',
      ['seated-turn', { dose: 20 }],
      'knees-side-to-side',
      ['leg-out-hinge', { dose: 20 }],
      ['ankle-on-knee', { dose: 25 }],
      'shake-legs-out',
      'arms-up-breath',
    ],
    { targets: ['low back', 'hip'] },
  ],
  [
    'words that take care',
    [
      'sit-tall',
      'slow-breaths',
      'wrist-circles',
      [
        'fingers-up',
        {
          dose: 20,
          words:
            'Draw the fingers back a little. If you have carpal tunnel trouble, only lay the hand in. Stop if it tingles.',
        },
      ],
      ['fingers-down', { dose: 20 }],
      'shake-hands-out',
      'arms-up-breath',
    ],
  ],
];
