import { end, neck, type Slip, start } from './slip';

/** Slips against the room and what is announced in it, and in the breath. Common practice, no source. */
export const ROOM_SLIPS: readonly Slip[] = [
  [
    'a strap out of nowhere',
    [...start, 'shoulder-rolls', ['strap-overhead-behind', {}], ...end],
    ['thingLate'],
  ],
  [
    'a strap announced and never used',
    [
      ['pause-note', { words: 'Put a strap or scarf within reach before we start.' }],
      ...neck(['ear-to-shoulder', { dose: 20 }]),
    ],
    ['thingUnused'],
  ],
  [
    'standing without a word',
    [
      ...start,
      'hip-hinge-reps',
      ['step-behind-chair', { dose: 20 }],
      ['shake-hands-out', { position: 'standing' }],
      ['arms-up-breath', { position: 'standing' }],
    ],
    ['unannounced'],
    { approach: { ending: 'last moves standing' } },
  ],
  [
    'standing announced, and nobody ever stands',
    [['pause-note', { words: 'The last move is standing.' }], ...neck(['ear-to-shoulder', { dose: 20 }])],
    ['toldInVain'],
  ],
  [
    'the floor announced, and nobody goes there',
    [
      ['pause-note', { words: 'At the end we lie down on the floor.' }],
      ...neck(['ear-to-shoulder', { dose: 20 }]),
    ],
    ['toldInVain'],
  ],
  [
    'down to the floor without a word',
    [...start, 'round-and-lift', ['goalpost-to-floor', { dose: 20 }], ['quiet-rest', { position: 'floor' }]],
    ['unannounced'],
  ],
  [
    'castors without a word',
    [
      ...start,
      'hip-hinge-reps',
      ['edge-leg-long', { dose: 20, rung: 'leg long' }],
      'knees-side-to-side',
      'arms-up-breath',
    ],
    ['unannounced'],
    {},
    { room: ['castors'] },
  ],
  [
    'side bends in chairs with arms',
    [...start, 'turn-arms-out', ['side-reach', { dose: 15 }], 'shoulder-rolls', 'arms-up-breath'],
    ['roomUnfit'],
    {},
    { room: ['chair arms'] },
  ],
  [
    'heard on a call',
    [...start, 'sigh-out', ['ear-to-shoulder', { dose: 10 }], 'arms-up-breath'],
    ['notDiscreet'],
    { onCall: true },
  ],
  ['let go on a breath in', neck(['ear-to-shoulder', { dose: 23 }]), ['endsOnInhale']],
  [
    'in and out changed over',
    [
      ...start,
      [
        'round-and-lift',
        { words: 'Breathe out and lift the breastbone, breathe in and round the whole back.' },
      ],
      'shoulder-rolls',
      'arms-up-breath',
    ],
    ['breathWords'],
  ],
  [
    'to calm, but the breath out is short',
    ['check-in', ['slow-breaths', { dose: 6 }], 'lift-and-drop', 'quiet-rest'],
    ['exhaleNotLonger'],
    { calm: true, pace: { exhaleRatio: 1 } as never },
  ],
  [
    'slow breathing, quicker than at rest',
    neck(['ear-to-shoulder', { dose: 20 }]),
    ['breathQuick'],
    { pace: { breathsPerMinute: 20 } as never },
  ],
  ['held for 6 s', neck(['ear-to-shoulder', { dose: 6 }]), ['holdTooShort']],
  ['held for 90 s', neck(['ear-to-shoulder', { dose: 90 }]), ['holdTooLong']],
];
