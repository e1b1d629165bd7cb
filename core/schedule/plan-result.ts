import type { MinuteOfDay, PlacedBreak } from '../model';
import type { CountOf } from './counters';
import type { DayReading } from './run';

/** A day with its breaks placed, and what it comes to. */
export interface DayPlan extends Omit<DayReading, 'run' | 'use'> {
  breaks: PlacedBreak[];
}

/** A count that cannot be met: fewer breaks fit than are asked for. */
export type TooFew = { code: 'tooFewFit'; minCount: number; possible: number } & CountOf;

/**
 * Why a day cannot be planned. Without a kind or a stretch of the day a count is that of the whole day; a count of
 * minutes says minutes.
 */
export type PlanFailure =
  | TooFew
  | { code: 'lockedDoesNotFit'; startMin: MinuteOfDay; why: 'outside' | 'blocked' | 'off desk' | 'overlap' }
  | ({ code: 'tooManyLocked'; maxCount: number; locked: number } & CountOf)
  | { code: 'tooManyCounts'; most: number }
  | { code: 'tooManyWays'; gridMin: number; counted: number };

/** A plan, with the counts of its rule that could not be met; or why there is none. */
export type PlanResult = { ok: true; plan: DayPlan; short?: TooFew[] } | { ok: false; failure: PlanFailure };
