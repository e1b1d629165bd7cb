import { looksAtSteps } from '../each-step';
import type { ReviewRule } from '../finding';
import { breathEnd } from './breath/breath-end';
import { breathWords } from './breath/breath-words';
import { calm } from './breath/calm';
import { cueLength } from './breath/cue-length';
import { breathQuick } from './breath/quick';
import { excluded } from './caution/excluded';
import { fold } from './caution/fold';
import { happened } from './caution/happened';
import { head } from './caution/head';
import { headLong } from './caution/head-long';
import { headLow } from './caution/head-low';
import { holdLength } from './caution/hold-length';
import { neckInRow } from './caution/neck-in-row';
import { neckLong } from './caution/neck-long';
import { repetitions } from './caution/repetitions';
import { approach, approachInSteps } from './order/approach';
import { chestAndBack } from './order/chest-and-back';
import { closeEarly } from './order/close-early';
import { frame } from './order/frame';
import { mobilised } from './order/mobilised';
import { positions } from './order/positions';
import { range } from './order/range';
import { release } from './order/release';
import { rungOrder } from './order/rung-order';
import { visits } from './order/visits';
import { announced, toldInVain } from './room/announced';
import { call } from './room/call';
import { idle } from './room/idle';
import { room } from './room/room';
import { things } from './room/things';
import { directions } from './sides/directions';
import { pauseOneSide } from './sides/pause-one-side';
import { sides } from './sides/sides';
import { wrists } from './sides/wrists';
import { farBeyond } from './slot/far-beyond';
import { slot } from './slot/slot';
import { targets } from './slot/targets';
import { wordsClaims } from './words/claims';
import { wordsHarsh } from './words/harsh';
import { wordsIlls } from './words/ills';
import { meanwhileLong } from './words/meanwhile';
import { wordsNumbers } from './words/numbers';
import { wordsParts } from './words/parts';
import { eyesStanding, wordsPlace } from './words/place';
import { wordsBoth, wordsSides } from './words/sides';
import { silence } from './words/silence';

/** Every rule there is, in the order in which findings of the same weight are told. */
export const reviewRules: readonly ReviewRule[] = [
  headLow,
  happened,
  headLong,
  head,
  fold,
  slot,
  sides,
  directions,
  wordsSides,
  wordsBoth,
  wordsPlace,
  wordsNumbers,
  wordsParts,
  wordsHarsh,
  wordsClaims,
  wordsIlls,
  eyesStanding,
  meanwhileLong,
  mobilised,
  rungOrder,
  holdLength,
  repetitions,
  room,
  things,
  announced,
  toldInVain,
  excluded,
  call,
  idle,
  targets,
  farBeyond,
  calm,
  breathQuick,
  chestAndBack,
  release,
  neckLong,
  neckInRow,
  range,
  visits,
  wrists,
  pauseOneSide,
  positions,
  breathEnd,
  breathWords,
  frame,
  closeEarly,
  silence,
  cueLength,
  approach,
];

/** Those that can object to a step by itself, whatever stands round it and however long the break is. */
export const aloneRules: readonly ReviewRule[] = [
  ...reviewRules.filter(looksAtSteps),
  neckLong,
  approachInSteps,
];
