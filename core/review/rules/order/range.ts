import type { Area } from '../../../model';
import { isHeld, placedSteps } from '../../facts';
import type { Finding, ReviewRule } from '../../finding';
import { rangeOf, takesIn } from '../../poses';
import { letsGoIn } from './frame';

/** A movement this much larger than a later one of the same area comes too early. Common practice, no source. */
export const LARGER = 1.5;
export const LARGER_BY_DEG = 20;
/** Where every movement is small, none comes too early. */
const SMALL_JOINTS: readonly Area[] = ['foot', 'hand', 'forearm', 'face'];

/** Within an area and a shelf of the library, small movements come before large ones of the same kind. */
export const range: ReviewRule = ({ resolved }) => {
  const steps = placedSteps(resolved);
  const lastHold = steps.filter(isHeld).at(-1)?.index ?? steps.length;
  // A roll or a shrug behind the holds lets go: it readies nothing.
  const moving = steps.filter((at) => at.move.kind === 'mobilise' && !(at.index > lastHold && letsGoIn(at)));
  const told = new Set<string>();
  return moving.flatMap(({ step, move, chainId, position, variant }, i): Finding[] => {
    const [area] = move.areas;
    if (!area || told.has(area) || SMALL_JOINTS.includes(area)) return [];
    const swing = rangeOf(variant);
    const later = moving.slice(i + 1).find((s) => {
      const other = rangeOf(s.variant);
      // A nod is no small tilt: only what goes the same way is compared.
      const same = s.move.areas[0] === area && s.move.region === move.region && takesIn(variant, s.variant);
      return same && other > 0 && swing > other * LARGER && swing > other + LARGER_BY_DEG;
    });
    if (!later) return [];
    told.add(area);
    const movable = chainId === null && later.chainId === null && later.position === position;
    const fix = { do: 'move', stepId: later.step.id, beforeId: step.id } as const;
    return [
      {
        code: 'largeFirst',
        weight: 'look',
        stepIds: [step.id, later.step.id],
        move: move.name,
        later: later.move.name,
        ...(movable && { fix }),
      },
    ];
  });
};
