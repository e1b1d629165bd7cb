import { z } from 'zod';
import { Rule } from './day';
import { Interval } from './group';
import { Id, IsoDateSchema, MinuteOfDaySchema } from './units';

/** A meeting or other time in which no break can be, or time away from the desk. */
export const BusyTime = z.intersection(
  z.object({ id: Id, label: z.string().max(60).default(''), offDesk: z.boolean().default(false) }),
  Interval,
);
export type BusyTime = z.infer<typeof BusyTime>;

/** A break planned on a day. Its id stays when it moves, so that calendars follow it. */
export const PlannedBreak = z.object({
  id: Id,
  startMin: MinuteOfDaySchema,
  kindId: Id,
  /** The break to be led, once chosen. */
  breakId: Id.nullable().default(null),
  /** Set by hand: planning again leaves it where it is. */
  locked: z.boolean().default(false),
});
export type PlannedBreak = z.infer<typeof PlannedBreak>;

export const WeekDay = z.object({
  date: IsoDateSchema,
  busy: z.array(BusyTime).max(50).default([]),
  breaks: z.array(PlannedBreak).max(100).default([]),
});
export type WeekDay = z.infer<typeof WeekDay>;

/** One group's week. */
export const Week = z.object({
  id: Id,
  groupId: Id,
  /** The Monday it starts on. */
  startDate: IsoDateSchema,
  rule: Rule,
  days: z.array(WeekDay).max(7),
});
export type Week = z.infer<typeof Week>;
