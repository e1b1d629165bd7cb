import { z } from 'zod';
import { Area } from './move';
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
  side: Side.nullable().default(null),
  /** From the start of the break. */
  atMs: Ms,
  personId: Id.nullable(),
});
export type SessionEvent = z.infer<typeof SessionEvent>;

/** A round of fingers: the number that each one shows. */
const Fingers = z.array(z.int().min(0).max(10)).max(500);

/** The record of one led break. */
export const Session = z.object({
  id: Id,
  breakId: Id,
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
