import { end, neck, type Slip, start } from './slip';

/** Slips against the people who come, and against a neck. Common practice, no source. */
export const CARE_SLIPS: readonly Slip[] = [
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
    'somebody sits by for half a minute and more',
    [...start, 'shoulder-rolls', ['strap-behind-back', {}], ['arm-across', { dose: 30 }], ...end],
    ['leftIdle', 'excluded', 'thingLate'],
    {},
    { limits: ['recent surgery'] },
  ],
];
