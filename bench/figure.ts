import { drawPose, pictureOf, poseAt } from '@kotabi/core/figure';
import { stepOf } from '@kotabi/core/library';
import { library, moveLookup } from '@kotabi/core/library/all';
import { Limit, Person } from '@kotabi/core/model';
import { needsTable } from '@kotabi/core/needs';
import { medianMs, ratioLine } from './measure';

// The figure moves while a break is led: one picture of it against one frame of a display.
const FRAME_MS = 1000 / 60;
const motions = library.flatMap((m) => (m.figure ? [m.figure] : []));
let turn = 0;
const next = () => {
  turn++;
  const motion = motions[turn % motions.length];
  if (!motion) throw new Error('the library is empty');
  return motion;
};
const frame = (): void => {
  const motion = next();
  drawPose(poseAt(motion, (turn % 30) / 30), { view: motion.view, props: motion.props });
};
const still = (): void => {
  pictureOf(next());
};
console.log(ratioLine('one picture of the moving figure', medianMs(frame, 600), 'one frame', FRAME_MS));
console.log(
  ratioLine(
    'a still picture with ghost and window',
    medianMs(still, 300),
    'a moving one',
    medianMs(frame, 300),
  ),
);

// A table of a whole class: 60 steps by 40 people, against the half second after which progress must be shown.
const lookup = moveLookup();
const items = library.slice(0, 60).map((m, i) => stepOf(m, `s${i}`));
const people = Array.from({ length: 40 }, (_, i) =>
  Person.parse({
    id: `p${i}`,
    groupId: 'g',
    name: `P${i}`,
    consent: true,
    limits: [
      { limit: Limit.options[i % Limit.options.length] },
      { limit: Limit.options[(i * 7) % Limit.options.length] },
    ],
  }),
);
const room = { limits: ['castors' as const], things: ['desk' as const, 'chair' as const] };
console.log(
  ratioLine(
    'who needs what, 60 steps by 40 people',
    medianMs(() => void needsTable({ items }, people, room, lookup), 12),
    'half a second',
    500,
  ),
);
