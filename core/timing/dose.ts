import { wayName } from '../cues';
import { type BreathRep, type Dose, type Move, otherSide, type Side, type Step } from '../model';
import { english, type SaidKey, type Say } from '../words';
import type { PlacedStep } from './place';
import type { MeanwhileWork } from './timeline';

const REP_BREATHS: Record<BreathRep, SaidKey> = {
  'half a breath': 'repHalf',
  breath: 'repBreath',
  'two breaths': 'repTwo',
};

/** A dose in words, such as `20 s`, `15 to 20 s`, `3 breaths`, `5 times` or `3 × one breath`. */
export const doseWords = (dose: Dose, amount: number = dose.amount, say: Say = english): string => {
  const to = amount === dose.amount && dose.to !== undefined && dose.to > amount ? dose.to : undefined;
  // A range by its ends, `15 to 20`.
  const many = to === undefined ? `${amount}` : say('range', { from: amount, to });
  if (dose.measure === 'seconds') return say(dose.open ? 'doseOpen' : 'doseSeconds', { many });
  if (dose.measure === 'breaths')
    return dose.to === undefined || amount !== dose.amount
      ? say('doseBreaths', { count: amount })
      : say('doseBreathsRange', { many });
  const once = amount === 1 && to === undefined;
  const each = typeof dose.repSec === 'string' ? say(REP_BREATHS[dose.repSec]) : null;
  const moved = once
    ? (each ?? say('doseOnce'))
    : each === null
      ? say('doseTimes', { many })
      : say('doseTimesOf', { many, each });
  return dose.holdSec === undefined ? moved : say('doseHeld', { dose: moved, seconds: dose.holdSec });
};

const eachWay = ({ ways }: Move, dose: string, say: Say): string => {
  if (ways.pattern === 'together') return dose;
  return say(ways.pair === 'side' ? 'doseEachSide' : 'doseEachWay', { dose });
};

/** The usual dose of a move, before it stands in a break. */
export const usualDose = (move: Move): string => eachWay(move, doseWords(move.dose.usual), english);

/** Whether the two sides, or the two directions, of a step have amounts of their own. */
const ownAmounts = ({ step, doneSides }: PlacedStep): boolean =>
  (step.second !== undefined && step.directions === 'both') ||
  (doneSides === 'both' && step.uneven !== undefined && step.uneven.amount !== step.dose.amount);

const waysWords = (
  { step, move, doneSides }: PlacedStep,
  amountWords: (side?: Side) => string,
  say: Say,
): string => {
  const { ways } = move;
  if (ways.pattern === 'together') return amountWords();
  if (doneSides === 'none') return say('doseLeftOut');
  if (doneSides !== 'both')
    return say('doseOnly', { dose: amountWords(doneSides), way: wayName(move, doneSides, say) });
  if (!step.uneven || step.uneven.amount === step.dose.amount)
    return step.oneByOne && ways.pattern === 'alternate' ? amountWords() : eachWay(move, amountWords(), say);
  const other = otherSide(step.uneven.side);
  const each = (s: Side): string => say('doseOfWay', { way: wayName(move, s, say), dose: amountWords(s) });
  const second = other === 'left' ? 'right' : other;
  return say('doseAnd', { first: each('left'), second: each(second) });
};

/** With the breath of its own that a step has. */
const withBreath = ({ breath }: Step, dose: string, say: Say): string => {
  const pace = breath?.breathsPerMinute;
  const ratio = breath?.exhaleRatio;
  const paced = pace === undefined ? dose : say('dosePace', { dose, pace });
  return ratio === undefined ? paced : say('doseRatio', { dose: paced, ratio });
};

/**
 * How much of a step is done, on which sides, in which directions and sets: the one wording of it, for the sheet,
 * leading, calendars, captions and paper. Empty for what is only said.
 */
export const stepDose = (at: PlacedStep, say: Say = english): string => {
  const { move, meanwhile, step } = at;
  if (move.onlyWords) return '';
  const own = ownDose(at, say);
  if (!meanwhile || !step.meanwhile) return own;
  const beside = { moveName: meanwhile.name, times: step.meanwhile.times, side: null };
  return say('doseAnd', { first: own, second: meanwhileWords(beside, say) });
};

const lowered = (name: string): string => name.charAt(0).toLowerCase() + name.slice(1);

/** A second movement in words, such as `meanwhile on the right, 10 times: straighten the knee`; what may be cut off stands last. */
export const meanwhileWords = (
  { moveName, times, side }: Omit<MeanwhileWork, 'moveId'>,
  say: Say = english,
): string => {
  const values = { times, move: lowered(moveName), side: side ? say(side) : '' };
  if (side) return say(times === 1 ? 'meanwhileOnceOn' : 'meanwhileTimesOn', values);
  return say(times === 1 ? 'meanwhileOnce' : 'meanwhileTimes', values);
};

/** How much of the step’s own move is done, without what is done meanwhile. */
export const ownDose = (at: PlacedStep, say: Say = english): string => {
  const { step, move, amountOf } = at;
  const { directions } = move.ways;
  // Where each way has its own amount, what is held in every repetition is said once, behind both.
  const held = ownAmounts(at) && amountOf.dose.measure === 'reps' ? amountOf.dose.holdSec : undefined;
  const bare = held === undefined ? amountOf.dose : { ...amountOf.dose, holdSec: undefined };
  const dose = waysWords(at, (side) => doseWords(bare, amountOf.on(side), say), say);
  const withHold = (text: string): string =>
    held === undefined ? text : say('doseHeld', { dose: text, seconds: held });
  const inSets = (text: string): string =>
    step.sets > 1 ? say('doseSets', { dose: text, sets: step.sets }) : text;
  const ended = (text: string): string =>
    step.dose.measure === 'seconds' && step.dose.open ? say('doseUntil', { dose: text }) : text;
  const [one, other] = directions ?? [];
  // The second direction has its own amount: each direction says its own.
  if (step.second && step.directions === 'both' && one !== undefined && other !== undefined) {
    const first = say('doseDirection', { dose, direction: one });
    const second = say('doseDirection', {
      dose: doseWords(bare, step.second.amount, say),
      direction: other,
    });
    return ended(withBreath(step, inSets(withHold(say('doseAnd', { first, second }))), say));
  }
  const way = step.directions === 'first' ? one : other;
  const turned = !directions
    ? dose
    : step.directions === 'both'
      ? say('doseEachDirection', { dose })
      : say('doseOnly', { dose, way: way ?? '' });
  const inTurn =
    step.oneByOne && move.ways.pattern === 'alternate' ? say('doseOneSideFirst', { dose: turned }) : turned;
  return ended(withBreath(step, inSets(withHold(inTurn)), say));
};
