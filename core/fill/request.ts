import type { Gives, Target } from '../ledger';
import type { Area, IsoDate, Minutes } from '../model';

/** A planned time that wants a break. */
export interface Place {
  date: IsoDate;
  plannedId: string;
  lengthMin: Minutes;
  /** It lies in a meeting or on a call: only what can neither be heard nor seen. */
  quiet: boolean;
  /** Chosen already; it stays. */
  breakId: string | null;
}

/** A break that may be chosen. */
export interface FillBreak {
  id: string;
  gives: Gives;
  /** Made for calls. */
  onCall: boolean;
  /** Someone of those who take part must not do it. */
  stopped: boolean;
}

export interface FillRequest {
  places: readonly Place[];
  breaks: readonly FillBreak[];
  targets: readonly Target[];
  /** The area of each date, where a rota names one. */
  rota: ReadonlyMap<IsoDate, Area>;
}

/** Why an aim is not met. */
export type UnmetWhy =
  /** No break holds it at all. */
  | 'no break holds it'
  /** Breaks that hold it are not for everyone who takes part. */
  | 'limits'
  /** Even a whole day of what fits does not come to the seconds of the aim. */
  | 'too little a day'
  /** There is not room for everything. */
  | 'no room';

export interface Unmet extends Target {
  daysReached: number;
  why: UnmetWhy;
}

export interface FillResult {
  /** The break of each place, by the id of the planned one; null where nothing fits. */
  chosen: ReadonlyMap<string, string | null>;
  unmet: readonly Unmet[];
  /** Places for which no break fits, and why. */
  empty: readonly { plannedId: string; why: 'none short enough' | 'none for calls' | 'no other left' }[];
  /** How much better the best could still be; near 0 when this is the best. */
  gap: number;
}
