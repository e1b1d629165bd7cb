import { wayName } from '../cues';
import { type BreathRep, type Dose, type Move, otherSide, type Side, type Step } from '../model';
import { english, type Say } from '../words';
import type { PlacedStep } from './place';
import type { MeanwhileWork } from './timeline';

const plural = (n: number, one: string): string => `${n} ${one}${n === 1 ? '' : 's'}`;

const REP_BREATHS: Record<BreathRep, string> = {
  'half a breath': 'half a breath',
  breath: 'one breath',
  'two breaths': 'two breaths',
};

/** A range by its ends, `15 to 20`. */
const ranged = (amount: number, to: number | undefined): string =>
  to === undefined || to <= amount ? `${amount}` : `${amount} to ${to}`;

/** A dose in words, such as `20 s`, `15 to 20 s`, `3 breaths`, `5 times` or `3 × one breath`. */
export const doseWords = (dose: Dose, amount: number = dose.amount): string => {
  const to = amount === dose.amount ? dose.to : undefined;
  const many = ranged(amount, to);
  if (dose.measure === 'seconds') return dose.open ? `about ${many} s, until you go on` : `${many} s`;
  if (dose.measure === 'breaths') return to === undefined ? plural(amount, 'breath') : `${many} breaths`;
  const held = dose.holdSec === undefined ? '' : `, each held ${dose.holdSec} s`;
  const once = amount === 1 && to === undefined;
  if (typeof dose.repSec === 'string')
    return (once ? REP_BREATHS[dose.repSec] : `${many} × ${REP_BREATHS[dose.repSec]}`) + held;
  return (once ? 'once' : `${many} times`) + held;
};

const eachWay = ({ ways }: Move): string => {
  if (ways.pattern === 'together') return '';
  return ways.pair === 'side' ? ' each side' : ' each way';
};

/** The usual dose of a move, before it stands in a break. */
export const usualDose = (move: Move): string => doseWords(move.dose.usual) + eachWay(move);

const waysWords = ({ step, move, doneSides }: PlacedStep, amountWords: (side?: Side) => string): string => {
  const { ways } = move;
  if (ways.pattern === 'together') return amountWords();
  if (doneSides === 'none') return 'left out on both sides';
  if (doneSides !== 'both') return `${amountWords(doneSides)}, ${wayName(move, doneSides)} only`;
  if (!step.uneven || step.uneven.amount === step.dose.amount)
    return amountWords() + (step.oneByOne && ways.pattern === 'alternate' ? '' : eachWay(move));
  const other = otherSide(step.uneven.side);
  const each = (s: Side): string => `${wayName(move, s)} ${amountWords(s)}`;
  return other === 'left' ? `${each(other)}, ${each('right')}` : `${each('left')}, ${each(other)}`;
};

const ONE_BY_ONE = ', all of one side first';

/** The breath of its own that a step has. */
const breathWords = ({ breath }: Step): string => {
  const pace = breath?.breathsPerMinute === undefined ? '' : `, at ${breath.breathsPerMinute} a minute`;
  const ratio = breath?.exhaleRatio === undefined ? '' : `, ${breath.exhaleRatio} times as long out as in`;
  return pace + ratio;
};

/**
 * How much of a step is done, on which sides, in which directions and sets: the one wording of it, for the sheet,
 * leading, calendars, captions and paper. Empty for what is only said.
 */
export const stepDose = (at: PlacedStep): string => {
  const { move, meanwhile, step } = at;
  if (move.onlyWords) return '';
  const own = ownDose(at);
  if (!meanwhile || !step.meanwhile) return own;
  return `${own}, ${meanwhileWords({ moveName: meanwhile.name, times: step.meanwhile.times, side: null })}`;
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
export const ownDose = (at: PlacedStep): string => {
  const { step, move, amountOf } = at;
  const { directions } = move.ways;
  const dose = waysWords(at, (side) => doseWords(amountOf.dose, amountOf.on(side)));
  const sets = step.sets > 1 ? `, ${step.sets} sets` : '';
  const [first, second] = directions ?? [];
  // The second direction has its own amount: each direction says its own.
  if (step.second && step.directions === 'both' && directions)
    return `${dose} ${first}, ${doseWords(step.dose, step.second.amount)} ${second}${sets}${breathWords(step)}`;
  const turned = directions
    ? step.directions === 'both'
      ? ', each direction'
      : `, ${step.directions === 'first' ? first : second} only`
    : '';
  const inTurn = step.oneByOne && move.ways.pattern === 'alternate' ? ONE_BY_ONE : '';
  return `${dose}${turned}${inTurn}${sets}${breathWords(step)}`;
};
