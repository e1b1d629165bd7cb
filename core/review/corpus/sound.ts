import type { Sound } from './build';
import { EVERYDAY } from './sound-everyday';
import { LONGER } from './sound-longer';
import { SHORT } from './sound-short';
import { TAUGHT } from './sound-taught';

/** Breaks that a careful instructor would lead as they stand. Written from the trade: common practice, no source. */
export const SOUND: readonly Sound[] = [
  ['half a minute for the feet on a call', [['toes-up', { dose: 10 }]], { slotSec: 30, onCall: true }],
  ['one neck stretch', [['ear-to-shoulder', { dose: 10 }]]],
  ['posture minute', ['posture-minute'], { slotSec: 75 }],
  ['two minutes, neck', ['sit-tall', 'chin-nod', ['look-over-shoulder', { dose: 3 }], 'arms-up-breath']],
  [
    'shoulders after a call',
    [
      'sit-tall',
      'slow-breaths',
      'shoulder-rolls',
      ['arm-across', { dose: 15 }],
      'shake-shoulders',
      'arms-up-breath',
    ],
  ],
  [
    'neck by breath',
    [
      'sit-tall',
      'slow-breaths',
      'chin-nod',
      ['ear-to-shoulder', { dose: { measure: 'breaths', amount: 3 } }],
      'lift-and-drop',
      'sigh-out',
    ],
  ],
  [
    'wrists after typing',
    [
      'sit-tall',
      'slow-breaths',
      'wrist-circles',
      'fingers-up',
      'fingers-down',
      'shake-hands-out',
      'arms-up-breath',
    ],
  ],
  [
    'wrists with a note',
    [
      ['pause-note', { words: 'This is for everyday tension. If something hurts, leave it out.' }],
      'sit-tall',
      'slow-breaths',
      'spread-and-squeeze',
      'fingers-up',
      'fingers-down',
      'shake-hands-out',
      'check-out',
    ],
  ],
  [
    'a calm break',
    [
      'check-in',
      ['long-exhale', { dose: 6 }],
      'lift-and-drop',
      'chin-down-rock',
      'ear-to-shoulder',
      'shake-shoulders',
      'quiet-rest',
    ],
    { calm: true, pace: { exhaleRatio: 2 } as never },
  ],
  [
    'a series for the neck',
    [
      'sit-tall',
      'slow-breaths',
      'chin-nod',
      {
        series: [
          ['ear-to-shoulder', { dose: 15 }],
          ['nose-to-armpit', { dose: 15 }],
        ],
      },
      'shake-shoulders',
      'arms-up-breath',
    ],
  ],
  [
    'the same series with a rest between the sides',
    [
      'sit-tall',
      'slow-breaths',
      'chin-nod',
      {
        series: [
          ['ear-to-shoulder', { dose: 15 }],
          ['nose-to-armpit', { dose: 15 }],
        ],
        more: {
          between: [
            { type: 'step', id: 'r1', moveId: 'pause-rest', dose: { measure: 'seconds', amount: 10 } },
          ],
        },
      },
      'shake-shoulders',
      'arms-up-breath',
    ],
  ],
  [
    'chest and upper back',
    [
      'sit-tall',
      'slow-breaths',
      'elbows-together-apart',
      'round-and-lift',
      'elbows-wide',
      'clasp-forward',
      'shoulder-rolls',
      'arms-up-breath',
    ],
  ],
  [
    'spine by breath',
    [
      'sit-tall',
      'slow-breaths',
      'round-and-lift',
      'turn-arms-out',
      ['side-reach', { dose: 15 }],
      ['seated-turn', { dose: 15 }],
      'knees-side-to-side',
      'arms-up-breath',
    ],
  ],
  [
    'hips on the edge',
    [
      'sit-tall',
      'slow-breaths',
      'hip-hinge-reps',
      ['leg-out-hinge', { dose: 20 }],
      'knees-side-to-side',
      'arms-up-breath',
    ],
  ],
  [
    'feet and legs',
    [
      'sit-tall',
      'slow-breaths',
      'ankle-circles',
      'heel-raises',
      'toes-up',
      'knee-straighten',
      'shake-legs-out',
      'arms-up-breath',
    ],
  ],
  [
    'face and scalp',
    ['sit-tall', 'slow-breaths', 'brow-temples-jaw', 'scalp-circles', 'look-far', 'quiet-rest'],
  ],
  ['eyes', ['sit-tall', 'look-far', 'palms-over-eyes', 'slow-breaths'], { slotSec: 130 }],
  [
    'ends with a shrug',
    [
      'sit-tall',
      'slow-breaths',
      'chin-nod',
      ['ear-to-shoulder', { dose: 20 }],
      ['nose-to-armpit', { dose: 20 }],
      'lift-and-drop',
    ],
  ],
  [
    'ends with a rest',
    [
      'sit-tall',
      'slow-breaths',
      'chin-nod',
      ['ear-to-shoulder', { dose: 20 }],
      ['nose-to-armpit', { dose: 20 }],
      ['pause-rest', { dose: 20 }],
    ],
  ],
  [
    'two passes with a pause',
    [
      'sit-tall',
      'slow-breaths',
      'chin-nod',
      ['ear-to-shoulder', { dose: 10, rung: 'gravity' }],
      ['ear-to-shoulder', { dose: 10, rung: 'hand’s weight' }],
      'pause-rest',
      ['ear-to-shoulder', { dose: 10, rung: 'gravity' }],
      ['ear-to-shoulder', { dose: 10, rung: 'hand’s weight' }],
      'shake-shoulders',
      'arms-up-breath',
    ],
  ],
  [
    'reset rolls between holds',
    [
      'sit-tall',
      'slow-breaths',
      'chin-nod',
      ['ear-to-shoulder', { dose: 20 }],
      ['shoulder-rolls', { dose: { measure: 'reps', amount: 2, repSec: 3 }, directions: 'first' }],
      ['nose-to-armpit', { dose: 20 }],
      ['shoulder-rolls', { dose: { measure: 'reps', amount: 2, repSec: 3 }, directions: 'first' }],
      'arms-up-breath',
    ],
  ],
  [
    'sides in steps of their own',
    [
      'sit-tall',
      'slow-breaths',
      'chin-nod',
      ['ear-to-shoulder', { dose: 20, sides: 'left' }],
      ['nose-to-armpit', { dose: 20, sides: 'left' }],
      ['ear-to-shoulder', { dose: 20, sides: 'right' }],
      ['nose-to-armpit', { dose: 20, sides: 'right' }],
      'shake-shoulders',
      'arms-up-breath',
    ],
  ],
  [
    'uneven on purpose',
    [
      'sit-tall',
      'slow-breaths',
      'chin-nod',
      ['ear-to-shoulder', { dose: 15, uneven: { side: 'left', amount: 25, reason: 'tighter today' } }],
      'shake-shoulders',
      'arms-up-breath',
    ],
  ],
  [
    'one side, meant',
    [
      'sit-tall',
      'slow-breaths',
      'chin-nod',
      ['ear-to-shoulder', { dose: 20, sides: 'left', meant: 'only the mouse side' }],
      'shake-shoulders',
      'arms-up-breath',
    ],
  ],
  ...TAUGHT,
  ...LONGER,
  ...SHORT,
  ...EVERYDAY,
];
