import type { published } from '../reference';

/** One value the program rests on: where it is used, what it is, and where it comes from. */
export interface ValueInUse {
  /** Where in the program it is used. */
  place: string;
  what: string;
  value: string;
  /** Key of the published source; null: common practice, no source. */
  source: keyof typeof published | null;
  /** What stands between the source and this use of it. */
  note?: string;
}

type Row = readonly [what: string, value: string, source?: ValueInUse['source'], note?: string];

/** The rows of one place; without a source they are common practice. */
export const at = (place: string, rows: readonly Row[]): ValueInUse[] =>
  rows.map(([what, value, source = null, note]) => ({ place, what, value, source, ...(note && { note }) }));

/** Milliseconds as seconds in words. */
export const sec = (ms: number): string => `${ms / 1000} s`;
/** A share as a percentage in words. */
export const percent = (share: number): string => `${Math.round(share * 100)} %`;
