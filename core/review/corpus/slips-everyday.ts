import { end, neck, type Slip, start, wrists } from './slip';

/** Slips as they happen from day to day, beside those that are sorted by what they concern. Common practice, no source. */
export const EVERYDAY_SLIPS: readonly Slip[] = [
  [
    'a full circle of the head, small',
    neck(['full-neck-circle', { dose: 3 }], ['ear-to-shoulder', { dose: 20 }]),
    ['againstApproach', 'backwardCircle'],
  ],
  [
    'a ball laid ready for nothing',
    [['pause-note', { words: 'Have a small ball at hand.' }], ...neck(['ear-to-shoulder', { dose: 20 }])],
    ['thingUnused'],
  ],
  [
    'a mat announced, and nobody lies down',
    neck(['pause-note', { words: 'Later we lie on the mat.' }], ['ear-to-shoulder', { dose: 20 }]),
    ['toldInVain', 'thingUnused'],
  ],
  [
    'large arms before small shoulders',
    [
      ...start,
      ['large-arm-circles', { dose: 5 }],
      ['lift-and-drop', { dose: 4 }],
      ['arm-across', { dose: 20 }],
      ...end,
    ],
    ['largeFirst'],
  ],
  ['a cold thigh', neck(['leg-out-hinge', { dose: 30 }]), ['notMobilised']],
  [
    'two of one area and nothing let go',
    [
      ...start,
      'wrist-circles',
      ['fingers-up', { dose: 20 }],
      ['fingers-down', { dose: 20 }],
      'arms-up-breath',
    ],
    ['nothingReleased'],
  ],
  [
    'begins at once',
    [
      ['elbow-circles', { dose: 8 }],
      ['arm-across', { dose: 20 }],
      ['clasp-forward', { dose: 15 }],
      ['elbows-wide', { dose: 15 }],
      ...end,
    ],
    ['noSettle'],
  ],
  [
    'rolls one way',
    neck(['elbow-circles', { dose: 8, directions: 'first' }], ['arm-across', { dose: 20 }]),
    ['oneDirectionOnly'],
  ],
  [
    'a link left out on the right',
    [
      ...start,
      'chin-nod',
      {
        series: [
          ['ear-to-shoulder', { dose: 20 }],
          ['nose-to-armpit', { dose: 20, sides: 'left' }],
        ],
      },
      ...end,
    ],
    ['linkForgotten'],
  ],
  [
    'a rest after the left alone',
    [
      ...start,
      'chin-nod',
      ['ear-to-shoulder', { dose: 20, sides: 'left' }],
      ['pause-rest', { dose: 10 }],
      ['ear-to-shoulder', { dose: 20, sides: 'right' }],
      ['arm-across', { dose: 20 }],
      ...end,
    ],
    ['pauseOneSide'],
  ],
  [
    'the neck four times',
    [
      ...start,
      'chin-nod',
      ['ear-to-shoulder', { dose: 20 }],
      ['nose-to-armpit', { dose: 20 }],
      ['chin-up-and-over', { dose: 15 }],
      ['collarbone-anchor', { dose: 15 }],
      ...end,
    ],
    ['neckInRow', 'neckLong', 'noRelease'],
  ],
  ['forty nods', neck(['chin-nod', { dose: 40 }], ['ear-to-shoulder', { dose: 20 }]), ['repsMany']],
  [
    'a quick look back',
    neck(
      ['look-over-shoulder', { dose: { measure: 'reps', amount: 3, repSec: 1 } }],
      ['ear-to-shoulder', { dose: 20 }],
    ),
    ['headQuick'],
  ],
  [
    'the strap comes out of nowhere',
    [...start, 'shoulder-rolls', ['strap-behind-back', { dose: 20 }], ...end],
    ['thingLate'],
  ],
  [
    'up without a word',
    [
      ...start,
      'elbow-circles',
      ['arm-across', { dose: 20 }],
      ['chest-at-wall', { dose: 20 }],
      'shake-shoulders',
      'arms-up-breath',
    ],
    ['unannounced', 'thingLate'],
  ],
  [
    'closes, and goes on',
    [
      ...start,
      'shoulder-rolls',
      ['arm-across', { dose: 20 }],
      'arms-up-breath',
      'check-out',
      ['clasp-forward', { dose: 15 }],
      ['elbows-wide', { dose: 15 }],
      'shake-shoulders',
    ],
    ['closeEarly'],
  ],
  [
    'two minutes of silence with closed eyes',
    neck(['ear-to-shoulder', { dose: 20 }], ['quiet-rest-eyes-closed', { dose: 120 }]),
    ['silenceUntold'],
  ],
  [
    'a sigh on a call',
    [
      ['sigh-out', { dose: 3, rung: 'aloud' }],
      ['toes-up', { dose: 10 }],
    ],
    ['notDiscreet'],
    { onCall: true },
  ],
  ['the wrist bent one way', wrists(['fingers-up', { dose: 20 }]), ['wristOneWay']],
  [
    'seated, and told to stand',
    neck(['arm-across', { dose: 20, words: 'Stand and draw the {side} arm across.' }]),
    ['wordsPlace'],
  ],
  [
    'asked for the neck',
    wrists(['fingers-up', { dose: 15 }], ['fingers-down', { dose: 15 }]),
    ['targetMissed'],
    { targets: ['neck', 'forearm'] },
  ],
];
