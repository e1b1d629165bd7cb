import { cueLength } from './cue-length';
import { directions } from './directions';
import type { Finding, ReviewInput, ReviewRule } from './finding';
import { frame } from './frame';
import { mobilised } from './mobilised';
import { sides } from './sides';
import { slot } from './slot';

/** Every rule there is. */
export const reviewRules: Record<string, ReviewRule> = {
  slot,
  sides,
  directions,
  mobilised,
  frame,
  cueLength,
};

/** Everything the rules find, cautions first. */
export const review = (input: ReviewInput): Finding[] => {
  const found = Object.values(reviewRules).flatMap((rule) => rule(input));
  return [...found.filter((f) => f.weight === 'caution'), ...found.filter((f) => f.weight === 'look')];
};
