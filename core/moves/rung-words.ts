import { breathRungWords } from './breath/rung-words';
import { faceRungWords } from './face/rung-words';
import { floorRungWords } from './floor/rung-words';
import { hipRungWords } from './hip/rung-words';
import { neckRungWords } from './neck/rung-words';
import { shoulderRungWords } from './shoulder/rung-words';
import { spineRungWords } from './spine/rung-words';
import type { RungWords } from './types';
import { wristRungWords } from './wrist/rung-words';

/**
 * The words of rungs that are done in another way than the usual one: whoever is told "lay your hands on your head"
 * cannot be on the rung "hands stay in the lap". What is not named here is true of the rung as the move says it.
 */
export const RUNG_WORDS: RungWords = {
  ...breathRungWords,
  ...faceRungWords,
  ...floorRungWords,
  ...hipRungWords,
  ...neckRungWords,
  ...shoulderRungWords,
  ...spineRungWords,
  ...wristRungWords,
};
