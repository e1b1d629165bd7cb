import { stepOf } from '@kotabi/core/library';
import { library, moveLookup } from '@kotabi/core/library/all';
import { Break, Person, type Step } from '@kotabi/core/model';
import { review } from '@kotabi/core/review';
import { compileTimeline, resolveBreak } from '@kotabi/core/timing';
import { medianMs, ratioLine } from './measure';

// After each edit of a break of 60 steps: the timeline, its totals and the review, against one frame of a display.
const FRAME_MS = 1000 / 60;
const lookup = moveLookup();
const steps: Step[] = Array.from({ length: 60 }, (_, i) => {
  const move = library[i % library.length];
  if (!move) throw new Error('the library is empty');
  return stepOf(move, `s${i}`);
});
const brk = Break.parse({ id: 'bench', name: 'Sixty steps', slotSec: 3600, items: steps });

// Judged for a room and its people, as in the sheet.
const people = ['neck', 'shoulder', 'dizziness', 'low back', 'pregnancy'].map((limit, i) =>
  Person.parse({ id: `p${i}`, groupId: 'g', name: `P${i}`, consent: true, limits: [{ limit }] }),
);
const audience = {
  people,
  room: { limits: ['castors' as const], things: ['desk' as const, 'chair' as const] },
};

let turn = 0;
const retime = (): void => {
  turn++;
  // One edit: another step gets another dose.
  const items = brk.items.map((item, i) =>
    i === turn % 60 && item.type === 'step'
      ? { ...item, dose: { ...item.dose, amount: 5 + (turn % 20) } }
      : item,
  );
  const resolved = resolveBreak({ ...brk, items }, lookup);
  if (!resolved.ok) throw new Error('the break cannot be timed');
  const timeline = compileTimeline(resolved.value);
  review({ resolved: resolved.value, timeline, lookup, library, audience });
};

console.log(
  ratioLine('retime and review 60 steps after one edit', medianMs(retime, 400), 'one frame', FRAME_MS),
);
