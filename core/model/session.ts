import { z } from 'zod';
import { Area, Muscle } from './move';
import { Id, Line, Lines, Side } from './units';

const Ms = z.int().min(0).max(86_400_000);
const Tension = z.int().min(0).max(10).nullable();

/** One part of a led break: what was planned and what was really done. */
export const DonePart = z.object({
  stepId: Id,
  moveName: Line(80),
  kind: z.enum(['position', 'fetch', 'say', 'change', 'work', 'rest', 'return', 'note']),
  /** The way that was led, as said aloud; null for moves without sides. */
  side: Side.nullable(),
  /** The side that felt it, as the sheet counts it; null when nothing was worked. */
  felt: z
    .enum([...Side.options, 'both'])
    .nullable()
    .default(null),
  plannedMs: Ms,
  doneMs: Ms,
  /** The move that was led; null where that is not known: a spoken note, a record from before it was kept. */
  moveId: Id.nullable().default(null),
  /** What the work counts for: the area it is for, held or moved, and the muscles that a hold lengthens. */
  area: Area.nullable().default(null),
  counts: z.enum(['held', 'moved']).nullable().default(null),
  muscles: z.array(Muscle).max(10).default([]),
  /** What was moved at the same time: the area it is for, and the side that felt it. */
  beside: z
    .object({ area: Area, felt: z.enum([...Side.options, 'both']), moveName: z.string().max(200).optional() })
    .optional(),
});
export type DonePart = z.infer<typeof DonePart>;

/** What may happen to somebody while a break is led. */
export const EventKind = z.enum(['pain', 'dizzy', 'stopped', 'other version']);
export type EventKind = z.infer<typeof EventKind>;

/** Something that happened at a step, to somebody; `personId` null: to someone who is not named. */
export const SessionEvent = z.object({
  id: Id,
  what: EventKind,
  stepId: Id.nullable(),
  moveName: Line(80).default(''),
  moveId: Id.nullable().default(null),
  side: Side.nullable().default(null),
  /** What was done about it. */
  done: Line(200).default(''),
  /** From the start of the break. */
  atMs: Ms,
  personId: Id.nullable(),
});
export type SessionEvent = z.infer<typeof SessionEvent>;

/** A round of fingers: the number that each one shows. */
const Fingers = z.array(z.int().min(0).max(10)).max(500);

/** What of a record can be set right afterwards. */
export const CORRECTABLE = [
  'when',
  'group',
  'who came',
  'steps',
  'tension',
  'what happened',
  'note',
] as const;

/** One correction of a record: when, what of it, and how it was before and after, in words that name nobody. */
export const Correction = z.object({
  at: z.iso.datetime(),
  what: z.enum(CORRECTABLE),
  before: z.string().max(400),
  after: z.string().max(400),
});
export type Correction = z.infer<typeof Correction>;

/** The record of one led break. */
export const Session = z.object({
  id: Id,
  /** The break that was led; null where only minutes and areas are known. */
  breakId: Id.nullable(),
  breakName: Line(80).min(1),
  groupId: Id.nullable(),
  /** The planned break of a week that it was; null where it was led on no plan. */
  plannedId: Id.nullable().default(null),
  startedAt: z.iso.datetime(),
  endedAt: z.iso.datetime(),
  /** Led to the end, or stopped before it. What is still led has been stopped so far. */
  ended: z.enum(['finished', 'stopped']),
  parts: z.array(DonePart).max(2000),
  /** Who took part, where that was noted, and how many came. */
  came: z
    .object({ people: z.array(Id).max(500), count: z.int().min(0).max(5000).nullable() })
    .default({ people: [], count: null }),
  events: z.array(SessionEvent).max(200).default([]),
  tensionBefore: Tension.default(null),
  tensionAfter: Tension.default(null),
  fingers: z.object({ before: Fingers, after: Fingers }).default({ before: [], after: [] }),
  /** Tension by area, where that was asked, of the group. */
  areas: z
    .array(z.object({ area: Area, before: Tension, after: Tension }))
    .max(14)
    .default([]),
  note: Lines(2000).default(''),
  /** Led with Kotabi, or written down afterwards. */
  written: z.enum(['while led', 'afterwards']).default('while led'),
  /** Set by the server: what was set right since, the latest last. */
  corrections: z.array(Correction).max(200).default([]),
});
export type Session = z.infer<typeof Session>;

/** So many parts are sent at once: far below what a browser still sends while its page is closed. */
export const MOST_PARTS_AT_ONCE = 120;

/** A piece of a record: all that is said of the whole, and some of its parts in their place. */
export const SessionPiece = z.object({
  ...Session.shape,
  parts: z.array(DonePart).max(MOST_PARTS_AT_ONCE),
  /** The place of its first part. */
  from: z.int().min(0).max(2000),
});
export type SessionPiece = z.infer<typeof SessionPiece>;
