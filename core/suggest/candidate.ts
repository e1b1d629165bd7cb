import type { Area, Milliseconds, Move, Position, Step, Thing, Variant } from '../model';

/** One dose of a move: how long it all takes, and what each side of the body gets of it. */
export interface CandidateDose {
  /** The step with this dose. */
  step: Step;
  amount: number;
  /** Words, changes, work and returns; places and things come on top. */
  lengthMs: Milliseconds;
  leftSec: number;
  rightSec: number;
  /** The longest hold on one side, ms. */
  holdMs: Milliseconds;
  /** Work of both sides and of both together, and what is said before it and at a change. */
  workMs: Milliseconds;
  saidMs: Milliseconds;
  /** ((dose - usual) / usual)^2 */
  off: number;
}

/** A move that may be suggested, with the step it would be. */
export interface Candidate {
  move: Move;
  step: Step;
  variant: Variant;
  area: Area;
  doses: readonly CandidateDose[];
  canSit: readonly Position[];
  stands: boolean;
  things: readonly Thing[];
}
