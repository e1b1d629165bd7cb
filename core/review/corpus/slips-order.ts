import { end, neck, type Slip, start } from './slip';

/** Slips in what comes after what: cold, strong first, no frame, to and fro. Common practice, no source. */
export const ORDER_SLIPS: readonly Slip[] = [
  [
    'hamstrings held cold',
    [...start, 'chin-nod', ['leg-out-hinge', { dose: 20 }], 'knees-side-to-side', 'arms-up-breath'],
    ['notMobilised'],
  ],
  [
    'forearms held cold',
    [
      ...start,
      'chin-nod',
      ['fingers-up', { dose: 20 }],
      ['fingers-down', { dose: 20 }],
      'shake-hands-out',
      'arms-up-breath',
    ],
    ['notMobilised'],
  ],
  [
    'strong rung first',
    neck(
      ['ear-to-shoulder', { dose: 15, rung: 'sitting on the hand' }],
      ['ear-to-shoulder', { dose: 15, rung: 'gravity' }],
    ),
    ['strongFirst'],
  ],
  [
    'large before small',
    [...start, 'chin-half-circle', 'chin-nod', ['ear-to-shoulder', { dose: 20 }], ...end],
    ['largeFirst'],
  ],
  [
    'the same muscle twice running',
    neck(['ear-to-shoulder', { dose: 20 }], ['ear-to-shoulder', { dose: 20 }]),
    ['noRelease'],
  ],
  [
    'chest opened, never rounded',
    [...start, 'shoulder-rolls', 'sweep-out-and-home', ['elbows-wide', { dose: 20 }], ...end],
    ['chestWithoutRound'],
  ],
  [
    'rounded, chest never opened',
    [...start, 'shoulder-rolls', 'vertebra-by-vertebra', ['clasp-forward', { dose: 20 }], ...end],
    ['roundWithoutChest'],
  ],
  [
    'sit, stand, sit, stand',
    [
      ...start,
      'hip-hinge-reps',
      ['step-behind-chair', { dose: 20 }],
      'turn-arms-out',
      ['chest-at-wall', { dose: 20 }],
      'shake-shoulders',
      'arms-up-breath',
    ],
    ['toAndFro'],
    { approach: { ending: 'last moves standing' } },
  ],
  [
    'back, edge, back, edge',
    [
      ['sit-tall', { position: 'back' }],
      ['round-and-lift', { position: 'edge' }],
      ['chin-nod', { position: 'back' }],
      'turn-arms-out',
      ['ear-to-shoulder', { dose: 20, position: 'back' }],
      ['side-reach', { dose: 15 }],
      ...end,
    ],
    ['toAndFro'],
  ],
  [
    'nothing to settle with',
    ['slow-breaths', 'chin-nod', ['ear-to-shoulder', { dose: 20 }], ...end],
    ['noSettle'],
  ],
  [
    'no breath',
    ['sit-tall', 'chin-nod', ['ear-to-shoulder', { dose: 20 }], 'shake-shoulders', 'check-out'],
    ['noBreath'],
  ],
  [
    'nothing let go',
    [
      ...start,
      'chin-nod',
      'elbows-together-apart',
      'round-and-lift',
      ['ear-to-shoulder', { dose: 20 }],
      ['elbows-wide', { dose: 20 }],
      ['clasp-forward', { dose: 20 }],
      'check-out',
    ],
    ['nothingReleased'],
  ],
  [
    'stops in the middle',
    [...start, 'chin-nod', 'shake-shoulders', ['ear-to-shoulder', { dose: 20 }]],
    ['noClose', 'nothingReleased'],
  ],
  [
    'the close in the middle',
    [...start, 'chin-nod', 'check-out', ['ear-to-shoulder', { dose: 20 }], ...end],
    ['closeEarly'],
  ],
  [
    'order against the approach',
    [
      ...start,
      'wrist-circles',
      'chin-nod',
      ['fingers-up', { dose: 15 }],
      ['fingers-down', { dose: 15 }],
      ['ear-to-shoulder', { dose: 20 }],
      'shake-shoulders',
      'arms-up-breath',
    ],
    ['againstApproach'],
  ],
];
