import { defaultPace } from '../model';
import { published as p } from '../reference';
import { FOLDED_DEG, TIPPED_DEG, WHOLE_DEG } from '../review/poses';
import { CALM_RATIO } from '../review/rules/breath/calm';
import { LONGEST_SETUP_MS } from '../review/rules/breath/cue-length';
import { RESTING_BREATHS } from '../review/rules/breath/quick';
import { TURNED_DEG as FOLD_TURNED_DEG } from '../review/rules/caution/fold';
import { TURNED_DEG as HEAD_TURNED_DEG, LIFTED_DEG } from '../review/rules/caution/head';
import { LONGEST_HEAD_MS } from '../review/rules/caution/head-long';
import { LEAST_MS, MOST_MS, TENDER_MOST_MS } from '../review/rules/caution/hold-length';
import { NECK_IN_ROW } from '../review/rules/caution/neck-in-row';
import { LONGEST_NECK_MS } from '../review/rules/caution/neck-long';
import { FAR_TOO_MANY, QUICKEST_HEAD_SEC } from '../review/rules/caution/repetitions';
import { SERIES } from '../review/rules/order/approach';
import { FEW_STEPS, HOLDS, SHORT_SLOT_SEC } from '../review/rules/order/frame';
import { SHORT_HOLD_MS } from '../review/rules/order/mobilised';
import { SPARE_CHANGES } from '../review/rules/order/positions';
import { LARGER, LARGER_BY_DEG } from '../review/rules/order/range';
import { MOST } from '../review/rules/order/visits';
import { IDLE_MS } from '../review/rules/room/idle';
import { RESET_REPS } from '../review/rules/sides/directions';
import { BENT_DEG, MOVED_DEG } from '../review/rules/sides/wrists';
import { MISSED_MS, MORE_MS, TIMES } from '../review/rules/slot/far-beyond';
import { SLACK_MS, SLACK_SHARE } from '../review/rules/slot/slot';
import { HARDLY_MS } from '../review/rules/slot/targets';
import { REST_MOST_MS, REST_SEC, UNTOLD_MOST_MS } from '../review/rules/words/silence';
import { at, percent, sec } from './value';

const setupWords = Math.floor((LONGEST_SETUP_MS / 60_000) * defaultPace.wordsPerMinute);

/** From where on the review says something. */
export const ofTheReview = at('Review', [
  ['Slot left unused', `more than ${sec(SLACK_MS)} and ${percent(SLACK_SHARE)}`],
  ['A hold that wants its area moved first', `longer than ${sec(SHORT_HOLD_MS)}`],
  ['Shortest hold of a stretch', sec(LEAST_MS), 'staticHold'],
  [
    'Longest hold at a time',
    sec(MOST_MS),
    'staticHoldTotal',
    `Published for older adults; for adults up to ${p.staticHold.mostSec} s.`,
  ],
  ['Longest hold of the neck, or with arms overhead', sec(TENDER_MOST_MS)],
  ['Longest rest in the middle; one press makes it', `${sec(REST_MOST_MS)}, ${REST_SEC} s`],
  ['Eyes closed without saying for how long, up to', sec(UNTOLD_MOST_MS)],
  ['Longest set-up', `${sec(LONGEST_SETUP_MS)}, about ${setupWords} words`],
  ['Neck away from the middle', `more than ${sec(LONGEST_NECK_MS)} of work`],
  ['Holds of the neck in a row', `more than ${NECK_IN_ROW}, with nothing let go between them`],
  ['Slow breathing that is not slow', `${RESTING_BREATHS} breaths a minute and more`],
  ['A head that hangs, or is kept turned', `longer than ${sec(LONGEST_HEAD_MS)} at a time`],
  ['A head moved fast', `a repetition in less than ${QUICKEST_HEAD_SEC} s`],
  ['Too many repetitions', `more than ${FAR_TOO_MANY} times what a move asks for at most`],
  [
    'Head tipped back: how far, and turned as well',
    `more than ${LIFTED_DEG}°; from ${TIPPED_DEG}° on, turned by more than ${HEAD_TURNED_DEG}°`,
  ],
  ['A deep fold, and turned as well', `from ${FOLDED_DEG}° on, turned by more than ${FOLD_TURNED_DEG}°`],
  [
    'A large movement before a small one',
    `${LARGER} times as far, and more than ${LARGER_BY_DEG}° farther; of head and trunk the whole usual way counts ${WHOLE_DEG}°`,
  ],
  [
    'Wrists bent one way only',
    `held from ${BENT_DEG}° on; a movement of ${MOVED_DEG}° up and down does for both`,
  ],
  ['A roll to let go, which owes no other way round', `up to ${RESET_REPS} times`],
  ['An area hardly held at all', `less than ${sec(HARDLY_MS)} a side`],
  [
    'One area far beyond another',
    `from ${TIMES} times its seconds and ${sec(MORE_MS)} more on, where the other has ${sec(MISSED_MS)} or more`,
  ],
  ['An area come back to', `more than ${MOST} times`],
  ['Changes of position to and fro', `more than ${SPARE_CHANGES}`],
  ['Two-sided holds one would lead as a series', `from ${SERIES} in a row on`],
  ['A break that needs no beginning and end', `up to ${SHORT_SLOT_SEC} s, or of ${FEW_STEPS} step`],
  ['A break that wants a release', `from ${HOLDS.ofArea} holds of one area on, or ${HOLDS.all} of any`],
  ['Nothing left to do for someone', `for more than ${sec(IDLE_MS)}`],
  ['A breath out that calms', `${CALM_RATIO} times the breath in, at least`],
]);
