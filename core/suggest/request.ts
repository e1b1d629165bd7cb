import { z } from 'zod';
import { Area, Id, Side, Thing } from '../model';

/** An area a break is wanted for, and how much it matters: 1 a little, 2 usual, 3 above all. */
export const Target = z.object({ area: Area, weight: z.int().min(1).max(3).default(2) });
export type Target = z.infer<typeof Target>;

/** What is asked for when a break is to be suggested. */
export const SuggestRequest = z.object({
  slotSec: z.int().min(30).max(3600),
  targets: z.array(Target).min(1).max(14),
  /** Nothing done standing; else the last moves may be. */
  seatedOnly: z.boolean().default(true),
  onCall: z.boolean().default(false),
  /** To calm down: a long breath out. */
  calm: z.boolean().default(false),
  /** Things at hand beside desk and chair. Each is announced at the start. */
  things: z.array(Thing).max(10).default([]),
  /** Moves of the last break, which are only repeated where they are worth it. */
  lately: z.array(Id).max(120).default([]),
  /** Areas left alone: nothing is worked on that is for one of them. */
  avoid: z.array(Area).max(14).default([]),
  /** Moves left out: they brought complaints. */
  avoidMoves: z.array(Id).max(200).default([]),
  /** The side that gets more on purpose, where it is held: the tighter one. */
  moreSide: Side.nullable().default(null),
  firstSide: Side.default('left'),
  /** How many suggestions, each really different from the others. */
  count: z.int().min(1).max(3).default(3),
});
export type SuggestRequest = z.infer<typeof SuggestRequest>;
