import { end, neck, type Slip, start, wrists } from './slip';

/** Slips of sides and directions: what is owed to the other one. Common practice, no source. */
export const SIDE_SLIPS: readonly Slip[] = [
  ['right side forgotten', neck(['ear-to-shoulder', { dose: 20, sides: 'left' }]), ['oneSideOnly']],
  [
    'left side forgotten at the wrists',
    wrists(['fingers-up', { dose: 15, sides: 'right' }], ['fingers-down', { dose: 15 }]),
    ['oneSideOnly'],
  ],
  [
    'a link forgotten on one side',
    neck({
      series: [
        ['ear-to-shoulder', { dose: 15 }],
        ['nose-to-armpit', { dose: 15, sides: 'left' }],
      ],
    }),
    ['linkForgotten'],
  ],
  [
    'second side shorter',
    neck(['ear-to-shoulder', { dose: 20, sides: 'left' }], ['ear-to-shoulder', { dose: 12, sides: 'right' }]),
    ['unequalSides'],
  ],
  [
    'uneven without a reason',
    neck(['ear-to-shoulder', { dose: 20, uneven: { side: 'right', amount: 12, reason: '' } }]),
    ['unequalSides'],
  ],
  [
    'circles one way only',
    [
      ...start,
      ['wrist-circles', { dose: 8, directions: 'first' }],
      ['fingers-up', { dose: 15 }],
      ['fingers-down', { dose: 15 }],
      'shake-hands-out',
      'arms-up-breath',
    ],
    ['oneDirectionOnly'],
  ],
  [
    'fewer circles the other way',
    [
      ...start,
      ['wrist-circles', { dose: 8, directions: 'first' }],
      ['wrist-circles', { dose: 4, directions: 'second' }],
      ['fingers-up', { dose: 15 }],
      ['fingers-down', { dose: 15 }],
      'shake-hands-out',
      'arms-up-breath',
    ],
    ['unequalDirections'],
  ],
  [
    'fingers up for 14 s, down for 8',
    [
      ...start,
      'wrist-circles',
      ['arms-wide-fingers', { dose: 14, directions: 'first' }],
      ['arms-wide-fingers', { dose: 8, directions: 'second' }],
      'shake-hands-out',
      'arms-up-breath',
    ],
    ['unequalDirections'],
  ],
  [
    'one direction missing in a series',
    neck({
      series: [
        ['ankle-circles', { dose: 8, directions: 'first' }],
        ['ear-to-shoulder', { dose: 15 }],
      ],
    }),
    ['oneDirectionOnly'],
  ],
  [
    'one clasp only',
    [
      ...start,
      'elbows-together-apart',
      'round-and-lift',
      ['clasp-behind', { dose: 12, sides: 'left' }],
      ...end,
    ],
    ['oneSideOnly'],
  ],
  [
    'one arm on top only',
    [
      ...start,
      'shoulder-rolls',
      'elbows-together-apart',
      ['hug-and-lift-elbows', { dose: 15, sides: 'right' }],
      ...end,
    ],
    ['oneSideOnly'],
  ],
  [
    'wrists bent up only',
    [...start, 'wrist-circles', ['fingers-up', { dose: 15 }], 'shake-hands-out', 'arms-up-breath'],
    ['wristOneWay'],
  ],
  [
    'a rest after the left side only',
    [
      ...start,
      'chin-nod',
      'shoulder-rolls',
      ['ear-to-shoulder', { dose: 20, sides: 'left' }],
      'pause-rest',
      ['ear-to-shoulder', { dose: 20, sides: 'right' }],
      ['arm-across', { dose: 20 }],
      ...end,
    ],
    ['pauseOneSide'],
  ],
];
