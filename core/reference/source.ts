/** Where a published value comes from, with everything needed to look it up. */
export interface Source {
  subject: string;
  /** How it is named in a sentence. */
  short: string;
  source: string;
  year: number;
  note: string;
}

/** All values here are quoted from memory of their source. */
export const FROM_MEMORY = 'From memory of the source.';

/** A published value: its source, and its numbers with their units in their names. */
export type Value = Source & Record<string, string | number>;
