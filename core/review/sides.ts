import { isTwoWay, otherSide } from '../model';
import type { Finding, ReviewRule } from './finding';
import { placedSteps } from './places';

/**
 * The two ways of a move owe each other the same: one left out, or one shorter than the other unless that is
 * on purpose and the reason is written down.
 */
export const sides: ReviewRule = ({ resolved, timeline: { parts } }) =>
  placedSteps(resolved).flatMap(({ step, move, doneSides }): Finding[] => {
    if (!isTwoWay(move)) return [];
    const at = { weight: 'caution', stepIds: [step.id], move: move.name } as const;
    if (doneSides === 'none') return [{ ...at, code: 'oneSideOnly', missing: 'left' }];
    if (doneSides !== 'both') return [{ ...at, code: 'oneSideOnly', missing: otherSide(doneSides) }];
    const work = (side: 'left' | 'right') =>
      parts
        .filter((p) => p.stepId === step.id && p.kind === 'work' && p.side === side)
        .reduce((sum, p) => sum + p.lengthMs, 0);
    const byMs = work('left') - work('right');
    if (byMs === 0 || step.uneven?.reason.trim()) return [];
    return [{ ...at, code: 'unequalSides', short: byMs < 0 ? 'left' : 'right', byMs: Math.abs(byMs) }];
  });
