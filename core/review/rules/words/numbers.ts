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
const NUMBER = `\\d+|${NUMBERS.join('|')}|thirty|forty|sixty|once|twice`;
const SAID = new RegExp(
  `\\b(${NUMBER})(?:\\s+(?:slow|full|long|deep|small|more|good))?(?:\\s+(times|seconds?|s|breaths?|repetitions?|reps|circles?|rolls?))?\\b`,
  'gi',
);

const numberOf = (word: string): number => {
  const at = NUMBERS.indexOf(word);
  if (at >= 0) return at;
  const other: Record<string, number> = { thirty: 30, forty: 40, sixty: 60, once: 1, twice: 2 };
  return other[word] ?? Number(word);
};

const measureOf = (unit: string | undefined, word: string): 'seconds' | 'breaths' | 'reps' | null => {
  if (word === 'once' || word === 'twice') return unit === undefined ? 'reps' : null;
  if (unit === undefined) return null;
  if (/^s(econds?)?$/.test(unit)) return 'seconds';
  return unit.startsWith('breath') ? 'breaths' : 'reps';
};

/** What is a number of the dose in own words, with what it counts. */
const numbersIn = (
  text: string,
): { said: string; value: number; measure: 'seconds' | 'breaths' | 'reps' }[] =>
  [...text.matchAll(SAID)].flatMap(([said, number = '', unit]) => {
    const word = number.toLowerCase();
    const measure = measureOf(unit?.toLowerCase(), word);
    return measure ? [{ said: said.trim(), value: numberOf(word), measure }] : [];
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
