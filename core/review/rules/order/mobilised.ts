import type { Area, Kind } from '../../../model';
import type { ResolvedBreak } from '../../../timing';
import { moveFor } from '../../choose';
import { isHeld, type PlacedStep, partsOf, placedSteps } from '../../facts';
import type { Finding, ReviewRule } from '../../finding';
import { FEW_STEPS, SHORT_SLOT_SEC } from './frame';

/** Longer holds than this want the area moved first. Common practice, no source. */
export const SHORT_HOLD_MS = 10_000;

const WALK = 'walk-about';
/**
 * What is moved along with an area. The muscles that move the fingers lie in the forearm, those of the foot in the shin;
 * the shoulder moves on the chest and carries the arm; who rounds or turns the back moves the flanks, and who leans to the side the low back; the hip is
 * moved by the thigh. Common practice, no source.
 */
const WARMS: Partial<Record<Area, readonly Area[]>> = {
  hand: ['hand', 'forearm'],
  foot: ['foot', 'leg'],
  shoulder: ['shoulder', 'upper arm', 'chest', 'upper back'],
  'upper back': ['upper back', 'side'],
  'low back': ['low back', 'side'],
  side: ['side', 'low back'],
  hip: ['hip', 'leg'],
};
/** What moves an area before it is held. */
const MOVES: readonly Kind[] = ['mobilise', 'activate', 'massage', 'release'];

/** The holds of areas that nothing has moved or held before, as the approach warms up. */
export const coldHolds = (resolved: ResolvedBreak): PlacedStep[] => {
  const { warmUp } = resolved.approach;
  if (warmUp === 'none') return [];
  const warm = new Set<Area>();
  let walked = false;
  return placedSteps(resolved).filter(({ step, move }) => {
    if (move.id === WALK) walked = true;
    if (MOVES.includes(move.kind))
      for (const area of move.areas) for (const one of WARMS[area] ?? [area]) warm.add(one);
    if (!isHeld({ step, move })) return false;
    const known = warm.has(move.areas[0] as Area);
    // What has just been held, shortly or long, is not cold any more.
    for (const one of move.areas) warm.add(one);
    return !known && !(warmUp === 'walk first' && walked);
  });
};

/** A stretch held for more than 10 s whose area has not been mobilised before it. */
export const mobilised: ReviewRule = ({ resolved, timeline, library }) => {
  const { approach, brk } = resolved;
  const steps = placedSteps(resolved);
  // The one stretch there is time for has nothing before it.
  if (steps.length <= FEW_STEPS && brk.slotSec <= SHORT_SLOT_SEC) return [];
  // Whoever walks first is offered the walk.
  const walk = approach.warmUp === 'walk first' ? library.find((m) => m.id === WALK) : undefined;
  return coldHolds(resolved).flatMap(({ step, move, ...at }): Finding[] => {
    const holds = partsOf(timeline, step.id).filter((p) => p.kind === 'work');
    const holdMs = Math.max(0, ...holds.map((p) => p.lengthMs));
    const area = move.areas[0] as Area;
    if (holdMs <= SHORT_HOLD_MS) return [];
    const quiet = brk.onCall ?? false;
    const mover = moveFor(
      library,
      'mobilise',
      area,
      approach,
      (m) => (m.position === at.position || m.alsoIn.includes(at.position)) && (!quiet || m.discreet.call),
    );
    return [
      {
        code: 'notMobilised',
        weight: 'caution',
        stepIds: [step.id],
        move: move.name,
        area,
        holdMs,
        ...(walk
          ? { fix: { do: 'add', moveId: walk.id, name: walk.name, beforeId: steps[0]?.step.id ?? null } }
          : mover && { fix: { do: 'add', moveId: mover.id, name: mover.name, beforeId: step.id } }),
      },
    ];
  });
};
