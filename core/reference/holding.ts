import { FROM_MEMORY, type Value } from './source';

// How long to hold and how to breathe, apart from the other values: every break rests on it.
export const staticHold = {
  subject: 'Static stretch, adults: length of one hold; warm muscle',
  short: 'Garber et al. 2011',
  source: 'ACSM position stand, Garber et al., Med Sci Sports Exerc 43(7):1334-59',
  year: 2011,
  note: FROM_MEMORY,
  leastSec: 10,
  mostSec: 30,
} satisfies Value;

export const slowBreathing = {
  subject: 'Slow breathing: about six breaths a minute',
  short: 'Lehrer and Gevirtz 2014',
  source: 'Lehrer & Gevirtz, Front Psychol 5:756',
  year: 2014,
  note: FROM_MEMORY,
  breathsPerMinute: 6,
} satisfies Value;

export const staticHoldTotal = {
  subject: 'Static stretch, adults: in all for one exercise on one day',
  short: 'Garber et al. 2011',
  source: 'ACSM position stand, Garber et al., Med Sci Sports Exerc 43(7):1334-59',
  year: 2011,
  note: `${FROM_MEMORY} Said of one stretching exercise, done 2 to 4 times.`,
  leastTimes: 2,
  mostTimes: 4,
  totalSec: 60,
  daysAWeek: 2,
  olderLeastSec: 30,
  olderMostSec: 60,
} satisfies Value;
