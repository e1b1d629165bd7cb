import type { Sound } from './build';

/** Sound breaks that are taught in a way of their own: things, standing ends, own words, orders. Common practice, no source. */
export const TAUGHT: readonly Sound[] = [
  [
    'a strap, announced',
    [
      [
        'pause-note',
        { words: 'Later we need a strap, towel or scarf. Put it within reach before we start.' },
      ],
      'sit-tall',
      'slow-breaths',
      'shoulder-rolls',
      ['strap-overhead-behind', { position: 'edge' }],
      'shake-shoulders',
      'arms-up-breath',
    ],
  ],
  [
    'a strap by another name, announced',
    [
      ['pause-note', { words: 'Please have a scarf or a belt within reach; we use it later.' }],
      'sit-tall',
      'slow-breaths',
      'shoulder-rolls',
      ['strap-overhead-behind', { position: 'edge' }],
      'shake-shoulders',
      'arms-up-breath',
    ],
  ],
  [
    'a standing end, announced',
    [
      [
        'pause-note',
        {
          words:
            'We begin sitting; the last moves are standing. Whoever would rather stay seated does them on the chair.',
        },
      ],
      ['sit-tall', { position: 'edge' }],
      ['slow-breaths', { position: 'edge' }],
      'hip-hinge-reps',
      ['chin-nod', { position: 'edge' }],
      'turn-arms-out',
      ['step-behind-chair', { dose: 20 }],
      ['shake-hands-out', { position: 'standing' }],
      ['arms-up-breath', { position: 'standing' }],
    ],
    { approach: { ending: 'last moves standing' } },
  ],
  [
    'own words that fit',
    [
      'sit-tall',
      'slow-breaths',
      ['chin-nod', { dose: 5, words: 'Nod the head slowly, five times, as if saying a small yes.' }],
      [
        'ear-to-shoulder',
        { dose: 20, words: '{Side} ear to the {side} shoulder for 20 seconds, soft shoulders.' },
      ],
      'shake-shoulders',
      'arms-up-breath',
    ],
  ],
  [
    'holds of breaths, said in breaths',
    [
      'sit-tall',
      ['slow-breaths', { dose: 3, words: 'Three slow breaths through the nose.' }],
      'shoulder-rolls',
      ['arm-across', { dose: { measure: 'breaths', amount: 3 } }],
      'shake-shoulders',
      'arms-up-breath',
    ],
  ],
  [
    'mixed order, taught so',
    [
      'sit-tall',
      'slow-breaths',
      'wrist-circles',
      'fingers-up',
      'fingers-down',
      'chin-nod',
      ['ear-to-shoulder', { dose: 20 }],
      'shake-shoulders',
      'arms-up-breath',
    ],
    { approach: { order: 'mixed' } },
  ],
  [
    'chest first, taught so',
    [
      'sit-tall',
      'slow-breaths',
      'elbows-together-apart',
      'chin-nod',
      ['elbows-wide', { dose: 20 }],
      ['clasp-forward', { dose: 20 }],
      ['ear-to-shoulder', { dose: 20 }],
      'shake-shoulders',
      'arms-up-breath',
    ],
    { approach: { order: 'chest first' } },
  ],
  [
    'two areas, fairly shared',
    [
      'sit-tall',
      'slow-breaths',
      'chin-nod',
      'wrist-circles',
      ['ear-to-shoulder', { dose: 20 }],
      ['fingers-up', { dose: 15 }],
      ['fingers-down', { dose: 15 }],
      'shake-hands-out',
      'arms-up-breath',
    ],
    { targets: ['neck', 'forearm'] },
  ],
  [
    'massage warms',
    [
      'sit-tall',
      'slow-breaths',
      'grasp-shoulder-top',
      ['arm-across', { dose: 20 }],
      'shake-shoulders',
      'arms-up-breath',
    ],
  ],
  [
    'ranges and an open hold',
    [
      'sit-tall',
      'slow-breaths',
      'chin-nod',
      ['ear-to-shoulder', { dose: { measure: 'seconds', amount: 20, to: 30 } }],
      'shake-shoulders',
      ['quiet-rest', { dose: { measure: 'seconds', amount: 20, open: true } }],
    ],
  ],
  [
    'two minutes on a call',
    [['toes-up', { dose: 10 }], ['heel-raises', { dose: 10 }], ['chin-glide', { dose: 5 }], 'blade-squeeze'],
    { onCall: true },
  ],
];
