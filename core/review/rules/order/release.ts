import type { Region } from '../../../model';
import { isHeld, placedSteps } from '../../facts';
import type { Finding, ReviewRule } from '../../finding';

/** What lets an area go again, by shelf of the library. */
const RELEASE: Partial<Record<Region, { moveId: string; name: string }>> = {
  neck: { moveId: 'shake-shoulders', name: 'Shake the shoulders loose' },
  shoulder: { moveId: 'shake-shoulders', name: 'Shake the shoulders loose' },
  wrist: { moveId: 'shake-hands-out', name: 'Shake the hands out' },
};
const REST = { moveId: 'pause-rest', name: 'Rest' };

/** The same muscle held twice running with nothing between that lets it go. Links of one series belong together. */
export const release: ReviewRule = ({ resolved, lookup }) => {
  const steps = placedSteps(resolved);
  return steps.flatMap((at, i): Finding[] => {
    const before = steps[i - 1];
    if (!before || !isHeld(at) || !isHeld(before)) return [];
    if (at.chainId !== null && at.chainId === before.chainId) return [];
    const [muscle] = at.move.muscles;
    // The other side of the same move is no second go at the same muscle, and its next rung goes on from the one before.
    if (at.step.moveId === before.step.moveId) {
      if (at.doneSides !== before.doneSides || at.step.rung !== before.step.rung) return [];
    }
    if (muscle === undefined || before.move.muscles[0] !== muscle) return [];
    const put = RELEASE[at.move.region] ?? REST;
    const name = lookup(put.moveId)?.name ?? put.name;
    return [
      {
        code: 'noRelease',
        weight: 'look',
        stepIds: [at.step.id, before.step.id],
        move: at.move.name,
        before: before.move.name,
        muscle,
        fix: { do: 'add', moveId: put.moveId, name, beforeId: at.step.id },
      },
    ];
  });
};
