import { z } from 'zod';
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

/** The record of one led break. */
export const Session = z.object({
  id: Id,
  breakId: Id,
  breakName: Line(80).min(1),
  groupId: Id.nullable(),
  startedAt: z.iso.datetime(),
  endedAt: z.iso.datetime(),
  /** Led to the end, or stopped before it. */
  ended: z.enum(['finished', 'stopped']),
  parts: z.array(DonePart).max(2000),
  tensionBefore: Tension.default(null),
  tensionAfter: Tension.default(null),
  note: Lines(2000).default(''),
});
export type Session = z.infer<typeof Session>;
