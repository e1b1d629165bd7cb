import { BREATH_SEC } from '../approach/propose';
import { SHORT_SLOTS } from '../forms/forms';
import { BREATHS_A_REP, defaultPace } from '../model';
import { DONE_SHARE } from '../record/record';
import { published as p } from '../reference';
import { FETCH_SEC, FLOOR_SEC, FLOOR_SHIFT_SEC, PAUSE_MS, SEAT_SHIFT_SEC, STAND_UP_SEC } from '../timing';
import { at, percent, sec } from './value';

const { wall, desk: _desk, chair: _chair, ...things } = FETCH_SEC;

/** What a break is made of: doses, time and breath, and what is kept of it. */
export const ofABreak = [
  ...at('Doses', [
    ['Length of one hold', `${p.staticHold.leastSec} to ${p.staticHold.mostSec} s`, 'staticHold'],
    [
      'In all for one exercise on one day',
      `${p.staticHoldTotal.totalSec} s in ${p.staticHoldTotal.leastTimes} to ${p.staticHoldTotal.mostTimes} times, at least ${p.staticHoldTotal.daysAWeek} days a week`,
      'staticHoldTotal',
    ],
    [
      'Length of one hold, older adults',
      `${p.staticHoldTotal.olderLeastSec} to ${p.staticHoldTotal.olderMostSec} s`,
      'staticHoldTotal',
    ],
    ['Repetitions and least, usual and most of each move', 'as each move’s page says'],
    [
      'Repetitions by the breath',
      `each takes ${Object.entries(BREATHS_A_REP)
        .map(([name, breaths]) => (breaths === 1 ? 'one breath' : name))
        .join(', ')}`,
    ],
    ['A break’s short form', `${SHORT_SLOTS.join(', ')} s, the longest that is at most half of the slot`],
  ]),
  ...at('Time', [
    [
      'Speech',
      `${defaultPace.wordsPerMinute} words a minute, a cue at least ${defaultPace.shortestCueSec} s`,
    ],
    ['Silence between two lines that could also come later', sec(PAUSE_MS)],
    [
      'Change of side, rest between sets, return to neutral',
      `${defaultPace.changeSec} s, ${defaultPace.setRestSec} s, ${defaultPace.returnSec} s`,
    ],
    [
      'Seat to edge, seat to standing, to or from the floor, lying to sitting on the floor',
      `${SEAT_SHIFT_SEC} s, ${STAND_UP_SEC} s, ${FLOOR_SEC} s, ${FLOOR_SHIFT_SEC} s`,
    ],
    ['Fetching a thing, going to a wall', `${[...new Set(Object.values(things))].join(' or ')} s, ${wall} s`],
  ]),
  ...at('Breath', [
    ['Slow breathing', `${p.slowBreathing.breathsPerMinute} breaths a minute`, 'slowBreathing'],
    ['A slow breath, where none is set', `${BREATH_SEC} s`, 'slowBreathing'],
    [
      'Breathing at rest, for comparison',
      `${p.restingBreath.leastPerMinute} to ${p.restingBreath.mostPerMinute} breaths a minute`,
      'restingBreath',
    ],
    ['Breath out against breath in', `${defaultPace.exhaleRatio} times as long`],
  ]),
  ...at('Log', [
    [
      'A change of tension that matters',
      `${p.ratingChange.points} points of 10, or ${percent(p.ratingChange.share)}`,
      'ratingChange',
    ],
    ['Rating area by area on a map of the body', '0 to 10', 'bodyMap'],
    ['A step counts as done', `from ${percent(DONE_SHARE)} of its plan on, on each side`],
  ]),
];
