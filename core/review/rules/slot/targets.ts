import type { Kind, Move } from '../../../model';
import { moveFor, usualSec } from '../../choose';
import { partsOf, placedSteps } from '../../facts';
import type { Finding, ReviewRule } from '../../finding';

/** Less than this for an area the break is for is hardly anything. Common practice, no source. */
export const HARDLY_MS = 10_000;

/** What is put in for an area that has moved; what has not is moved, as a hold of it would be a cold one. */
const HOLD_FIRST: readonly Kind[] = ['stretch', 'mobilise', 'massage', 'activate'];
const MOVE_FIRST: readonly Kind[] = ['mobilise', 'activate', 'massage', 'stretch'];

/** An area the break is said to be for, and that is hardly held at all on one of its sides. */
export const targets: ReviewRule = ({ resolved, timeline, library }) => {
  const steps = placedSteps(resolved);
  return (resolved.brk.targets ?? []).flatMap((area): Finding[] => {
    const own = steps.filter(({ move }) => move.areas.includes(area) && move.kind !== 'settle');
    const held = (side: 'left' | 'right'): number =>
      own.reduce((sum, { step }) => {
        const felt = partsOf(timeline, step.id).filter(
          (p) => p.kind === 'work' && (p.felt === side || p.felt === 'both'),
        );
        return sum + felt.reduce((ms, p) => ms + p.lengthMs, 0);
      }, 0);
    const heldMs = Math.min(held('left'), held('right'));
    if (heldMs >= HARDLY_MS) return [];
    const moved = own.some(({ move }) => move.kind === 'mobilise' || move.kind === 'activate');
    const enough = (m: Move): boolean => usualSec(m, resolved.approach) * 1000 >= HARDLY_MS;
    const put = (moved ? HOLD_FIRST : MOVE_FIRST)
      .map((kind) => moveFor(library, kind, area, resolved.approach, enough))
      .find((m) => m !== undefined);
    const end = steps.find(({ move }) => move.kind === 'release' || move.kind === 'close')?.step.id ?? null;
    return [
      {
        code: 'targetMissed',
        weight: 'caution',
        stepIds: own.map((s) => s.step.id),
        area,
        heldMs,
        ...(put && { fix: { do: 'add', moveId: put.id, name: put.name, beforeId: end } }),
      },
    ];
  });
};
