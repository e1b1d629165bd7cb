import { isHeld, placedSteps } from '../../facts';
import type { Finding, ReviewRule } from '../../finding';

/** After so many different holds of the neck something lets it go. Common practice, no source. */
export const NECK_IN_ROW = 3;

/** One hold of the neck after the other, with nothing moved or let go between them. */
export const neckInRow: ReviewRule = ({ resolved, lookup }) => {
  const found: Finding[] = [];
  let moves = new Set<string>();
  for (const at of placedSteps(resolved)) {
    // A sentence in between lets nothing go.
    if (at.move.onlyWords) continue;
    const holds = isHeld(at) && at.move.areas[0] === 'neck';
    // The other side of what was held before, or its next rung, is no further hold.
    const before = moves.size;
    moves = holds ? new Set([...moves, at.step.moveId]) : new Set();
    if (moves.size !== NECK_IN_ROW + 1 || before === moves.size) continue;
    const name = lookup('shake-shoulders')?.name;
    const fix = { do: 'add', moveId: 'shake-shoulders', name: name ?? '', beforeId: at.step.id } as const;
    found.push({
      code: 'neckInRow',
      weight: 'look',
      stepIds: [at.step.id],
      move: at.move.name,
      holds: moves.size,
      // Within a series there is no place for it that would not be done on each side.
      ...(name !== undefined && at.chainId === null && { fix }),
    });
  }
  return found;
};
