import type { Effect } from '../model';

/** What the records say should change next, with its reason. */
export interface Proposal {
  /** What it is known by, so that one that was set aside is not made again. */
  key: string;
  /** What to do, as one short sentence. */
  text: string;
  /** Why, in numbers that were counted. */
  why: string;
  /** What taking it changes. */
  changes: string;
  effect: Effect;
}
