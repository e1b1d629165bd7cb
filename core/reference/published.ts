/** Where a published value comes from, with everything needed to look it up. */
export interface Source {
  subject: string;
  /** How it is named in a sentence. */
  short: string;
  source: string;
  year: number;
  note: string;
}

/** All values here are quoted from memory of their source. */
const FROM_MEMORY = 'From memory of the source.';

/** Published values the program rests on so far, each with its unit in its name. */
export const published = {
  staticHold: {
    subject: 'Static stretch, adults: length of one hold; warm muscle',
    short: 'Garber et al. 2011',
    source: 'ACSM position stand, Garber et al., Med Sci Sports Exerc 43(7):1334-59',
    year: 2011,
    note: FROM_MEMORY,
    leastSec: 10,
    mostSec: 30,
  },
  slowBreathing: {
    subject: 'Slow breathing: about six breaths a minute',
    short: 'Lehrer and Gevirtz 2014',
    source: 'Lehrer & Gevirtz, Front Psychol 5:756',
    year: 2014,
    note: FROM_MEMORY,
    breathsPerMinute: 6,
  },
  screenBreaks: {
    subject: 'Breaks from screen work: short and often, better than 20 min every 2 h',
    short: 'HSE',
    source: 'HSE (UK), INDG36 and L26, work with display screen equipment',
    year: 2013,
    note: FROM_MEMORY,
    leastMin: 5,
    mostMin: 10,
    everyMin: 60,
  },
  ratingChange: {
    subject: '0-10 rating: the change that matters',
    short: 'Farrar et al. 2001',
    source: 'Farrar et al., Pain 94:149-58',
    year: 2001,
    note: FROM_MEMORY,
    points: 2,
    share: 0.3,
  },
} satisfies Record<string, Source & Record<string, string | number>>;

/** How a value is cited on screen: who, when, and that it is quoted from memory. */
export const cite = ({ short }: Pick<Source, 'short'>): string => `${short}, from memory`;
