import { stepOf } from '../library';
import { type Break, type Milliseconds, type MoveLookup, type Region, type Step, stepsOf } from '../model';
import { HOLDS } from '../review/rules/order/frame';
import { candidateOf, doseOf, type Setting } from './candidates';

/** What lets go between holds: a small shake of what was held, or a moment of rest where that does not do. */
export interface LetGo {
  step: Step;
  lengthMs: Milliseconds;
}

/** What lets go after holds of a region, on the seat or on one's feet. */
export type LettingGo = (region: Region, stands: boolean) => LetGo | null;

/** So many holds follow each other before something is let go, and so many of them for one area: as the review wants it. */
export const HOLDS_RUNNING = HOLDS.all;
export const OF_ONE_AREA = HOLDS.ofArea;

const SHAKES: Partial<Record<Region, string>> = {
  neck: 'shake-shoulders',
  shoulder: 'shake-shoulders',
  spine: 'shake-shoulders',
  wrist: 'shake-hands-out',
  hip: 'shake-legs-out',
};
/** The move that lets go after holds of a region on the seat; undefined where a rest does. */
export const shakeFor = (region: Region): string | undefined => SHAKES[region];
const REST = 'pause-rest';

/** Done on its feet as well. */
const STANDING_SHAKE = 'shake-shoulders';

/** What lets go after holds of a region, for these people in this room; null where there is not even a rest. */
export const letGoAfter = (brk: Break, region: Region, stands: boolean, setting: Setting): LetGo | null => {
  const { lookup, approach } = setting;
  const usual = lookup(shakeFor(region) ?? '');
  const shake = stands && !usual?.alsoIn.includes('standing') ? lookup(STANDING_SHAKE) : usual;
  const [candidate] = shake ? candidateOf(brk, shake, setting) : [];
  const [shortest] = candidate?.doses ?? [];
  if (shortest) return { step: shortest.step, lengthMs: shortest.lengthMs };
  const rest = lookup(REST);
  if (!rest) return null;
  const step = stepOf(rest, rest.id, approach);
  const length = doseOf(brk, step, step.dose.amount, setting)?.lengthMs;
  return length === undefined ? null : { step, lengthMs: length };
};

/** What lets go for these people in this room; null where there is not even a rest. Each answer is worked out once. */
export const lettingGo = (brk: Break, setting: Setting): LettingGo => {
  const known = new Map<string, LetGo | null>();
  return (region, stands) => {
    const key = `${region} ${stands}`;
    const before = known.get(key);
    if (before !== undefined) return before;
    const letGo = letGoAfter(brk, region, stands, setting);
    known.set(key, letGo);
    return letGo;
  };
};

/**
 * The same break, the shake at its end that of what was held last: after the hips the legs are shaken out, not the shoulders. The
 * break itself where that is so already, or nothing is shaken.
 */
export const shakesWhatWasHeld = (brk: Break, lookup: MoveLookup, letGo: LettingGo): Break => {
  const moves = stepsOf(brk).flatMap((s) => lookup(s.moveId) ?? []);
  const held = moves.findLast((m) => m.kind === 'stretch');
  const wanted = held && letGo(held.region, false)?.step;
  if (!held || !wanted) return brk;
  const shakes = Object.values(SHAKES);
  const at = brk.items.findLastIndex((item) => item.type === 'step' && shakes.includes(item.moveId));
  const last = brk.items[at];
  if (last?.type !== 'step' || !shakes.includes(wanted.moveId) || last.moveId === wanted.moveId) return brk;
  const between = brk.items
    .slice(at + 1)
    .some((i) => i.type === 'chain' || lookup(i.moveId)?.kind === 'stretch');
  const fits = lookup(last.moveId)?.areas.some((area) => held.areas.includes(area));
  if (between || fits || last.position === 'standing') return brk;
  const place = lookup(wanted.moveId)?.position;
  const { position: _, ...step } = { ...wanted, id: last.id };
  const seat = last.position ?? lookup(last.moveId)?.position;
  const shaken: Step = seat === undefined || seat === place ? step : { ...step, position: seat };
  return { ...brk, items: brk.items.map((item, i) => (i === at ? shaken : item)) };
};
