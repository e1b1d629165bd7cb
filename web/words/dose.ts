import { type Dose, isTwoWay, type Move, type Step } from '@kotabi/core/model';

/** A dose with its unit: `20 s`, `3 breaths`, `×5`; repetitions of one breath each are counted as breaths. */
export const doseShort = (dose: Dose): string => {
  const { measure, amount } = dose;
  if (measure === 'seconds') return `${amount} s`;
  if (measure === 'breaths') return `${amount} breath${amount === 1 ? '' : 's'}`;
  if (dose.measure === 'reps' && dose.repSec === 'breath')
    return amount === 1 ? 'one breath' : `${amount} × one breath`;
  return `×${amount}`;
};

/** What stands at the right of a row: the dose, and how often it comes. */
export const rowDose = (step: Step, move: Move): string => {
  const directions = move.ways.directions && step.directions === 'both';
  const dose = doseShort(step.dose);
  if (directions) return `${dose} each way`;
  if (move.ways.pattern === 'together') return dose;
  return step.sides === 'both' ? `${dose} each` : dose;
};

/** What moves to which way, for moves that have two. */
export const wayName = (move: Move, side: 'left' | 'right'): string => {
  if (!isTwoWay(move) || move.ways.pattern === 'together') return '';
  switch (move.ways.pair) {
    case 'side':
      return side;
    case 'arm on top':
    case 'hand on top':
    case 'leg on top':
      return `${side} ${move.ways.pair}`;
    case 'thumb in front':
      return `${side} thumb in front`;
    case 'diagonal':
      return `${side} hand, ${side === 'left' ? 'right' : 'left'} foot`;
  }
};
