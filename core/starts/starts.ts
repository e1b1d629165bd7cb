import { stepOf } from '../library';
import {
  type Approach,
  Break,
  type Dose,
  defaultApproach,
  type Item,
  type MoveLookup,
  type Step,
} from '../model';
import { STANDING_WORDS } from '../review/rules/room/announced';

/** A break to begin with: what it is called, when it is for, and what is in it. */
export interface Start {
  id: string;
  name: string;
  /** When one would take it, in a sentence. */
  when: string;
  slotSec: number;
  more: Partial<Pick<Break, 'calm' | 'onCall' | 'targets'>> & { exhaleRatio?: number };
  items: readonly Entry[];
}

/** A move with what differs from how it is proposed; several in a list of their own are one series. */
type Entry = string | readonly [moveId: string, more: More] | { chain: readonly Entry[] };
type More = Partial<Omit<Step, 'dose'>> & { dose?: number };

/** Our starting points. Common practice, no source; holds lie inside the published 10 to 30 s. */
export const starts: readonly Start[] = [
  {
    id: 'call-half-minute',
    name: 'Half a minute on a call',
    when: 'While somebody else is talking. Nobody hears it, nobody sees it.',
    slotSec: 30,
    more: { onCall: true },
    items: [['toes-up', { dose: 10 }]],
  },
  {
    id: 'single-stretch',
    name: 'One single stretch',
    when: 'When there is time for exactly one thing.',
    slotSec: 40,
    more: {},
    items: [['nose-to-armpit', { dose: 10 }]],
  },
  {
    id: 'between-meetings',
    name: 'Two minutes between meetings',
    when: 'Between two calls: the neck moves, the shoulders drop, one breath.',
    slotSec: 120,
    more: {},
    items: [
      ['sit-tall', { dose: 5 }],
      ['lift-and-drop', { dose: 3 }],
      ['look-over-shoulder', { dose: 3 }],
      'arms-up-breath',
    ],
  },
  {
    id: 'neck-and-shoulders',
    name: 'Five minutes for neck and shoulders',
    when: 'After an hour at the screen.',
    slotSec: 300,
    more: { targets: ['neck', 'shoulder'] },
    items: [
      ['sit-tall', { dose: 5 }],
      ['chin-nod', { dose: 4 }],
      ['shoulder-rolls', { dose: 5 }],
      { chain: ['ear-to-shoulder', 'nose-to-armpit'] },
      'arm-across',
      'shake-shoulders',
      'arms-up-breath',
    ],
  },
  {
    id: 'wrists-and-hands',
    name: 'Wrists and hands after typing',
    when: 'After a long stretch of typing or with the mouse.',
    slotSec: 240,
    more: { targets: ['forearm', 'hand'] },
    items: [
      ['sit-tall', { dose: 5 }],
      ['spread-and-squeeze', { dose: 8 }],
      'wrist-circles',
      ['fist-and-open', { dose: 8 }],
      'fingers-up',
      'fingers-down',
      ['shake-hands-out', { dose: 5 }],
      'arms-up-breath',
    ],
  },
  {
    id: 'head-down',
    name: 'Ten minutes from the head down',
    when: 'A full pass, once a day.',
    slotSec: 600,
    more: { targets: ['neck', 'shoulder', 'upper back', 'forearm', 'side'] },
    items: [
      ['sit-tall', { position: 'edge' }],
      ['slow-breaths', { position: 'edge', dose: 2 }],
      ['chin-nod', { position: 'edge' }],
      ['shoulder-rolls', { position: 'edge', dose: 6 }],
      ['round-and-lift', { dose: 3 }],
      ['turn-arms-out', { dose: 3 }],
      ['wrist-circles', { position: 'edge' }],
      ['ear-to-shoulder', { position: 'edge' }],
      ['nose-to-armpit', { position: 'edge' }],
      ['elbows-wide', {}],
      ['clasp-forward', { position: 'edge' }],
      ['side-reach', {}],
      ['fingers-up', { position: 'edge', dose: 10 }],
      ['fingers-down', { position: 'edge', dose: 10 }],
      ['shake-hands-out', { position: 'edge' }],
      ['arms-up-breath', { position: 'edge' }],
    ],
  },
  {
    id: 'calm-down',
    name: 'Calm after a hard meeting',
    when: 'When the pulse is still up. Long breaths out, slow and little.',
    slotSec: 300,
    more: { calm: true, exhaleRatio: 2 },
    items: [
      ['check-in', { dose: 10 }],
      ['long-exhale', { dose: 6 }],
      ['lift-and-drop', { dose: 3 }],
      ['chin-down-rock', { dose: 4 }],
      ['ear-to-shoulder', { dose: 20 }],
      ['shake-shoulders', { dose: 5 }],
      ['quiet-rest', { dose: 40 }],
    ],
  },
  {
    id: 'class-standing-end',
    name: 'Fifteen-minute class with a standing end',
    when: 'Once a week, for everyone who likes. The last moves are standing.',
    slotSec: 900,
    more: { targets: ['neck', 'chest', 'upper back', 'low back', 'hip'] },
    items: [
      ['pause-note', { words: STANDING_WORDS }],
      ['sit-tall', { position: 'edge' }],
      ['slow-breaths', { position: 'edge', dose: 3 }],
      ['chin-nod', { position: 'edge' }],
      ['look-over-shoulder', { position: 'edge' }],
      ['shoulder-rolls', { position: 'edge' }],
      ['round-and-lift', {}],
      ['turn-arms-out', {}],
      ['hip-hinge-reps', {}],
      ['wrist-circles', { position: 'edge' }],
      ['ear-to-shoulder', { position: 'edge' }],
      ['nose-to-armpit', { position: 'edge' }],
      ['elbows-wide', {}],
      ['clasp-forward', { position: 'edge' }],
      ['side-reach', {}],
      ['seated-turn', {}],
      ['fingers-up', { position: 'edge', dose: 10 }],
      ['fingers-down', { position: 'edge', dose: 10 }],
      ['ankle-on-knee', {}],
      ['step-behind-chair', { dose: 20 }],
      ['shake-hands-out', { position: 'standing' }],
      ['arms-up-breath', { position: 'standing' }],
    ],
  },
];

