import { z } from 'zod';
import { Area } from './move';
import { EventKind, Session } from './session';
import { Id, Line, Side } from './units';

const Ms = z.int().min(0);
const WayMs = z.object({ plannedMs: Ms, doneMs: Ms });
const BySideMs = z.object({ left: Ms, right: Ms });

/** Work of one area, by the side that felt it; what both felt counts for each. */
export const AreaWork = z.object({
  area: Area,
  counts: z.enum(['held', 'moved']),
  planned: BySideMs,
  done: BySideMs,
});
export type AreaWork = z.infer<typeof AreaWork>;

/** What of a record the log and everything that is worked out over many records reads: the record without its parts. */
export const LogRow = z.object({
  ...Session.pick({
    id: true,
    breakId: true,
    breakName: true,
    groupId: true,
    plannedId: true,
    startedAt: true,
    endedAt: true,
    tensionBefore: true,
    tensionAfter: true,
    areas: true,
    written: true,
  }).shape,
  ending: z.enum(['to the end', 'skipped through', 'stopped']),
  plannedMs: Ms,
  doneMs: Ms,
  workPlannedMs: Ms,
  workDoneMs: Ms,
  stepsPlanned: z.int().min(0),
  stepsDone: z.int().min(0),
  leftPlannedMs: Ms,
  rightPlannedMs: Ms,
  leftDoneMs: Ms,
  rightDoneMs: Ms,
  /** Work by the way that was led, as said aloud: the side that goes first or second. */
  ways: z.object({ left: WayMs, right: WayMs }),
  /** How many came, by number or by name, whichever is more; null where it was not noted. */
  came: z.int().min(0).nullable(),
  people: z.array(Id),
  work: z.array(AreaWork),
  /** Words and changes that were gone through to their end: as planned, and as long as they really took. */
  said: z.object({ plannedMs: Ms, doneMs: Ms }),
  changed: z.object({ plannedMs: Ms, doneMs: Ms }),
  /** Names of the moves, each once. */
  moves: z.array(Line(80)),
  events: z.array(
    z.object({
      what: EventKind,
      moveId: Id.nullable(),
      moveName: z.string(),
      side: Side.nullable(),
      personId: Id.nullable(),
    }),
  ),
  /** The beginning of the note. */
  note: z.string().max(160),
});
export type LogRow = z.infer<typeof LogRow>;
