import { doseWords } from '../../../timing';
import { eachStep } from '../../each-step';
import type { Finding } from '../../finding';

const NUMBERS = [
  'zero',
  'one',
  'two',
  'three',
  'four',
  'five',
  'six',
  'seven',
  'eight',
  'nine',
  'ten',
  'eleven',
  'twelve',
  'thirteen',
  'fourteen',
  'fifteen',
  'sixteen',
  'seventeen',
  'eighteen',
  'nineteen',
  'twenty',
];
const NUMBER = `\\d+|${NUMBERS.join('|')}|thirty|forty|fifty|sixty|ninety|once|twice|half a|a`;
/** What is counted, as one says it of a movement. */
const COUNTED =
  'times|repetitions?|reps|circles?|rolls?|squeezes|lifts|nods|turns|taps|presses|shrugs|raises|reaches|swings|sweeps|punches|glides|bends';
const SAID = new RegExp(
  `\\b(${NUMBER})(?:[-\\s]+(?:slow|full|long|whole|deep|small|more|good))?(?:[-\\s]+(minutes?|seconds?|s|breaths?|${COUNTED}))?\\b`,
  'gi',
);

const numberOf = (word: string): number => {
  const at = NUMBERS.indexOf(word);
  if (at >= 0) return at;
  const other: Record<string, number> = {
    thirty: 30,
    forty: 40,
    fifty: 50,
    sixty: 60,
    ninety: 90,
    once: 1,
    twice: 2,
    'half a': 0.5,
    a: 1,
  };
  return other[word] ?? Number(word);
};

const measureOf = (unit: string | undefined, word: string): 'seconds' | 'breaths' | 'reps' | null => {
  if (word === 'once' || word === 'twice') return unit === undefined ? 'reps' : null;
  if (unit === undefined) return null;
  // “A breath” and “a small nod” count nothing; “a minute” does.
  if (/^(half )?a$/.test(word)) return /^minute$/.test(unit) ? 'seconds' : null;
  if (/^(s(econds?)?|minutes?)$/.test(unit)) return 'seconds';
  return unit.startsWith('breath') ? 'breaths' : 'reps';
};

/** What is a number of the dose in own words, with what it counts. */
const numbersIn = (
  text: string,
): { said: string; value: number; measure: 'seconds' | 'breaths' | 'reps' }[] =>
  [...text.matchAll(SAID)].flatMap(([said, number = '', unit]) => {
    const word = number.toLowerCase();
    const measure = measureOf(unit?.toLowerCase(), word);
    const times = /^minute/i.test(unit ?? '') ? 60 : 1;
    return measure ? [{ said: said.trim(), value: numberOf(word) * times, measure }] : [];
  });

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
  const wrong = numbersIn(step.words).find(({ value, measure }) => {
    if (measure === 'reps' && value === step.meanwhile?.times) return false;
    // “Twice” may speak of the sets, and a hold of whole breaths is said in either.
    if (measure === 'reps' && value === sets && sets > 1) return false;
    if (measure === step.dose.measure || measure === dose.measure) return !done.includes(value);
    if (dose.measure === 'reps' && measure === 'breaths')
      return typeof dose.repSec === 'string' && !done.includes(value);
    return measure === 'reps' && dose.measure !== 'reps' && value > sets;
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
