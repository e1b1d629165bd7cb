import { z } from 'zod';
import { Hours, Interval } from './group';
import { Id, Line, ShiftMinute } from './units';

/** A kind of break the day planner may place. */
export const BreakKind = z.object({
  id: Id,
  /** What it is called on screen; its length when left out. */
  name: Line(40).optional(),
  lengthMin: z.int().min(1).max(120),
  /** Share of the run at the desk that a break takes away: 1 all of it, 0.5 half. */
  relief: z.number().min(0).max(1),
  /** How many of this kind a day holds, at least and at most. */
  minCount: z.int().min(0).max(100).optional(),
  maxCount: z.int().min(0).max(100).optional(),
  /** Minutes from the end of the break before, instead of the rule's own. */
  minGapMin: z.int().min(0).max(480).optional(),
  /** Starts no earlier, no later than this. */
  earliestMin: ShiftMinute.optional(),
  latestMin: ShiftMinute.optional(),
  /** Can be done in a meeting in which one only listens. */
  discreet: z.boolean().optional(),
  /** Placed by hand only (led sessions), never by the planner. */
  onlyByHand: z.boolean().optional(),
});
export type BreakKind = z.infer<typeof BreakKind>;

/** A break at a time of day. */
export const PlacedBreak = z.object({ startMin: ShiftMinute, kindId: Id });
export type PlacedBreak = z.infer<typeof PlacedBreak>;

/** How many breaks, of some kinds or of any, start within a stretch of the day. */
export const CountWindow = z
  .object({
    fromMin: ShiftMinute,
    /** Not included. */
    untilMin: ShiftMinute,
    least: z.int().min(0).max(100).default(0),
    most: z.int().min(0).max(100).nullable().default(null),
    /** The kinds that count; every kind when left out. */
    kindIds: z.array(Id).min(1).max(6).optional(),
  })
  .refine((w) => w.fromMin < w.untilMin, { path: ['untilMin'], message: 'must be later than the start' })
  .refine((w) => w.most === null || w.least <= w.most, {
    path: ['least'],
    message: 'must not be more than the most',
  });
export type CountWindow = z.infer<typeof CountWindow>;

/** How often breaks should come: what a run at the desk may cost and how breaks must be spaced. Minutes. */
export const Rule = z.object({
  gridMin: z.int().min(1).max(60).default(5),
  /** Each desk minute costs its run beyond this. */
  targetMin: z.int().min(0).max(480).default(30),
  /** Minutes with a longer run are first made as few as possible. */
  limitMin: z.int().min(1).max(960).default(60),
  /** What one minute of break costs, in run minutes. */
  lambda: z.number().min(0).max(100000).default(100),
  /** What a break minute in focus time costs beyond that. Common practice, no source. */
  focusExtra: z.number().min(0).max(100000).default(100),
  minGapMin: z.int().min(0).max(480).default(20),
  minCount: z.int().min(0).max(100).default(0),
  maxCount: z.int().min(0).max(100).nullable().default(null),
  /** All breaks of a day together last at most so long; null: as long as they do. */
  maxMinutes: z.int().min(1).max(480).nullable().default(null),
  /** No break within so many minutes of the start and the end of the day. */
  edgeMin: z.int().min(0).max(240).default(0),
  kinds: z
    .array(BreakKind)
    .min(1)
    .max(6)
    .default([{ id: 'short', lengthMin: 5, relief: 1 }]),
  windows: z.array(CountWindow).max(50).default([]),
});
export type Rule = z.infer<typeof Rule>;

/** All the day planner needs to know of one day. */
export const DayInput = Rule.extend({
  startMin: ShiftMinute,
  endMin: ShiftMinute,
  /** Away from the desk (lunch, walks): the run goes back to 0, no break is needed. */
  offDesk: z.array(Interval).max(50).default([]),
  /** Meetings: no break may overlap, the run goes on growing. */
  blocked: z.array(Interval).max(50).default([]),
  /** Meetings in which one listens: only discreet kinds may overlap, the run goes on growing. */
  listening: z.array(Interval).max(50).default([]),
  /** Focus time: breaks may be there but cost more. */
  focus: z.array(Interval).max(50).default([]),
  /** Breaks set by hand, which stay where they are. */
  locked: z.array(PlacedBreak).max(50).default([]),
}).superRefine((day, ctx) => {
  const hours = Hours.safeParse({ startMin: day.startMin, endMin: day.endMin });
  if (day.startMin >= day.endMin)
    ctx.addIssue({ code: 'custom', path: ['endMin'], message: 'must be later than the start of the day' });
  else if (!hours.success)
    ctx.addIssue({ code: 'custom', path: ['endMin'], message: 'must be at most 24 hours after the start' });
  if (day.maxCount !== null && day.minCount > day.maxCount)
    ctx.addIssue({
      code: 'custom',
      path: ['minCount'],
      message: `must not be more than the most, ${day.maxCount}`,
    });
  const ids = day.kinds.map((k) => k.id);
  if (new Set(ids).size < ids.length)
    ctx.addIssue({ code: 'custom', path: ['kinds'], message: 'each kind needs an id of its own' });
  for (const [i, kind] of day.kinds.entries())
    if ((kind.minCount ?? 0) > (kind.maxCount ?? 100))
      ctx.addIssue({
        code: 'custom',
        path: ['kinds', i, 'minCount'],
        message: `must not be more than the most, ${kind.maxCount}`,
      });
  for (const [i, placed] of day.locked.entries())
    if (!ids.includes(placed.kindId))
      ctx.addIssue({ code: 'custom', path: ['locked', i, 'kindId'], message: 'names no kind of this rule' });
  for (const [i, stretch] of day.windows.entries())
    for (const [k, id] of (stretch.kindIds ?? []).entries())
      if (!ids.includes(id))
        ctx.addIssue({
          code: 'custom',
          path: ['windows', i, 'kindIds', k],
          message: 'names no kind of this rule',
        });
});
export type DayInput = z.infer<typeof DayInput>;
