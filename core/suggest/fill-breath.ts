import { fitBreak } from '../fit';
import { type Approach, type Break, type MoveLookup, mapChain, type Step, stepsOf } from '../model';
import { timed } from '../timing';
import { LEFT_SHARE } from './program/time';
import type { SuggestRequest } from './request';

const changed = (brk: Break, change: (step: Step) => Step): Break => ({
  ...brk,
  items: brk.items.map((item) => (item.type === 'chain' ? mapChain(item, change) : change(item))),
});

/** A suggestion that leaves more of the slot than this is not full. Common practice, no source. */
export const NOT_FULL_SHARE = 0.12;

/** So many rounds of one way of breathing, at most, with a rest between them. Common practice, no source. */
export const BREATH_SETS = 4;

/** The doses of what breathes and rests, as full as their bands and the slot allow; null where something would have to go. */
const fuller = (brk: Break, lookup: MoveLookup, approach: Approach): Break | null => {
  const breathes = (step: Step): boolean => lookup(step.moveId)?.areas.includes('breath') ?? false;
  const others = changed(brk, (step) => (breathes(step) ? step : { ...step, locked: true }));
  const slotSec = Math.floor(brk.slotSec * (1 - LEFT_SHARE));
  const fitted = fitBreak({ ...others, slotSec }, lookup, approach);
  if (!fitted.ok || fitted.dropped.length > 0) return null;
  const doses = new Map(stepsOf(fitted.brk).map(({ id, dose }) => [id, dose]));
  return changed(brk, (step) => ({ ...step, dose: doses.get(step.id) ?? step.dose }));
};

/**
 * Where nothing but the breath is wanted, the time that is left goes to it: what breathes and rests gets longer within its
 * band, everything else stays; what is left then goes to further rounds of the ways of breathing, one after the other. A breath
 * counts like a stretch, up to 60 s, so that more of it would not be looked for. A suggestion for anything else, and one that is
 * full, stays as it is.
 */
export const fillBreath = (
  brk: Break,
  { targets }: Pick<SuggestRequest, 'targets'>,
  lookup: MoveLookup,
  approach: Approach,
): Break => {
  if (targets.some(({ area }) => area !== 'breath')) return brk;
  const lengthMs = (one: Break): number => {
    const time = timed(one, lookup, approach);
    return time.ok ? time.timeline.totals.totalMs : Number.POSITIVE_INFINITY;
  };
  const isFull = (one: Break): boolean => lengthMs(one) > brk.slotSec * 1000 * (1 - NOT_FULL_SHARE);
  if (isFull(brk)) return brk;
  let full = fuller(brk, lookup, approach);
  if (!full) return brk;
  const ways = stepsOf(full).filter((s) => lookup(s.moveId)?.kind === 'breathe');
  for (let sets = 2; sets <= BREATH_SETS && !isFull(full); sets++)
    for (const { id } of ways) {
      // With one round more the others may be a little shorter.
      const withSets = changed(full, (step) => (step.id === id ? { ...step, sets } : step));
      const more = fuller(withSets, lookup, approach);
      if (more && lengthMs(more) > lengthMs(full)) full = more;
    }
  return full;
};
