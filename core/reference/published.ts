/** A published value, with everything needed to look it up. */
export interface Published {
  subject: string;
  value: string;
  unit: string;
  source: string;
  year: number;
  /** All values here are quoted from memory of the source. */
  note: string;
}

/** Published values the program rests on so far. */
export const published = {
  staticHold: {
    subject: 'Static stretch, adults: length of one hold',
    value: '10-30',
    unit: 's',
    source: 'ACSM position stand, Garber et al., Med Sci Sports Exerc 43(7):1334-59',
    year: 2011,
    note: 'From memory of the source.',
  },
  slowBreathing: {
    subject: 'Slow breathing',
    value: '6',
    unit: 'breaths/min',
    source: 'Lehrer & Gevirtz, Front Psychol 5:756',
    year: 2014,
    note: 'From memory of the source; about six a minute.',
  },
  screenBreaks: {
    subject: 'Breaks from screen work: short and often',
    value: '5-10 every 60',
    unit: 'min',
    source: 'HSE (UK), INDG36 and L26, work with display screen equipment',
    year: 2013,
    note: 'From memory of the source; better than 20 minutes every two hours.',
  },
} satisfies Record<string, Published>;