const stepFrom = (entry: string | readonly [string, More], lookup: MoveLookup, newId: () => string): Step => {
  const [moveId, more] = typeof entry === 'string' ? [entry, {} as More] : entry;
  const move = lookup(moveId);
  if (!move) throw new Error(`a starting point uses a move that is not in the library: ${moveId}`);
  // Starting points say what they mean: they do not change with the approach.
  const step = stepOf(move, newId(), defaultApproach);
  const { dose, ...rest } = more;
  return { ...step, ...rest, ...(dose !== undefined && { dose: { ...step.dose, amount: dose } as Dose }) };
};

/** A new break from a starting point, under new ids. */
export const breakFrom = (
  start: Start,
  { lookup, newId, approach }: { lookup: MoveLookup; newId: () => string; approach: Approach },
): Break => {
  const { exhaleRatio, ...more } = start.more;
  const items = start.items.map((entry): Item => {
    if (typeof entry === 'object' && 'chain' in entry)
      return {
        type: 'chain',
        id: newId(),
        nesting: 'side by side',
        sides: 'both',
        links: entry.chain.map((link) => stepFrom(link as string, lookup, newId)),
      };
    return stepFrom(entry, lookup, newId);
  });
  const stands = start.items.some((e) => Array.isArray(e) && lookup(e[0] as string)?.position === 'standing');
  return Break.parse({
    id: newId(),
    name: start.name,
    slotSec: start.slotSec,
    items,
    ...more,
    ...(exhaleRatio !== undefined && { pace: { exhaleRatio } }),
    ...(stands && approach.ending === 'all seated' && { approach: { ending: 'last moves standing' } }),
  });
};
