import { ENOUGH_REPEATS, REACHES, TIGHTER_BY } from '../measure';
import { ReachKind } from '../model';
import {
  COMPLAINTS,
  ENOUGH_FOR_RAMP,
  ENOUGH_OF_HOUR,
  ENOUGH_RECORDS,
  ENOUGH_TIMES,
  GOES_ON,
  OVER,
  RARE,
  SHORT_SEC,
  SHORT_SHARE,
  WAITS,
} from '../propose';
import { GONE_THROUGH } from '../record';
import { FEWEST_PEOPLE } from '../report';
import { FEWEST_FOR_A_LINE } from '../stats';
import { ENOUGH_PAIRS } from '../trends';
import { at, percent } from './value';

/** From where on records are said to show something. */
export const ofTheRecords = at('Records', [
  ...ReachKind.options.map((kind): readonly [string, string] => {
    const { name, usualError, unit } = REACHES[kind];
    return [`Usual error of a reading: ${name}`, `${usualError} ${unit[1]}`];
  }),
  ['Readings taken twice before a group’s own error is used', `${ENOUGH_REPEATS}`],
  ['A change of tension is spoken of', `from ${ENOUGH_PAIRS} times before and after on`],
  ['A line through weeks', `from ${FEWEST_FOR_A_LINE} days on`],
  [
    'One side tighter than the other',
    `by ${TIGHTER_BY} points on average`,
    'ratingChange',
    'Used by analogy.',
  ],
  ['A side that fell short', `by ${percent(SHORT_SHARE)} of its plan and ${SHORT_SEC} s`],
  ['Again and again, not by chance', `a chance of at most ${percent(RARE)} (sign test)`],
  ['Complaints at a move before it is left out', `${COMPLAINTS}`],
  ['Planned breaks of an hour before it is judged', `${ENOUGH_OF_HOUR}`],
  ['Records before an area counts as unreached', `${ENOUGH_RECORDS}`],
  [
    'A break that runs over',
    `${percent(OVER)} of its words and changes, each of ${ENOUGH_TIMES} times or more`,
  ],
  ['Words that count for how long they take', `gone through by ${percent(GONE_THROUGH)} or more`],
  [
    'A ramp that goes on, and one that waits',
    `from ${percent(GOES_ON)}, below ${percent(WAITS)} done, of ${ENOUGH_FOR_RAMP} or more`,
  ],
  ['People in a group before a page about it is made', `${FEWEST_PEOPLE}`],
]);
