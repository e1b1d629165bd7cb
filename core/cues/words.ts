import { otherSide, type Side } from '../model';

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
}

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/**
 * Puts the words of this pass into a cue: `{side}` and `{other}` become left or right, `{direction}` the
 * direction's name, `{going}` and `{coming}` breathe in or breathe out, `{outlet}`, `{elbow}` and `{belly}` what the approach says; a
 * token with a capital (`{Side}`) starts with one. A token without a meaning in this pass is left as it is, so
 * that a test can find it.
 */
export const resolveCue = (
  cue: string,
  { side, direction, going, outlet, elbow, belly }: CueContext,
): string => {
  const breath = (half: 'in' | 'out'): string => `breathe ${half}`;
  const meaning: Record<string, string | undefined> = {
    side: side ?? undefined,
    other: side ? otherSide(side) : undefined,
    direction: direction ?? undefined,
    going: going ? breath(going) : undefined,
    coming: going ? breath(going === 'in' ? 'out' : 'in') : undefined,
    outlet,
    elbow,
    belly,
  };
  return cue.replace(/\{(\w+)\}/g, (token, name: string) => {
    const word = meaning[name.toLowerCase()];
    if (word === undefined) return token;
    return /^[A-Z]/.test(name) ? capital(word) : word;
  });
};

/** Number of words that are spoken: runs of text with at least one letter or digit. */
export const countWords = (text: string): number =>
  text.split(/\s+/).filter((run) => /[\p{L}\p{N}]/u.test(run)).length;
