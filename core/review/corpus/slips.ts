import { Person, Thing } from '../../model';
import type { Audience } from '..';
import { end, neck, type Slip, start, type With, wrists } from './slip';
import { SIDE_SLIPS } from './slips-sides';
import { WORD_SLIPS } from './slips-words';

/** The people and the room of a slip: one person for each limit, every thing at hand. */
export const audienceOf = ({ limits = [], room = [] }: With): Audience => ({
  people: limits.map((limit, i) =>
    Person.parse({ id: `p${i}`, groupId: 'g', name: `P${i}`, consent: true, limits: [{ limit }] }),
  ),
  room: { limits: [...room], things: Thing.options },
});

/** Breaks with one slip each, and what a careful colleague would remark on. Written from the trade: common practice, no source. */
export const SLIPS: readonly Slip[] = [
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
  ...SIDE_SLIPS,
  ['held cold', [...start, ['ear-to-shoulder', { dose: 20 }], ...end], ['notMobilised']],
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
    'full circles',
    [...start, 'chin-nod', ['full-neck-circle', { rung: 'wide' }], 'shake-shoulders', 'arms-up-breath'],
    ['backwardCircle'],
  ],
  [
    'up and turned at once',
    neck(['chin-up-and-over', { dose: 15 }]),
    ['extensionWithTurn', 'lookingUpFar', 'againstApproach'],
    { approach: { lookingUp: 'never past neutral' } },
  ],
  [
    'chin far up',
    [...start, 'chin-nod', ['chin-glide-lift', { rung: 'far lift' }], ...end],
    ['lookingUpFar'],
  ],
  [
    'a hand on the head against the approach',
    neck(['ear-to-shoulder', { dose: 20, rung: 'hand’s weight' }]),
    ['againstApproach'],
    { approach: { handOnHead: 'gravity only' } },
  ],
  [
    'a low head for somebody dizzy',
    [
      ...start,
      'hip-hinge-reps',
      ['fold-between-knees', { dose: 15, rung: 'hanging' }],
      'knees-side-to-side',
      'arms-up-breath',
    ],
    ['headLow'],
    {},
    { limits: ['dizziness'] },
  ],
  [
    'a fold for a new hip',
    [
      ...start,
      'hip-hinge-reps',
      ['fold-between-knees', { dose: 15 }],
      'knees-side-to-side',
      'arms-up-breath',
    ],
    ['excluded'],
    {},
    { limits: ['hip replacement'] },
  ],
  [
    'standing for who cannot',
    [
      ...start,
      'hip-hinge-reps',
      ['step-behind-chair', { dose: 20 }],
      ['arms-up-breath', { position: 'standing' }],
    ],
    ['excluded'],
    { approach: { ending: 'last moves standing' } },
    { limits: ['cannot stand'] },
  ],
  [
    'crossed knee for a sore one',
    [...start, 'hip-hinge-reps', ['ankle-on-knee', { dose: 20 }], 'knees-side-to-side', 'arms-up-breath'],
    ['excluded'],
    {},
    { limits: ['knee'] },
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
      'round-and-lift',
      'chin-nod',
      'turn-arms-out',
      ['ear-to-shoulder', { dose: 20 }],
      ['side-reach', { dose: 15 }],
      ...end,
    ],
    ['toAndFro'],
  ],
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
  ...WORD_SLIPS,
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
  [
    'somebody sits by for half a minute and more',
    [...start, 'shoulder-rolls', ['strap-behind-back', {}], ['arm-across', { dose: 30 }], ...end],
    ['leftIdle', 'excluded', 'thingLate'],
    {},
    { limits: ['recent surgery'] },
  ],
];
