import { wayName } from '../cues';
import { type Dose, type Move, otherSide, type Side } from '../model';
import type { PlacedStep } from './place';

const plural = (n: number, one: string): string => `${n} ${one}${n === 1 ? '' : 's'}`;

/** A dose in words, such as `20 s`, `3 breaths`, `5 times` or `3 × one breath`. */
export const doseWords = (dose: Dose, amount: number = dose.amount): string => {
  if (dose.measure === 'seconds') return `${amount} s`;
  if (dose.measure === 'breaths') return plural(amount, 'breath');
  if (dose.repSec === 'breath') return amount === 1 ? 'one breath' : `${amount} × one breath`;
  return amount === 1 ? 'once' : `${amount} times`;
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
  if (!step.uneven || step.uneven.amount === step.dose.amount) return amountWords() + eachWay(move);
  const other = otherSide(step.uneven.side);
  const each = (s: Side): string => `${wayName(move, s)} ${amountWords(s)}`;
  return other === 'left' ? `${each(other)}, ${each('right')}` : `${each('left')}, ${each(other)}`;
};

/**
 * How much of a step is done, on which sides, in which directions and sets: the one wording of it, for the sheet,
 * leading, calendars, captions and paper. Empty for what is only said.
 */
export const stepDose = (at: PlacedStep): string => {
  const { step, move, amountOf } = at;
  if (move.onlyWords) return '';
  const { directions } = move.ways;
  const dose = waysWords(at, (side) => doseWords(amountOf.dose, amountOf.on(side)));
  const turned = directions
    ? step.directions === 'both'
      ? ', each direction'
      : `, ${directions[step.directions === 'first' ? 0 : 1]} only`
    : '';
  const sets = step.sets > 1 ? `, ${step.sets} sets` : '';
  return `${dose}${turned}${sets}`;
};
