import { cuesOf } from '../../../cues';
import type { PlacedStep } from '../../facts';

/** What turns what comes after it round: “do not bounce”, “this cures nothing”, “without forcing”. */
const NOT =
  /\b(?:no|not|never|nobody|nothing|neither|nor|without|instead of|rather than|avoid|stop|cannot|\w+n[’']t)\b[^.;:!?|]{0,24}$/i;

/** What takes it back after it: “cures nothing”, “as far as you can without strain”. */
const BUT = /^\s*(?:\w+ )?(?:nothing|no\b|without|comfortabl[ey]|easily|with ease|before)/i;

/**
 * The first thing of a kind that a text says, in small letters, and does not say in order to forbid it; null where there
 * is none. The pattern has to be global.
 */
export const saidIn = (text: string, pattern: RegExp): string | null => {
  for (const match of text.matchAll(pattern))
    if (!NOT.test(text.slice(0, match.index)) && !BUT.test(text.slice(match.index + match[0].length)))
      return match[0].toLowerCase();
  return null;
};

/** Everything that is said at a step: its own words in place of the set-up, and the other lines of its move, own moves too. */
export const allSaid = ({ step, variant }: PlacedStep): string => {
  const { say, ...others } = cuesOf(variant);
  return [step.words ?? say, ...Object.values(others)].filter(Boolean).join(' | ');
};
