import { DayInput } from '@kotabi/core/model';
import { planDay } from '@kotabi/core/schedule';
import { loadSolver, planBySolver } from '../core/testing/solver-planner';
import { medianMs, ratioLine } from './measure';

// A whole day on a 1-minute grid with two meetings: our planner against a mixed-integer solver (HiGHS) on the same day.
const day = DayInput.parse({
  startMin: 540,
  endMin: 1050,
  gridMin: 1,
  minGapMin: 40,
  offDesk: [{ startMin: 750, endMin: 795 }],
  blocked: [
    { startMin: 570, endMin: 630 },
    { startMin: 840, endMin: 930 },
  ],
});

const result = planDay(day);
if (!result.ok) throw new Error('the day cannot be planned');
const solver = await loadSolver();
const start = performance.now();
const reference = planBySolver(solver, day);
const solverMs = performance.now() - start;
const same = reference?.cost === result.plan.cost && reference.overMin === result.plan.overMin;
console.log(
  `both find ${result.plan.overMin} min over the limit at a cost of ${result.plan.cost}: ${same ? 'yes' : 'NO'}`,
);
if (!same) process.exitCode = 1;
console.log(
  ratioLine(
    'plan a day on a 1-minute grid',
    medianMs(() => planDay(day), 15),
    'HiGHS, same day',
    solverMs,
  ),
);
