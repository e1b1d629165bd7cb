import { library, moveLookup } from '@kotabi/core/library/all';
import { defaultApproach, type Limit } from '@kotabi/core/model';
import { highsSolver, SuggestRequest, suggest } from '@kotabi/core/suggest';
import { audienceOf } from '../core/testing/review';
import { loadSolver } from '../core/testing/solver-planner';
import { ratioLine } from './measure';

// Three suggestions from the whole library, each proven to be within a fiftieth of the best, against the time one is willing to
// wait. The first one is asked twice: the solver and the library are slow where they have not been used.
const TWO_SECONDS_MS = 2000;
const solve = highsSolver(await loadSolver());
const OFFICE: Limit[][] = [
  ['neck'],
  ['wrist or hand'],
  ['shoulder'],
  ['low back', 'pregnancy'],
  ['dizziness'],
];
const asked: [minutes: number, areas: string, more?: object, people?: Limit[][]][] = [
  [5, 'neck, shoulder'],
  [1, 'neck'],
  [2, 'neck, shoulder'],
  [3, 'neck, shoulder, low back'],
  [4, 'chest, upper back, neck'],
  [5, 'neck, shoulder'],
  [5, 'neck'],
  [5, 'neck, shoulder, low back, forearm, hip'],
  [7, 'neck, forearm, hip'],
  [10, 'neck, shoulder'],
  [10, 'neck, shoulder, forearm'],
  [10, 'neck, chest, low back, hip'],
  [10, 'neck, shoulder, upper back, low back, hip', { seatedOnly: false }],
  [10, 'neck, forearm, shoulder', { lately: ['chin-nod', 'ear-to-shoulder', 'arm-across'] }, OFFICE],
  [10, 'forearm, foot, upper arm'],
  [15, 'neck, chest, upper back, hip, low back', { seatedOnly: false }],
  [15, 'neck, shoulder, upper back, chest, low back, hip, leg'],
  [20, 'neck, shoulder, low back'],
  [20, 'neck, upper back, low back, hip, leg', { seatedOnly: false }],
];
for (const [minutes, areas, more, people] of asked) {
  const name = `${minutes} min, ${areas}${people ? ', for an office' : ''}`;
  const targets = areas.split(', ').map((area) => ({ area }));
  const request = SuggestRequest.parse({ slotSec: minutes * 60, targets, ...more });
  const audience = people ? audienceOf(people) : null;
  const start = performance.now();
  const result = suggest(
    { request, moves: library, lookup: moveLookup(), approach: defaultApproach, audience },
    solve,
  );
  const ms = performance.now() - start;
  if (!result.ok) throw new Error(`${name}: nothing fits`);
  console.log(ratioLine(`suggest: ${name}`, ms, 'two seconds', TWO_SECONDS_MS));
  console.log(`  gaps: ${result.suggestions.map((s) => `${(s.gap * 100).toFixed(2)} %`).join(', ')}`);
}
