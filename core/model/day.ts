import { z } from 'zod';
import { Interval } from './group';
import { Id, MinuteOfDaySchema } from './units';

/** A kind of break the day planner may place. */
export const BreakKind = z.object({
  id: Id,
  lengthMin: z.int().min(1).max(120),
  /** Share of the run at the desk that a break takes away: 1 all of it, 0.5 half. */
  relief: z.number().min(0).max(1),
});
export type BreakKind = z.infer<typeof BreakKind>;

/** A break at a time of day. */
export const PlacedBreak = z.object({ startMin: MinuteOfDaySchema, kindId: Id });
export type PlacedBreak = z.infer<typeof PlacedBreak>;

/** How often breaks should come: what a run at the desk may cost and how breaks must be spaced. Minutes. */
export const Rule = z.object({
  gridMin: z.int().min(1).max(60).default(5),
  /** Each desk minute costs its run beyond this. */
  targetMin: z.int().min(0).max(480).default(30),
  /** Minutes with a longer run are first made as few as possible. */
  limitMin: z.int().min(1).max(960).default(60),
  /** What one minute of break costs, in run minutes. */
  lambda: z.number().min(0).max(100000).default(100),
  minGapMin: z.int().min(0).max(480).default(20),
  minCount: z.int().min(0).max(100).default(0),
  maxCount: z.int().min(0).max(100).nullable().default(null),
  /** No break within so many minutes of the start and the end of the day. */
  edgeMin: z.int().min(0).max(240).default(0),
  kinds: z
    .array(BreakKind)
    .min(1)
    .max(6)
    .default([{ id: 'short', lengthMin: 5, relief: 1 }]),
});
export type Rule = z.infer<typeof Rule>;

/** All the day planner needs to know of one day. */
export const DayInput = Rule.extend({
  startMin: MinuteOfDaySchema,
  endMin: MinuteOfDaySchema,
  /** Away from the desk (lunch, walks): the run goes back to 0, no break is needed. */
  offDesk: z.array(Interval).max(50).default([]),
  /** Meetings: no break may overlap, the run goes on growing. */
  blocked: z.array(Interval).max(50).default([]),
  /** Breaks set by hand, which stay where they are. */
  locked: z.array(PlacedBreak).max(50).default([]),
}).superRefine((day, ctx) => {
  if (day.startMin >= day.endMin)
    ctx.addIssue({ code: 'custom', path: ['endMin'], message: 'must be later than the start of the day' });
  if (day.maxCount !== null && day.minCount > day.maxCount)
    ctx.addIssue({
      code: 'custom',
      path: ['minCount'],
      message: `must not be more than the most, ${day.maxCount}`,
    });
  const ids = day.kinds.map((k) => k.id);
  if (new Set(ids).size < ids.length)
    ctx.addIssue({ code: 'custom', path: ['kinds'], message: 'each kind needs an id of its own' });
  for (const [i, placed] of day.locked.entries())
    if (!ids.includes(placed.kindId))
      ctx.addIssue({ code: 'custom', path: ['locked', i, 'kindId'], message: 'names no kind of this rule' });
});
export type DayInput = z.infer<typeof DayInput>;
