import { z } from 'zod';
import { Id, IsoDateSchema, Line, ShiftMinute } from './units';

/** What became of a reminder. */
export const MessageState = z.enum(['waiting', 'sent', 'answered', 'too late', 'withdrawn']);
export type MessageState = z.infer<typeof MessageState>;

/** One reminder of one planned break to one person, as the channel holds it. */
export interface Message {
  id: string;
  groupId: string;
  personId: string;
  weekId: string;
  plannedId: string;
  breakId: string | null;
  breakName: string;
  date: string;
  startMin: number;
  /** When the break starts, ISO. */
  startsAt: string;
  /** When it is to be sent, ISO. */
  dueAt: string;
  sentAt: string | null;
  /** How often it was sent: once, and once more for each snooze. */
  times: number;
  state: MessageState;
}

/** What someone says to a reminder. */
export const Reply = z.discriminatedUnion('answer', [
  z.object({ answer: z.literal('did it') }),
  z.object({ answer: z.literal('part of it') }),
  z.object({ answer: z.literal('not today') }),
  z.object({ answer: z.literal('snooze'), minutes: z.int().min(1).max(60).default(10) }),
]);
export type Reply = z.infer<typeof Reply>;

/** An answer in the log: whether a planned break was done. */
export const Answer = z.object({
  id: Id,
  groupId: Id,
  personId: Id,
  personName: z.string(),
  breakId: Id.nullable(),
  breakName: z.string(),
  date: IsoDateSchema,
  startMin: ShiftMinute,
  startsAt: z.iso.datetime(),
  answer: z.enum(['did it', 'part of it', 'not today']),
  answeredAt: z.iso.datetime(),
  /** Tension 0 to 10, where the person said it. */
  tensionBefore: z.int().min(0).max(10).nullable().default(null),
  tensionAfter: z.int().min(0).max(10).nullable().default(null),
  /** The move at which something hurt, where the person wanted it told. */
  hurtAt: z
    .object({ moveId: Id, moveName: Line(80) })
    .nullable()
    .default(null),
});
export type Answer = z.infer<typeof Answer>;
