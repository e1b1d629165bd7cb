import { doseWords } from '../../../timing';
import { eachStep } from '../../each-step';
import type { Finding } from '../../finding';
import { numbersIn } from './said-numbers';

/** A number said in own words that is not the one that is done: “five times”, done eight; “20 seconds”, done 13. */
export const wordsNumbers = eachStep(({ step, move, amountOf }): Finding[] => {
  if (!step.words || move.onlyWords) return [];
  const { dose } = amountOf;
  const sets = step.sets;
  const done = [
    amountOf.on('left'),
    amountOf.on('right'),
    dose.amount,
    step.dose.amount,
    step.second?.amount,
    dose.to,
    step.meanwhile?.times,
  ];
  const wrong = numbersIn(step.words, dose.measure).find(({ from, to, measure }) => {
    const isDone = done.some((n) => n !== undefined && n >= from && n <= to);
    if (measure === 'reps' && to === step.meanwhile?.times) return false;
    // “Twice” may speak of the sets, and a hold of whole breaths is said in either.
    if (measure === 'reps' && to === sets && sets > 1) return false;
    if (measure === step.dose.measure || measure === dose.measure) return !isDone;
    if (dose.measure === 'reps' && measure === 'breaths') return typeof dose.repSec === 'string' && !isDone;
    return measure === 'reps' && dose.measure !== 'reps' && to > sets;
  });
  if (!wrong) return [];
  return [
    {
      code: 'wordsDose',
      weight: 'caution',
      stepIds: [step.id],
      move: move.name,
      said: wrong.said,
      done: doseWords(dose),
    },
  ];
});
