import { z } from 'zod';
import { Area } from './move';
import { Id, Line, ShiftMinute, Side } from './units';

/** What a proposal from the records changes, once it is taken. */
export const Effect = z.discriminatedUnion('what', [
  /** This side goes first: as the second one it was cut short. */
  z.object({ what: z.literal('first side'), side: Side }),
  /** This side gets more on purpose: it is the tighter one. */
  z.object({ what: z.literal('more side'), side: Side }),
  /** This area is wanted: nothing has reached it. */
  z.object({ what: z.literal('area'), area: Area }),
  /** This move is left out of suggestions: it brought complaints. */
  z.object({ what: z.literal('move'), moveId: Id, moveName: Line(80) }),
  /** Breaks do not happen at this time of the day. */
  z.object({ what: z.literal('hour'), startMin: ShiftMinute, endMin: ShiftMinute }),
  /** This break is spoken and changed as slowly as it really is. */
  z.object({
    what: z.literal('pace'),
    breakId: Id,
    breakName: Line(80),
    wordsPerMinute: z.int().min(60).max(260),
    changeSec: z.number().min(0).max(60),
  }),
  /** The ramp goes on, or waits at so many a day. */
  z.object({ what: z.literal('ramp'), goOn: z.boolean(), count: z.int().min(1).max(20) }),
]);
export type Effect = z.infer<typeof Effect>;

/** A proposal that was taken or set aside, with its reason as it was then. */
export const Learned = z.object({
  /** What it is known by: the same proposal is not made again. */
  key: Line(120).min(1),
  state: z.enum(['taken', 'set aside']),
  at: z.iso.datetime(),
  effect: Effect,
  why: Line(400),
});
export type Learned = z.infer<typeof Learned>;
