import { Break, type Step } from '@kotabi/core/model';
import { library, stepOf } from '@kotabi/core/moves';

const step = (id: string, moveId: string, more: Partial<Step> = {}): Step => {
  const move = library.find((m) => m.id === moveId);
  if (!move) throw new Error(`The demo uses a move that is not in the library: ${moveId}`);
  return { ...stepOf(move, id), ...more };
};
const seconds = (amount: number) => ({ dose: { measure: 'seconds', amount } as const });
const reps = (amount: number, repSec: number | 'breath') => ({
  dose: { measure: 'reps', amount, repSec } as const,
});

/** The breaks of the demo: one full pass, one for between meetings, one that still needs work. */
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
].map((b) => Break.parse(b));
