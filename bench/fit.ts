import { chooseDoses, fitBreak, fitProblem } from '@kotabi/core/fit';
import { stepOf } from '@kotabi/core/library';
import { library, moveLookup } from '@kotabi/core/library/all';
import { Break, defaultApproach } from '@kotabi/core/model';
import { compileTimeline, resolveBreak } from '@kotabi/core/timing';
import { fitBySolver } from '../core/testing/slow-fit';
import { loadSolver } from '../core/testing/solver-planner';
import { medianMs, ratioLine } from './measure';

// The doses of 24 steps into a slot: our exact choice against a mixed-integer solver (HiGHS) on the same problem.
const lookup = moveLookup();
const moves = library
  .filter((m) => m.kind === 'stretch' || m.kind === 'mobilise')
  .filter((_, i) => i % 3 === 0);
const items = moves.slice(0, 24).map((m, i) => stepOf(m, `s${i}`));
const brk = Break.parse({ id: 'bench', name: 'Twenty-four steps', slotSec: 1200, items });
const resolved = resolveBreak(brk, lookup);
if (!resolved.ok) throw new Error('the break cannot be timed');
const problem = fitProblem(resolved.value, compileTimeline(resolved.value));

const doses = chooseDoses(problem);
const solver = await loadSolver();
const start = performance.now();
const reference = fitBySolver(solver, problem);
const solverMs = performance.now() - start;
const same = doses !== null && reference !== null && Math.abs(doses.cost - reference.cost) < 1e-4;
console.log(`both find a cost of ${doses?.cost.toFixed(4)}: ${same ? 'yes' : 'NO'}`);
if (!same) process.exitCode = 1;
console.log(
  ratioLine(
    'doses of 24 steps',
    medianMs(() => void chooseDoses(problem), 15),
    'HiGHS, same problem',
    solverMs,
  ),
);
console.log(
  ratioLine(
    'the whole of fitting them, dropping included',
    medianMs(() => void fitBreak({ ...brk, slotSec: 700 }, lookup, defaultApproach), 8),
    'half a second',
    500,
  ),
);
