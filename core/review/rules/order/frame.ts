import { goesByBreath, type Kind } from '../../../model';
import { isHeld, type PlacedStep, placedSteps } from '../../facts';
import type { Finding, ReviewRule } from '../../finding';

/** Breaks of little more than a minute are one or two moves and have no room for a frame. Common practice, no source. */
export const SHORT_SLOT_SEC = 80;
/** A single step is no break with a beginning and an end. Common practice, no source. */
export const FEW_STEPS = 1;
/** From so many holds on, or so many of one area, something lets go again before the end. Common practice, no source. */
export const HOLDS = { all: 3, ofArea: 2 };
const wantsRelease = (holds: readonly PlacedStep[]): boolean => {
  const areas = holds.map(({ move }) => move.areas[0]);
  return (
    holds.length >= HOLDS.all ||
    areas.some((area) => areas.filter((other) => other === area).length >= HOLDS.ofArea)
  );
};

/** Breathing, in the instructor's own words. */
const BREATHING = /\bbreath(?:e|es|ing|s)?\b|\b(?:inhale|exhale)\b/i;
const leadsBreath = ({ move, step }: PlacedStep): boolean =>
  move.kind === 'breathe' ||
  step.dose.measure === 'breaths' ||
  goesByBreath(step.dose) ||
  BREATHING.test(step.words ?? '');

/** What lets go, whatever it is called: rolls and shrugs of the shoulders, a sigh, a rest at the end. */
const LOOSENS: readonly string[] = [
  'shoulder-rolls',
  'lift-and-drop',
  'sigh-out',
  'knees-side-to-side',
  'walk-about',
  'quiet-rest',
  'quiet-rest-eyes-closed',
];
const says = ({ move, step }: Pick<PlacedStep, 'move' | 'step'>, what: RegExp): boolean =>
  move.onlyWords === true && what.test(step.words ?? '');
/** Letting go, in the instructor's own words: “shake it all out”, “let the arms hang”. */
const LETTING_GO =
  /\b(?:shake|loosen|let (?:\w+ ){0,3}(?:hang|go|drop|rest)|drop (?:the|your) shoulders|roll (?:the|your) shoulders|relax)\b/i;
/** Something lets go in this step. */
export const letsGoIn = ({ move, step }: PlacedStep): boolean =>
  move.kind === 'release' ||
  step.moveId === 'pause-rest' ||
  LOOSENS.includes(move.id) ||
  says({ move, step }, LETTING_GO);
/** The end of a break, in the instructor's own words. */
const ENDING =
  /\b(?:thank(?:s| you)|well done|back to (?:work|it|your desks?)|see you|that(?:’|')?s (?:it|all)|(?:have|drink|get) (?:a |some |your )?(?:\w+ )?(?:water|tea|day|afternoon|evening|something)|finish(?:ed)?|the end|until (?:next|tomorrow))\b/i;
/** What can stand for a close at the end: a breath, a rest, something let go, a look back. */
const endsWith = (at: PlacedStep): boolean =>
  at.move.kind === 'close' || at.move.kind === 'breathe' || letsGoIn(at);

/** A break for the eyes begins by taking them off the screen: that is how it settles. */
const eyesRest = ({ move }: PlacedStep): boolean => move.kind === 'release' && move.areas[0] === 'face';
/** Who stands has no seat to settle on: with the first breath one has arrived. */
const breathesStanding = ({ move, position }: PlacedStep): boolean =>
  move.kind === 'breathe' && position === 'standing';
/** How one sits or stands, in the instructor's own words before anything is done. */
const ARRIVING =
  /\b(?:sit|stand|come)\b[^.!?]*\b(?:tall|upright|up straight)\b|\bfeet (?:flat|under|on the floor)\b/i;
const arrives = (at: PlacedStep): boolean => says(at, ARRIVING);
/** The first things that are said alone, and the first that is done. */
const beginningOf = (steps: readonly PlacedStep[]): readonly PlacedStep[] =>
  steps.slice(0, steps.findIndex(({ move }) => !move.onlyWords) + 1);

/** A break begins by settling, has a breath in it, lets go after its holds, and ends with a close. */
export const frame: ReviewRule = ({ resolved, lookup }) => {
  const steps = placedSteps(resolved);
  const { brk } = resolved;
  // Nobody settles, breathes and closes aloud while they are on a call.
  if (steps.length <= FEW_STEPS || brk.slotSec <= SHORT_SLOT_SEC || brk.onCall) return [];
  const has = (kind: Kind) => steps.some(({ move }) => move.kind === kind);
  const add = (moveId: string, beforeId: string | null) => {
    const name = lookup(moveId)?.name;
    return name === undefined ? {} : { fix: { do: 'add', moveId, name, beforeId } as const };
  };
  const [first] = steps;
  const settles = beginningOf(steps).some((at) => eyesRest(at) || breathesStanding(at) || arrives(at));
  const afterSettle = steps.find(({ move }) => move.kind !== 'settle')?.step.id ?? null;
  const lastHold = steps.filter(isHeld).at(-1)?.index ?? -1;
  // Before the close, if that comes after the holds as it should.
  const close = steps.find(({ move, index }) => move.kind === 'close' && index > lastHold)?.step.id ?? null;
  const letsGo = steps.some((at) => at.index > lastHold && (letsGoIn(at) || endsWith(at)));
  const last = steps.filter(({ move }) => !move.onlyWords).at(-1);
  const found: Finding[] = [];
  const say = (code: 'noSettle' | 'noBreath' | 'nothingReleased' | 'noClose', fix: object): void => {
    found.push({ code, weight: 'look', stepIds: [], ...fix });
  };
  const arrived = has('settle') || settles;
  if (!arrived)
    say(
      'noSettle',
      add(first?.position === 'standing' ? 'posture-minute' : 'sit-tall', first?.step.id ?? null),
    );
  // A break for the eyes alone is a pause from looking, not a practice. Where it begins at once, one remark says so.
  if (arrived && !steps.some(leadsBreath) && !steps.every((at) => at.move.onlyWords || eyesRest(at)))
    say('noBreath', add('slow-breaths', afterSettle));
  const firstHold = steps.find(isHeld)?.index ?? -1;
  const released = steps.some((at) => at.index > firstHold && letsGoIn(at));
  if (wantsRelease(steps.filter(isHeld)) && (!released || !letsGo))
    say('nothingReleased', add('shake-shoulders', close));
  const [end] = steps.slice(-1);
  if (!has('close') && !(last && endsWith(last)) && !(end && says(end, ENDING)))
    say('noClose', add('arms-up-breath', null));
  return found;
};
