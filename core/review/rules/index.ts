import type { ReviewRule } from '../finding';
import { breathEnd } from './breath/breath-end';
import { breathWords } from './breath/breath-words';
import { calm } from './breath/calm';
import { cueLength } from './breath/cue-length';
import { excluded } from './caution/excluded';
import { fold } from './caution/fold';
import { head } from './caution/head';
import { headLow } from './caution/head-low';
import { holdLength } from './caution/hold-length';
import { neckLong } from './caution/neck-long';
import { approach } from './order/approach';
import { chestAndBack } from './order/chest-and-back';
import { frame } from './order/frame';
import { mobilised } from './order/mobilised';
import { positions } from './order/positions';
import { range } from './order/range';
import { release } from './order/release';
import { rungOrder } from './order/rung-order';
import { call } from './room/call';
import { idle } from './room/idle';
import { room } from './room/room';
import { things } from './room/things';
import { directions } from './sides/directions';
import { sides } from './sides/sides';
import { slot } from './slot/slot';
import { targets } from './slot/targets';

/** Every rule there is, in the order in which findings of the same weight are told. */
export const reviewRules: readonly ReviewRule[] = [
  headLow,
  head,
  fold,
  slot,
  sides,
  directions,
  mobilised,
  rungOrder,
  holdLength,
  room,
  things,
  excluded,
  call,
  idle,
  targets,
  calm,
  chestAndBack,
  release,
  neckLong,
  range,
  positions,
  breathEnd,
  breathWords,
  frame,
  cueLength,
  approach,
];
