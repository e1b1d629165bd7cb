import type { Area, Kind, Milliseconds, Move, Side } from '../../../model';
import { moveFor, usualSec } from '../../choose';
import { type PlacedStep, partsOf, placedSteps } from '../../facts';
import type { Finding, ReviewInput, ReviewRule } from '../../finding';

/** Less than this for an area the break is for is hardly anything. Common practice, no source. */
export const HARDLY_MS = 10_000;

/** What is put in for an area that has moved; what has not is moved, as a hold of it would be a cold one. */
const HOLD_FIRST: readonly Kind[] = ['stretch', 'mobilise', 'massage', 'activate'];
const MOVE_FIRST: readonly Kind[] = ['mobilise', 'activate', 'massage', 'stretch'];

/** The steps that have to do with an area, and how long they work on the side of it that gets less, ms. */
const workFor = (
  { resolved, timeline }: Pick<ReviewInput, 'resolved' | 'timeline'>,
  area: Area,
): { own: PlacedStep[]; heldMs: Milliseconds } => {
  const own = placedSteps(resolved).filter(({ move }) => move.areas.includes(area) && move.kind !== 'settle');
  const held = (side: Side): number =>
    own.reduce((sum, { step }) => {
      const felt = partsOf(timeline, step.id).filter(
        (p) => p.kind === 'work' && (p.felt === side || p.felt === 'both'),
      );
      return sum + felt.reduce((ms, p) => ms + p.lengthMs, 0);
    }, 0);
  return { own, heldMs: Math.min(held('left'), held('right')) };
};

/** True when a break does more than hardly anything for an area. */
export const serves = (made: Pick<ReviewInput, 'resolved' | 'timeline'>, area: Area): boolean =>
  workFor(made, area).heldMs >= HARDLY_MS;

/** An area the break is said to be for, and that is hardly held at all on one of its sides. */
export const targets: ReviewRule = ({ resolved, timeline, library }) => {
  const steps = placedSteps(resolved);
  // Nobody sits down for one move in a room without seats.
  const upright = steps.every((s) => s.move.onlyWords || s.position === 'standing');
  return (resolved.brk.targets ?? []).flatMap((area): Finding[] => {
    const { own, heldMs } = workFor({ resolved, timeline }, area);
    if (heldMs >= HARDLY_MS) return [];
    const moved = own.some(({ move }) => move.kind === 'mobilise' || move.kind === 'activate');
    const enough = (m: Move): boolean =>
      usualSec(m, resolved.approach) * 1000 >= HARDLY_MS &&
      (!resolved.brk.onCall || m.discreet.call) &&
      (!upright || m.position === 'standing' || m.alsoIn.includes('standing'));
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
