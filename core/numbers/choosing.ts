import { DAY_WORTH, OTHER_WORTH, PLACE_WORTH, ROTA_WORTH, EMPTY_COST as UNFILLED_COST } from '../fill/fill';
import { LATER_COST, SESSION_WORTH, TIMES_WORTH } from '../gather/gather';
import { AIM_SEC } from '../ledger';
import { LONGEST_FRAME_SEC } from '../suggest/candidates';
import { LEVEL } from '../suggest/fairest';
import { BREATH_SETS, NOT_FULL_SHARE } from '../suggest/fill-breath';
import { HOLDS_RUNNING, OF_ONE_AREA } from '../suggest/let-go';
import { MOST_ARE, PROPOSED, SPEAKS } from '../suggest/likely';
import { MORE } from '../suggest/more';
import { FAR_SHARE, FILL_WORTH, OFF_COST, REPEAT_COST } from '../suggest/program';
import { BREATHE_SLOT_SEC, BREATHING_MOVES, HEAD_MOVES, RELEASE_SLOT_SEC } from '../suggest/program/frame';
import {
  FEW_HOLDS,
  HOLDS_A_MOVE,
  LONG_SLOT_SEC,
  MANY_RUNNING,
  OWN_MOVER_SLOT_SEC,
  ROOM_SLOT_SEC,
  TWO_SIDED_SLOT_SEC,
} from '../suggest/program/holds';
import { CHANGE_COST, STANDING_MOVES } from '../suggest/program/places';
import { MOVING, PLAIN_WORTH, QUARTER_WORTH, TWO_SIDED_WORTH, WORK_SHARE } from '../suggest/program/served';
import { EMPTY_COST, LEFT_SHARE } from '../suggest/program/time';
import { GRAVE, WORTH } from '../suggest/swap';
import { BALANCING_WEIGHED, FILLERS_WEIGHED, FRAMES_WEIGHED, PLENTY } from '../suggest/weighed';
import { at, percent } from './value';

/** What counts how much where the program chooses. */
export const ofChoosing = [
  ...at('Suggesting a break', [
    [
      'Enough for one side of an area',
      `${AIM_SEC} s, or its part of the slot’s work if that is less`,
      'staticHoldTotal',
      'Published for one exercise; used here for a side of an area.',
    ],
    ['Work in a slot', percent(WORK_SHARE)],
    ['Movement counted against a hold', `${percent(MOVING)} of its seconds`],
    ['The least served side comes first, to', `${percent(LEVEL)} of what it is due`],
    ['What each quarter of what a side is due is worth', QUARTER_WORTH.join(', ')],
    [
      'A hold that both sides do at once lasts no longer than those of one side each',
      `in slots from ${TWO_SIDED_SLOT_SEC} s to ${ROOM_SLOT_SEC} s; in longer ones there is at least one of those`,
    ],
    ['An area held on both sides', `${TWO_SIDED_WORTH}, in slots from ${TWO_SIDED_SLOT_SEC} s on`],
    ['What is beyond a fair part', `${PLAIN_WORTH}`],
    ['A change of position, a move used again', `costs ${CHANGE_COST}, ${REPEAT_COST}`],
    ['A dose far from the usual one', `costs ${OFF_COST} times its square`],
    [
      'A second left empty, a second for another area',
      `costs ${EMPTY_COST}, is worth ${FILL_WORTH}, and ${FAR_SHARE} of that in another region of the body`,
    ],
    ['A slot with a breathing move of its own', `from ${BREATHE_SLOT_SEC} s on`],
    ['A slot in which something is let go in any case', `from ${RELEASE_SLOT_SEC} s on`],
    ['Breathing moves where only the breath is wanted', `up to ${BREATHING_MOVES}`],
    ['A slot in which two moves may hold one muscle', `from ${LONG_SLOT_SEC} s on`],
    [
      'The tighter side, where more of it is wished for',
      `${MORE.seconds} s or ${MORE.breaths} breath longer`,
    ],
    [
      'Holds before something is let go',
      `${HOLDS_RUNNING}, and ${OF_ONE_AREA} of one area; beyond ${FEW_HOLDS} holds it is reckoned with after ${MANY_RUNNING} on average`,
    ],
    ['Holds of an area for each movement before them', `up to ${HOLDS_A_MOVE}`],
    ['A slot in which each wanted area is moved by itself', `from ${OWN_MOVER_SLOT_SEC} s on`],
    ['Moves of the head before the holds', `up to ${HEAD_MOVES}`],
    ['Moves worth standing up for', `${STANDING_MOVES} or more`],
    [
      'Areas proposed for a group',
      `up to ${PROPOSED}: hoped for ${SPEAKS.hopes}, tight ${SPEAKS.tight} by the share of the people, lacking in the week ${SPEAKS.lacking}`,
    ],
    ['More of a side is proposed', `where more than ${percent(MOST_ARE)} of the people are tight there`],
    ['What is left of a slot', percent(LEFT_SHARE)],
    ['Breath alone takes what is left, where that is more than', percent(NOT_FULL_SHARE)],
    ['Rounds of one way of breathing, then', `up to ${BREATH_SETS}`],
    [
      'Moves that settle, close and release',
      `up to ${LONGEST_FRAME_SEC} s; the ${FRAMES_WEIGHED} shortest are weighed`,
    ],
    ['Enough moves for what is wanted', `${PLENTY} times the slot: others are left aside`],
    [
      'Other moves to balance what was opened or rounded',
      `the ${BALANCING_WEIGHED} shortest of each kind are weighed`,
    ],
    ['Other moves to fill a slot', `the ${FILLERS_WEIGHED} shortest of each kind and area are weighed`],
  ]),
  ...at('Swapping a move', [
    [
      'What speaks for a move',
      `same area ${WORTH.area}, kind ${WORTH.kind}, muscles ${WORTH.muscle}, named in its place ${WORTH.named}, more of the people ${WORTH.served}, position ${WORTH.place}`,
    ],
    [
      'What speaks against it',
      `a finding ${WORTH.finding} (a caution ${GRAVE} times that), a second longer or shorter ${WORTH.second}`,
    ],
  ]),
  ...at('Filling a week', [
    ['A place that is filled', `${PLACE_WORTH}`],
    ['A day more towards an aim', `${DAY_WORTH}`],
    ['A break of the day’s area', `${ROTA_WORTH}`],
    ['Another break now and then', `${OTHER_WORTH}`],
    ['A minute of a place left empty', `costs ${UNFILLED_COST}`],
  ]),
  ...at('Led sessions', [
    ['Someone can come: the first time, the second and so on', TIMES_WORTH.join(', ')],
    ['A session that is held, an hour later', `${SESSION_WORTH}, costs ${LATER_COST} a minute`],
  ]),
];
