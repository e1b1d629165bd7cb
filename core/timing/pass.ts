import type { Approach, Break, Position, Side, Thing } from '../model';
import type { Say } from '../words';
import type { ResolvedStep } from './resolve';

/** Where a step stands while it is laid out. */
export interface Pass {
  at: ResolvedStep;
  chainId: string | null;
  pass: 0 | 1;
  side: Side | null;
  /** Both ways are done in it, repetition by repetition. */
  inTurns?: boolean;
}

/** What carries over from one step to the next. */
export interface Carried {
  position: Position;
  inHand: readonly Thing[];
}

/** What a break says for all of its steps. */
export type Setting = Pick<Break, 'pace' | 'firstSide' | 'wholeBreaths'> & { approach: Approach; say: Say };
