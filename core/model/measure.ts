import { z } from 'zod';
import { Area } from './move';
import { Id, Lines, Side } from './units';

/** A side of the body, or both alike. */
const AnySide = z.enum([...Side.options, 'both']);

/** How far somebody reaches, by what is at hand. How each is taken stands in `core/measure`. */
export const ReachKind = z.enum([
  'arm on the clock',
  'finger to wall',
  'finger to floor',
  'hands on a strap',
  'chin to shoulder',
  'wrist angle',
]);
export type ReachKind = z.infer<typeof ReachKind>;

const Rating = z.int().min(0).max(10).nullable();
/** Readings of one thing one after the other: more than one tell how far readings lie apart. */
const Readings = z.array(z.number().min(-50).max(200)).max(5);
const Compared = z.enum([...Side.options, 'same']).nullable();

export const AreaTension = z.object({ area: Area, side: AnySide, before: Rating, after: Rating });
export type AreaTension = z.infer<typeof AreaTension>;

/** One reach on one side, in the unit and steps of its kind. */
export const Reach = z.object({ kind: ReachKind, side: AnySide, before: Readings, after: Readings });
export type Reach = z.infer<typeof Reach>;

/** Refuses what stands twice: one of the two would be lost. */
const eachOnce =
  <T>(key: (one: T) => string) =>
  (list: readonly T[], ctx: z.RefinementCtx): void => {
    const seen = new Set<string>();
    for (const [i, one] of list.entries()) {
      if (seen.has(key(one)))
        ctx.addIssue({ code: 'custom', path: [i], message: 'must be there once', input: key(one) });
      seen.add(key(one));
    }
  };

/** What was measured of a group or a person at one time, before and after a break where there was one. */
export const Measure = z.object({
  id: Id,
  groupId: Id,
  /** Null for the group as a whole. */
  personId: Id.nullable(),
  /** The record of the break before and after which it was taken; null where there was none. */
  sessionId: Id.nullable().default(null),
  takenAt: z.iso.datetime(),
  tension: z
    .array(AreaTension)
    .max(40)
    .superRefine(eachOnce((t) => `${t.area}, ${t.side}`))
    .default([]),
  /** The side that felt tighter, and the one to which a turn goes further. */
  tighter: z.object({ before: Compared, after: Compared }).default({ before: null, after: null }),
  turnsFurther: z.object({ before: Compared, after: Compared }).default({ before: null, after: null }),
  reach: z
    .array(Reach)
    .max(20)
    .superRefine(eachOnce((r) => `${r.kind}, ${r.side}`))
    .default([]),
  note: Lines(300).default(''),
});
export type Measure = z.infer<typeof Measure>;
