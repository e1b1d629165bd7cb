import { z } from 'zod';
import { Rule } from './day';
import { Frequency } from './frequency';
import { Hours, Interval } from './group';
import { Area } from './move';
import { Id, IsoDateSchema, Line, ShiftMinute } from './units';
import { BusyUse } from './use';

const plainBusy = z.object({
  id: Id,
  label: Line(60).default(''),
  use: BusyUse.default('meeting'),
  /** The calendar it was read from; null when it was entered by hand. */
  calendarId: Id.nullable().default(null),
});

/** Weeks kept by an earlier version said only whether a time was off the desk. */
const asUse = (value: unknown): unknown => {
  if (value === null || typeof value !== 'object' || !('offDesk' in value)) return value;
  const { offDesk, ...rest } = value as { offDesk: unknown };
  return { use: offDesk === true ? 'off desk' : 'meeting', ...rest };
};

/** A time of the day that is taken: a meeting, time off the desk, time in which one listens or wants quiet. */
export const BusyTime = z.preprocess(asUse, z.intersection(plainBusy, Interval));
export type BusyTime = z.infer<typeof BusyTime>;

/** A break planned on a day. Its id stays when it moves, so that calendars follow it. */
export const PlannedBreak = z.object({
  id: Id,
  startMin: ShiftMinute,
  kindId: Id,
  /** The break to be led, once chosen. */
  breakId: Id.nullable().default(null),
  /** Set by hand: planning again leaves it where it is. */
  locked: z.boolean().default(false),
  /** Will not be held: it stays to be seen and counts for nothing. */
  skipped: z.boolean().optional(),
  /** Led by the instructor, for everyone who can come. */
  led: z.boolean().optional(),
});
export type PlannedBreak = z.infer<typeof PlannedBreak>;

export const WeekDay = z.object({
  date: IsoDateSchema,
  /** Hours of this day alone; the group's or the person's own when left out. */
  hours: Hours.optional(),
  /** Why nobody works on this day; breaks are not planned on it. */
  off: Line(60).optional(),
  busy: z.array(BusyTime).max(50).default([]),
  breaks: z.array(PlannedBreak).max(100).default([]),
});
export type WeekDay = z.infer<typeof WeekDay>;

/** The rule of a week: how often in words, and the numbers behind it. */
export const WeekRule = Rule.extend({ frequency: Frequency.default({ code: 'by cost' }) });
export type WeekRule = z.infer<typeof WeekRule>;

/** The week of a group, or of one person of it. */
export const Week = z.object({
  id: Id,
  groupId: Id,
  personId: Id.nullable().default(null),
  /** The Monday it starts on. */
  startDate: IsoDateSchema,
  rule: WeekRule,
  /** The areas the week is for; empty: every area that the chosen breaks can reach. */
  aims: z.array(Area).max(14).default([]),
  days: z.array(WeekDay).max(7),
});
export type Week = z.infer<typeof Week>;
