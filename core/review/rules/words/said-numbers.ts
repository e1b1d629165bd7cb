import type { Step } from '../../../model';

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
const WORTH: Readonly<Record<string, number>> = {
  thirty: 30,
  forty: 40,
  fifty: 50,
  sixty: 60,
  ninety: 90,
  'a dozen': 12,
  'half a dozen': 6,
  'a couple of': 2,
  once: 1,
  twice: 2,
  'half a': 0.5,
  a: 1,
};
const NUMBER = `\\d+|${NUMBERS.join('|')}|${Object.keys(WORTH).join('|')}`;
/** What is counted, as one says it of a movement. */
const COUNTED =
  'times|repetitions?|reps|circles?|rolls?|squeezes|lifts|nods|turns|taps|presses|shrugs|raises|reaches|swings|sweeps|punches|glides|bends|of (?:them|these|those)';
const UNIT = `minutes?|mins?|seconds?|secs?|s|breaths?|${COUNTED}`;
/** How it is said that so many are for a side or a direction: “five on each side”. */
const FOR_EACH = '(?:on |to |for )?(?:each|either|per|a) (?:side|arm|leg|hand|foot|way|direction)';
const SAID = new RegExp(
  // “15 to 20 seconds” and “three or four times” leave room between two numbers; “twice a day” is no dose.
  `(?<![\\w/.,])(?:(${NUMBER})\\s*(?:to|or|-|–)\\s*)?(${NUMBER})(?:[-\\s]+(?:slow|full|long|whole|deep|small|good))?(?:[-\\s]*(${UNIT}|x|×)|\\s+(${FOR_EACH}))?(?!\\w)(?! (?:a|per|every|each) (?:day|week|hour|morning))`,
  'gi',
);

const numberOf = (word: string): number => {
  const at = NUMBERS.indexOf(word);
  return at >= 0 ? at : (WORTH[word] ?? Number(word));
};

/** What a dose is counted in. */
export type Measure = 'seconds' | 'breaths' | 'reps';

const measureOf = (unit: string | undefined, word: string): Measure | null => {
  if (word === 'once' || word === 'twice') return unit === undefined ? 'reps' : null;
  if (unit === undefined) return null;
  // “A breath” and “a small nod” count nothing; “a minute” does.
  if (/^(half )?a$/.test(word)) return /^min(ute)?$/.test(unit) ? 'seconds' : null;
  if (/^(s(ec(ond)?s?)?|min(ute)?s?)$/.test(unit)) return 'seconds';
  if (unit.startsWith('of ')) return null;
  return unit.startsWith('breath') ? 'breaths' : 'reps';
};

/** A number of the dose in own words: from, to (the same where only one is said), and what it counts. */
export interface SaidNumber {
  said: string;
  from: number;
  to: number;
  measure: Measure;
}

/** Seconds that are said without their name: “hold for 30”, “to a count of ten”. */
const HELD = new RegExp(
  `\\b(?:(?:hold|stay|wait|keep)(?: (?:it|here|there|this|that|on))* for(?: about)?|(?:for|to) (?:a |the )?count of) (${NUMBER})(?=\\s*(?:[.,;:!?)]|$|and\\b|then\\b))`,
  'gi',
);
const heldIn = (text: string, own: Measure): SaidNumber[] =>
  own === 'reps'
    ? []
    : [...text.matchAll(HELD)].map(([said, number = '']) => {
        const seconds = numberOf(number.toLowerCase());
        return { said: said.trim(), from: seconds, to: seconds, measure: 'seconds' };
      });

/** The numbers of the dose in own words; those for each side count whatever the step counts. */
export const numbersIn = (text: string, own: Measure): SaidNumber[] => [
  ...heldIn(text, own),
  ...[...text.matchAll(SAID)].flatMap(([said, lower, number = '', unit, forEach]) => {
    const word = number.toLowerCase();
    // “Eight of them” counts whatever the step counts; “one of these” nothing.
    const ofThem = /^of\b/i.test(unit ?? '') && word !== 'one' && own !== 'seconds';
    const measure = forEach || ofThem ? own : measureOf(unit?.toLowerCase(), word);
    const times = /^min/i.test(unit ?? '') ? 60 : 1;
    const to = numberOf(word) * times;
    const from = lower === undefined ? to : numberOf(lower.toLowerCase()) * times;
    return measure ? [{ said: said.trim(), from, to, measure }] : [];
  }),
];

/** True when own words say a number of the dose: whoever changes the dose would make them wrong. */
export const saysDose = ({ words, dose }: Pick<Step, 'words' | 'dose'>): boolean =>
  words !== undefined && numbersIn(words, dose.measure).length > 0;
