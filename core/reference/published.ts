import { slowBreathing, staticHold, staticHoldTotal } from './holding';
import { hipKneeMotion, jointMotion } from './motion';
import { FROM_MEMORY, type Source, type Value } from './source';

// Each by itself, so that a page takes along only what it rests on.
export const screenBreaks = {
  subject: 'Breaks from screen work: 5 to 10 min every hour, better than 20 min every 2 h',
  short: 'HSE, INDG36',
  source: 'HSE (UK), INDG36, working with display screen equipment',
  year: 2013,
  note: FROM_MEMORY,
  leastMin: 5,
  mostMin: 10,
  everyMin: 60,
  insteadOfMin: 20,
  insteadOfEveryMin: 120,
} satisfies Value;
export const screenBreaksGuidance = {
  subject: 'Breaks from screen work, as the guidance on the regulations words it',
  short: 'HSE, L26',
  source: 'HSE (UK), L26, work with display screen equipment, guidance on regulations',
  year: 2003,
  note: FROM_MEMORY,
  lengthMin: 15,
  everyMin: 120,
} satisfies Value;
export const ratingChange = {
  subject: '0-10 rating of chronic pain: the change that matters',
  short: 'Farrar et al. 2001',
  source: 'Farrar et al., Pain 94:149-58',
  year: 2001,
  note: `${FROM_MEMORY} Found for chronic pain; used here for everyday tension by analogy.`,
  points: 2,
  share: 0.3,
} satisfies Value;
export const screenDuty = {
  subject: 'Daily work on a screen is periodically interrupted by breaks or other work',
  short: 'Directive 90/270/EEC',
  source: 'Council Directive 90/270/EEC, article 7',
  year: 1990,
  note: FROM_MEMORY,
} satisfies Value;
export const extraBreaks = {
  subject: 'Four extra breaks of 5 min a day beside two of 15 min: less discomfort, no loss of output',
  short: 'Galinsky et al. 2000',
  source: 'Galinsky et al., Ergonomics 43(5):622-38',
  year: 2000,
  note: FROM_MEMORY,
  lengthMin: 5,
  extraADay: 4,
} satisfies Value;
export const stretchingDone = {
  subject: 'Share of the breaks that were taken in which people really stretched, ordinary and extra ones',
  short: 'Galinsky et al. 2007',
  source: 'Galinsky et al., Am J Ind Med 50(7):519-27',
  year: 2007,
  note: `${FROM_MEMORY} About breaks that were taken: it says nothing about breaks skipped.`,
  ordinaryShare: 0.25,
  extraShare: 0.39,
} satisfies Value;
export const tiltedHead = {
  subject: 'Load on the neck of a head tilted forward, calculated in a model',
  short: 'Hansraj 2014',
  source: 'Hansraj, Surg Technol Int 25:277-9',
  year: 2014,
  note: 'From memory of the source. At 0 degrees the source gives 10 to 12 lb; the middle is used.',
  at0Lb: 11,
  at15Lb: 27,
  at30Lb: 40,
  at45Lb: 49,
  at60Lb: 60,
  kgPerLb: 0.45359237,
} satisfies Value;
export const headInclination = {
  subject: 'Head inclination held still: acceptable up to, by holding time up to',
  short: 'ISO 11226',
  source: 'ISO 11226:2000, evaluation of static working postures',
  year: 2000,
  note: FROM_MEMORY,
  acceptableDeg: 25,
  byTimeDeg: 85,
} satisfies Value;
export const neckMotion = {
  subject: 'Motion of the neck, adults, another norm',
  short: 'AMA Guides, 5th ed.',
  source: 'American Medical Association, Guides to the Evaluation of Permanent Impairment, 5th edition',
  year: 2000,
  note: FROM_MEMORY,
  flexionDeg: 50,
  extensionDeg: 60,
  sideDeg: 45,
  turnDeg: 80,
} satisfies Value;
export const restingBreath = {
  subject: 'Breathing at rest, adults, breaths a minute',
  short: 'NEWS2',
  source: 'Royal College of Physicians, National Early Warning Score (NEWS) 2',
  year: 2017,
  note: FROM_MEMORY,
  leastPerMinute: 12,
  mostPerMinute: 20,
} satisfies Value;
export const bodyMap = {
  subject: 'Rating discomfort part by part on a map of the body',
  short: 'Corlett and Bishop 1976',
  source: 'Corlett & Bishop, Ergonomics 19:175-82',
  year: 1976,
  note: `${FROM_MEMORY} Their scale was not 0 to 10; ours is.`,
} satisfies Value;

/** Published values the program rests on so far, each with its unit in its name. */
export const published = {
  staticHold,
  slowBreathing,
  screenBreaks,
  screenBreaksGuidance,
  ratingChange,
  staticHoldTotal,
  screenDuty,
  extraBreaks,
  stretchingDone,
  headLoad: tiltedHead,
  headInclination,
  jointMotion,
  neckMotion,
  hipKneeMotion,
  restingBreath,
  bodyMap,
} satisfies Record<string, Value>;

/** How a value is cited in a sentence: who and when. The page of numbers says the rest, also what is quoted from memory. */
export const cite = ({ short }: Pick<Source, 'short'>): string => short;
