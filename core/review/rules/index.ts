import type { ReviewRule } from '../finding';
import { approach } from './approach';
import { breathEnd } from './breath-end';
import { breathWords } from './breath-words';
import { call } from './call';
import { calm } from './calm';
import { chestAndBack } from './chest-and-back';
import { cueLength } from './cue-length';
import { directions } from './directions';
import { fold } from './fold';
import { frame } from './frame';
import { head } from './head';
import { headLow } from './head-low';
import { holdLength } from './hold-length';
import { idle } from './idle';
import { mobilised } from './mobilised';
import { neckLong } from './neck-long';
import { positions } from './positions';
import { range } from './range';
import { release } from './release';
import { room } from './room';
import { rungOrder } from './rung-order';
import { sides } from './sides';
import { slot } from './slot';
import { targets } from './targets';
import { things } from './things';

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
