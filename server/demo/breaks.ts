import { makeForm } from '@kotabi/core/forms';
import { stepOf } from '@kotabi/core/library';
import { library, moveLookup } from '@kotabi/core/library/all';
import { Break, defaultApproach, type Step } from '@kotabi/core/model';
import { breakFrom, type Start, starts } from '@kotabi/core/starts';

const step = (id: string, moveId: string, more: Partial<Step> = {}): Step => {
  const move = library.find((m) => m.id === moveId);
  if (!move) throw new Error(`The demo uses a move that is not in the library: ${moveId}`);
  return { ...stepOf(move, id), ...more };
};
const seconds = (amount: number) => ({ dose: { measure: 'seconds', amount } as const });
const reps = (amount: number, repSec: number | 'breath') => ({
  dose: { measure: 'reps', amount, repSec } as const,
});

const start = (id: string): Start => {
  const found = starts.find((s) => s.id === id);
  if (!found) throw new Error(`The demo uses a starting point that is not there: ${id}`);
  return found;
};
/** Ids that are the same every time the demo is loaded. */
const numbered = (letter: string) => {
  let n = 0;
  return { lookup: moveLookup(), approach: defaultApproach, newId: () => `${letter}${++n}` };
};

/** The breaks of the demo: some that are ready, one that still needs work, one that has to be fitted. */
export const demoBreaks: Break[] = [
  {
    id: 'late-morning',
    name: 'Late-morning neck and wrists',
    groupId: 'timetable-desk',
    slotSec: 420,
    items: [
      step('s1', 'sit-tall'),
      step('s2', 'slow-breaths'),
      step('s3', 'shoulder-rolls'),
      step('s4', 'chin-half-circle'),
      {
        type: 'chain',
        id: 'c1',
        nesting: 'side by side',
        sides: 'both',
        links: [step('s5', 'ear-to-shoulder'), step('s6', 'nose-to-armpit')],
      },
      step('s7', 'wrist-circles'),
      step('s8', 'fingers-up'),
      step('s9', 'fingers-down'),
      step('s10', 'shake-hands-out'),
      step('s11', 'arms-up-breath'),
    ],
  },
  {
    id: 'between-meetings',
    name: 'Two minutes between meetings',
    groupId: null,
    slotSec: 120,
    items: [
      step('s1', 'sit-tall'),
      step('s2', 'lift-and-drop'),
      step('s3', 'look-over-shoulder', reps(2, 4)),
      step('s4', 'arms-up-breath'),
    ],
  },
  {
    id: 'afternoon-back',
    name: 'Afternoon: back and sides',
    groupId: 'claims',
    slotSec: 300,
    firstSide: 'right',
    items: [
      step('s1', 'check-in'),
      step('s2', 'round-and-lift'),
      step('s3', 'turn-arms-out'),
      step('s4', 'side-reach', { ...seconds(20), sides: 'left' }),
      step('s5', 'elbows-wide'),
      step('s6', 'quiet-rest'),
    ],
  },
  {
    id: 'full-pass',
    name: 'Full pass before lunch',
    groupId: 'timetable-desk',
    slotSec: 480,
    targets: ['neck', 'shoulder', 'upper back', 'forearm'],
    items: [
      step('s1', 'sit-tall', { keep: true }),
      step('s2', 'slow-breaths', { dose: { measure: 'breaths', amount: 2 } }),
      step('s3', 'chin-nod'),
      step('s4', 'shoulder-rolls'),
      step('s5', 'round-and-lift', { position: 'back', ...reps(5, 'breath') }),
      step('s6', 'wrist-circles'),
      step('s7', 'ear-to-shoulder', seconds(30)),
      step('s8', 'arm-across', seconds(30)),
      step('s9', 'clasp-forward', seconds(30)),
      step('s10', 'fingers-up', seconds(30)),
      step('s11', 'shake-hands-out', { priority: 1 }),
      step('s12', 'arms-up-breath', { keep: true }),
    ],
  },
  {
    id: 'headset-off',
    name: 'Headset off: the neck',
    groupId: 'call-desk',
    slotSec: 300,
    targets: ['neck'],
    items: [
      step('s1', 'sit-tall', seconds(5)),
      step('s2', 'sigh-out', reps(1, 'breath')),
      step('s3', 'chin-nod'),
      step('s4', 'shoulder-rolls', reps(5, 4)),
      step('s5', 'ear-to-shoulder', seconds(30)),
      step('s6', 'nose-to-armpit', seconds(30)),
      step('s7', 'shake-shoulders'),
      step('s8', 'arms-up-breath'),
    ],
  },
  { ...breakFrom(start('calm-down'), numbered('q')), id: 'after-a-hard-call', groupId: 'call-desk' },
  ...['neck-and-shoulders', 'wrists-and-hands', 'call-half-minute'].map((id) => ({
    ...breakFrom(start(id), numbered(`${id}-`)),
    id,
  })),
].map((b) => Break.parse(b));

/** The same pass for a short gap, linked to it. */
const fullPass = demoBreaks.find((b) => b.id === 'full-pass') as Break;
demoBreaks.push({
  ...makeForm(fullPass, 'short', { ...numbered('f'), moves: library, audience: null }),
  id: 'full-pass-short',
});
