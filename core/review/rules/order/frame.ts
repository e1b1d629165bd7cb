import type { Kind } from '../../../model';
import { isHeld, type PlacedStep, placedSteps } from '../../facts';
import type { Finding, ReviewRule } from '../../finding';

/** Breaks of a minute or less are one or two moves and need no frame. Common practice, no source. */
export const SHORT_SLOT_SEC = 60;
/** From so many holds on something lets go again before the end. Common practice, no source. */
const HOLDS = 2;

const leadsBreath = ({ move, step }: PlacedStep): boolean =>
  move.kind === 'breathe' ||
  step.dose.measure === 'breaths' ||
  (step.dose.measure === 'reps' && step.dose.repSec === 'breath');

/** A break begins by settling, has a breath in it, lets go after its holds, and ends with a close. */
export const frame: ReviewRule = ({ resolved, lookup }) => {
  const steps = placedSteps(resolved);
  if (steps.length === 0 || resolved.brk.slotSec <= SHORT_SLOT_SEC) return [];
  const has = (kind: Kind) => steps.some(({ move }) => move.kind === kind);
  const add = (moveId: string, beforeId: string | null) => {
    const name = lookup(moveId)?.name;
    return name === undefined ? {} : { fix: { do: 'add', moveId, name, beforeId } as const };
  };
  const [first] = steps;
  const afterSettle = steps.find(({ move }) => move.kind !== 'settle')?.step.id ?? null;
  const lastHold = steps.filter(isHeld).at(-1)?.index ?? -1;
  // Before the close, if that comes after the holds as it should.
  const close = steps.find(({ move, index }) => move.kind === 'close' && index > lastHold)?.step.id ?? null;
  const letsGo = steps.some(
    ({ move, index, step }) =>
      index > lastHold && (move.kind === 'release' || step.moveId === 'pause-rest' || move.kind === 'close'),
  );
  const found: Finding[] = [];
  const say = (code: 'noSettle' | 'noBreath' | 'nothingReleased' | 'noClose', fix: object): void => {
    found.push({ code, weight: 'look', stepIds: [], ...fix });
  };
  if (!has('settle')) say('noSettle', add('sit-tall', first?.step.id ?? null));
  if (!steps.some(leadsBreath)) say('noBreath', add('slow-breaths', afterSettle));
  const released = has('release') || steps.some(({ step }) => step.moveId === 'pause-rest');
  if (steps.filter(isHeld).length >= HOLDS && (!released || !letsGo))
    say('nothingReleased', add('shake-shoulders', close));
  if (!has('close')) say('noClose', add('arms-up-breath', null));
  return found;
};
