import { fitBreak } from '../fit';
import { type Approach, type Break, type MoveLookup, mapChain, type Step, stepsOf } from '../model';
import { LEFT_SHARE } from './program/time';
import type { SuggestRequest } from './request';

const changed = (brk: Break, change: (step: Step) => Step): Break => ({
  ...brk,
  items: brk.items.map((item) => (item.type === 'chain' ? mapChain(item, change) : change(item))),
});

/** A suggestion that leaves more of the slot than this is not full. Common practice, no source. */
export const NOT_FULL_SHARE = 0.12;

/**
 * Where nothing but the breath is wanted, the time that is left goes to it: what breathes and rests gets longer within its
 * band, everything else stays. A breath counts like a stretch, up to 60 s, so that more of it would not be looked for.
 * A suggestion for anything else, and one that is full, stays as it is.
 */
export const fillBreath = (
  brk: Break,
  { targets }: Pick<SuggestRequest, 'targets'>,
  lookup: MoveLookup,
  approach: Approach,
): Break => {
  if (targets.some(({ area }) => area !== 'breath')) return brk;
  const breathes = (step: Step): boolean => lookup(step.moveId)?.areas.includes('breath') ?? false;
  const others = changed(brk, (step) => (breathes(step) ? step : { ...step, locked: true }));
  const slotSec = Math.floor(brk.slotSec * (1 - LEFT_SHARE));
  const fitted = fitBreak({ ...others, slotSec }, lookup, approach);
  if (!fitted.ok || fitted.dropped.length > 0) return brk;
  if (fitted.beforeMs > brk.slotSec * 1000 * (1 - NOT_FULL_SHARE)) return brk;
  const doses = new Map(stepsOf(fitted.brk).map(({ id, dose }) => [id, dose]));
  return changed(brk, (step) => ({ ...step, dose: doses.get(step.id) ?? step.dose }));
};
