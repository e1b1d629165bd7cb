import { library, moveLookup } from '@kotabi/core/library/all';
import { defaultApproach } from '@kotabi/core/model';
import { highsSolver, SuggestRequest, suggest } from '@kotabi/core/suggest';
import { loadSolver } from '../core/testing/solver-planner';
import { ratioLine } from './measure';

// Three suggestions from the whole library, against the few seconds one is willing to wait.
const FEW_SECONDS_MS = 6000;
const solve = highsSolver(await loadSolver());
const cases: [string, object][] = [
  ['five minutes, two areas', { slotSec: 300, targets: [{ area: 'neck' }, { area: 'shoulder' }] }],
  [
    'ten minutes, three areas',
    { slotSec: 600, targets: [{ area: 'neck' }, { area: 'shoulder' }, { area: 'forearm' }] },
  ],
  [
    'fifteen minutes, five areas, standing end',
    {
      slotSec: 900,
      seatedOnly: false,
      targets: ['neck', 'chest', 'upper back', 'hip', 'low back'].map((area) => ({ area })),
    },
  ],
];
for (const [name, ask] of cases) {
  const request = SuggestRequest.parse(ask);
  const start = performance.now();
  const result = suggest(
    { request, moves: library, lookup: moveLookup(), approach: defaultApproach, audience: null },
    solve,
  );
  const ms = performance.now() - start;
  if (!result.ok) throw new Error(`${name}: nothing fits`);
  console.log(ratioLine(`suggest: ${name}`, ms, 'a few seconds', FEW_SECONDS_MS));
  console.log(`  gaps: ${result.suggestions.map((s) => `${(s.gap * 100).toFixed(2)} %`).join(', ')}`);
}
