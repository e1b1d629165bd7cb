import { z } from 'zod';
import { Area } from './move';
import { IsoDateSchema } from './units';

const Minutes = z.int().min(10).max(480);
const Count = z.int().min(1).max(20);

/**
 * How often, in the words people use. Each becomes counts, windows and costs for the same exact planner.
 * `by cost` leaves it to what runs and breaks cost.
 */
export const Frequency = z.discriminatedUnion('code', [
  z.object({ code: z.literal('by cost') }),
  /** A break about every so many minutes at the desk. */
  z.object({ code: z.literal('every minutes'), minutes: Minutes }),
  /** So many a day. */
  z.object({ code: z.literal('a day'), count: Count }),
  /** One or two a day. */
  z.object({ code: z.literal('once or twice') }),
  /** On so many days of the week, those on which a break helps most. */
  z.object({ code: z.literal('best days'), days: z.int().min(1).max(7) }),
  /** One on every working day; more only by hand. */
  z.object({ code: z.literal('every day') }),
  /** One whenever so many minutes are free between two busy times. */
  z.object({ code: z.literal('gaps'), minutes: z.int().min(1).max(120) }),
  /** One long break a day, each weekday for an area of its own, Monday first. */
  z.object({ code: z.literal('rota'), areas: z.array(Area).min(1).max(7) }),
  /** A short one about every hour, and so many longer ones a day. */
  z.object({ code: z.literal('hourly'), longer: z.int().min(0).max(3) }),
  /** Starts with so many a day and adds so many each week. */
  z.object({
    code: z.literal('ramp'),
    start: Count,
    add: z.int().min(1).max(5),
    most: Count,
    /** The Monday of the first week. */
    from: IsoDateSchema,
  }),
  /** One in the morning and one in the afternoon; more only by hand. */
  z.object({ code: z.literal('both halves') }),
]);
export type Frequency = z.infer<typeof Frequency>;
export type FrequencyCode = Frequency['code'];
