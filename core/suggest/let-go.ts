import { stepOf } from '../library';
import type { Break, Milliseconds, Region, Step } from '../model';
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
