import { end, neck, type Slip, start, wrists } from './slip';

/** Slips in how much: too long, too often, too quick, too much of one area. Common practice, no source. */
export const DOSE_SLIPS: readonly Slip[] = [
  [
    'over the slot',
    neck(['ear-to-shoulder', { dose: 30 }], ['nose-to-armpit', { dose: 30 }]),
    ['overSlot'],
    { slotSec: 120 },
  ],
  [
    'twenty times meanwhile, in a hold of 15 s',
    wrists(
      ['fingers-up', { dose: 15, meanwhile: { moveId: 'knee-straighten', times: 20, side: 'other' } }],
      ['fingers-down', { dose: 15 }],
    ),
    ['meanwhileLong'],
  ],
  ['half the slot empty', neck(['ear-to-shoulder', { dose: 20 }]), ['underSlot'], { slotSec: 420 }],
  ['held cold', [...start, ['ear-to-shoulder', { dose: 20 }], ...end], ['notMobilised']],
  [
    'neck held for minutes',
    neck({
      series: [
        ['ear-to-shoulder', { dose: 30 }],
        ['nose-to-armpit', { dose: 30 }],
        ['chin-up-and-over', { dose: 25 }],
      ],
    }),
    ['neckLong'],
  ],
  [
    'four holds of the neck in a row',
    neck(
      ['ear-to-shoulder', { dose: 20 }],
      ['nose-to-armpit', { dose: 20 }],
      ['chin-up-and-over', { dose: 20 }],
      ['hands-behind-head-chin-down', { dose: 20 }],
    ),
    ['neckInRow'],
  ],
  [
    'a minute and a half of rest in the middle',
    neck(['ear-to-shoulder', { dose: 20 }], ['pause-rest', { dose: 90 }], ['nose-to-armpit', { dose: 15 }]),
    ['restLong'],
    { slotSec: 420 },
  ],
  [
    'two minutes with closed eyes, and nobody says for how long',
    [
      ...start,
      'chin-nod',
      ['ear-to-shoulder', { dose: 20 }],
      'shoulder-rolls',
      ['quiet-rest-eyes-closed', { dose: 120 }],
    ],
    ['silenceUntold'],
    { slotSec: 420 },
  ],
  ['a minute of one neck hold', neck(['ear-to-shoulder', { dose: 60 }]), ['holdLongHere', 'neckLong']],
  [
    'a minute with an arm overhead',
    [
      ...start,
      'side-reach-reps',
      ['side-reach', { dose: 60, rung: 'long arm' }],
      'shake-shoulders',
      'arms-up-breath',
    ],
    ['holdLongHere'],
  ],
  [
    'head hangs for 45 s',
    [
      ...start,
      'hip-hinge-reps',
      ['fold-between-knees', { dose: 45, rung: 'hanging' }],
      'knees-side-to-side',
      'arms-up-breath',
    ],
    ['headDownLong'],
  ],
  [
    'head turned for a minute on each side',
    [
      ...start,
      'chin-nod',
      ['look-over-shoulder', { dose: { measure: 'seconds', amount: 60 }, oneByOne: true }],
      ...end,
    ],
    ['headTurnedLong'],
  ],
  [
    'nods of one second',
    [...start, ['chin-nod', { dose: { measure: 'reps', amount: 10, repSec: 1 } }], ...end],
    ['headQuick'],
  ],
  [
    'forty rolls',
    [...start, ['shoulder-rolls', { dose: 40 }], ['arm-across', { dose: 20 }], ...end],
    ['repsMany'],
  ],
  [
    'asked for, and missing',
    neck(['ear-to-shoulder', { dose: 20 }]),
    ['targetMissed'],
    { targets: ['neck', 'forearm'] },
  ],
  [
    'one area far beyond the other',
    [
      ...start,
      'chin-nod',
      'wrist-circles',
      ['ear-to-shoulder', { dose: 60 }],
      ['nose-to-armpit', { dose: 60 }],
      'shake-hands-out',
      'arms-up-breath',
    ],
    ['areaFarBeyond'],
    { targets: ['neck', 'forearm'] },
  ],
  [
    'three times to the neck',
    [
      ...start,
      'chin-nod',
      'wrist-circles',
      ['ear-to-shoulder', { dose: 20 }],
      ['fingers-up', { dose: 15 }],
      ['fingers-down', { dose: 15 }],
      ['nose-to-armpit', { dose: 20 }],
      ...end,
    ],
    ['thirdVisit'],
    { approach: { order: 'mixed' } },
  ],
];
