import { otherSide, type Position, type Side } from '../model';
import { english, remembered, type Say } from '../words';

/** What the tokens of a cue stand for in one pass. */
export interface CueContext {
  side?: Side | null;
  direction?: string | null;
  /** The half of the breath that goes with the way out; null when the breath is free. */
  going?: 'in' | 'out' | null;
  /** Where the breath leaves, such as `the mouth`. */
  outlet?: string;
  /** How the elbow is held in wrist stretches, and the belly while moving. */
  elbow?: string;
  belly?: string;
  /** What a hand on the head does there. */
  weighs?: string;
  /** Where it is done: what is tall, where hands rest, what carries. */
  position?: Position;
  /** In which language; English when left out. */
  say?: Say;
}

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** True for a cue with a token in it: every other one is said as it stands. */
export const hasTokens = (cue: string): boolean => cue.includes('{');

/** A cue in pieces: plain text and, in every second place, the name of a token. */
const pieces = remembered((cue) => cue.split(/\{(\w+)\}/));

/**
 * Puts the words of this pass into a cue: `{side}` and `{other}` become left or right, `{direction}` the
 * direction's name, `{going}` and `{coming}` breathe in or breathe out, `{outlet}`, `{elbow}` and `{belly}` what the approach
 * says, `{tall}`, `{lap}` and `{base}` what is so where it is done; a
 * token with a capital (`{Side}`) starts with one. A token without a meaning in this pass is left as it is, so
 * that a test can find it.
 */
export const resolveCue = (cue: string, context: CueContext): string => {
  const parts = pieces(cue);
  if (parts.length === 1) return cue;
  return parts
    .map((part, i) => {
      if (i % 2 === 0) return part;
      const word = meaningOf(part.toLowerCase(), context);
      if (word === undefined) return `{${part}}`;
      return /^[A-Z]/.test(part) ? capital(word) : word;
    })
    .join('');
};

const breath = (half: 'in' | 'out', say: Say): string => say(half === 'in' ? 'breatheIn' : 'breatheOut');

/** What a token stands for in this pass; undefined when it stands for nothing. */
const meaningOf = (
  name: string,
  { side, direction, going, outlet, elbow, belly, weighs, position, say = english }: CueContext,
): string | undefined => {
  switch (name) {
    case 'side':
      return side ? say(side) : undefined;
    case 'other':
      return side ? say(otherSide(side)) : undefined;
    case 'direction':
      return direction ?? undefined;
    case 'going':
      return going ? breath(going, say) : undefined;
    case 'coming':
      return going ? breath(going === 'in' ? 'out' : 'in', say) : undefined;
    case 'outlet':
      return outlet;
    case 'elbow':
      return elbow;
    case 'belly':
      return belly;
    case 'weighs':
      return weighs;
    case 'tall':
      return say(position === 'standing' ? 'standTall' : 'sitTall');
    case 'lap':
      return say(position === 'standing' ? 'lapSides' : 'lap');
    case 'base':
      return say(position === 'standing' ? 'baseFeet' : 'baseSeat');
    default:
      return undefined;
  }
};

/** Number of words that are spoken: runs of text with at least one letter or digit. */
export const countWords = remembered(
  (text) => text.split(/\s+/).filter((run) => /[\p{L}\p{N}]/u.test(run)).length,
);
