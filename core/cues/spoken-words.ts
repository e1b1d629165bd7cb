import type { Milliseconds } from '../model';
import { countWords } from './resolve';

/** A line as it was spoken. */
export interface Spoken {
  text: string;
  lengthMs: Milliseconds;
}

/** So many words have to be spoken before a pace is told from them. Common practice, no source. */
const ENOUGH_WORDS = 40;

/** Words a minute of lines that were recorded, whole; null where too little was spoken to tell. */
export const spokenPace = (lines: readonly Spoken[]): number | null => {
  const words = lines.reduce((sum, l) => sum + countWords(l.text), 0);
  const ms = lines.reduce((sum, l) => sum + l.lengthMs, 0);
  return words >= ENOUGH_WORDS && ms > 0 ? Math.round((words * 60_000) / ms) : null;
};
