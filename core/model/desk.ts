import { z } from 'zod';
import { Approach } from './approach';
import { Break } from './break';
import { Answer } from './message';
import { Move } from './move';
import { Id, IsoDateSchema, Line, ShiftMinute } from './units';

/** An address behind which somebody, or a whole group, finds the breaks that were given out. */
export const DeskPage = z.object({
  /** Cannot be guessed; it is the address. */
  token: z.string().min(20),
  groupId: Id,
  personId: Id.nullable(),
  createdAt: z.iso.datetime(),
  revokedAt: z.iso.datetime().nullable(),
});
export type DeskPage = z.infer<typeof DeskPage>;

export const DeskPageRequest = z.object({ personId: Id.nullable().default(null) });

/** A break of the week, as it was given out. */
export const DeskItem = z.object({
  plannedId: Id,
  date: IsoDateSchema,
  startMin: ShiftMinute,
  startsAt: z.iso.datetime(),
  lengthMin: z.number(),
  /** Null where none was chosen. */
  breakId: Id.nullable(),
  name: Line(80),
  /** Led for everyone together. */
  led: z.boolean(),
  /** What its answer is known by; empty on the page of a whole group. */
  answerId: z.string().default(''),
});
export type DeskItem = z.infer<typeof DeskItem>;

/** A break as whoever opens the page does it: their own version, with no reason in it. */
export const DeskBreak = z.object({ brk: Break, own: z.boolean() });
export type DeskBreak = z.infer<typeof DeskBreak>;

/** Everything that a page needs, worked out when it was given out: nobody's limits are in it or needed to read it. */
export const DeskData = z.object({
  /** The person's name as the instructor wrote it; empty for a whole group. */
  name: Line(60),
  groupName: Line(80),
  timeZone: z.string(),
  madeAt: z.iso.datetime(),
  items: z.array(DeskItem),
  breaks: z.array(DeskBreak),
  moves: z.array(Move),
  approach: Approach,
});
export type DeskData = z.infer<typeof DeskData>;

/** One break by itself, with all it takes to show and to follow it where there is no server. */
export const OneBreak = DeskData.pick({ moves: true, approach: true }).extend({ brk: DeskBreak });
export type OneBreak = z.infer<typeof OneBreak>;

/** What the page is given: what was worked out, what was answered since, and whether the group is led right now. */
export const DeskView = DeskData.extend({
  answers: z.array(Answer.pick({ id: true, date: true, startMin: true, answer: true })),
  /** Where what is led right now is followed; null for nothing. */
  live: z.string().nullable(),
});
export type DeskView = z.infer<typeof DeskView>;

const Base64Url = z.string().regex(/^[\w-]+=*$/);
/** A device as its browser gives it: where the push service finds it, and what is sealed for it alone (RFC 8291). */
export const Device = z.object({
  endpoint: z.url({ protocol: /^https?$/ }).max(1000),
  keys: z.object({ p256dh: Base64Url.min(86).max(88), auth: Base64Url.min(20).max(24) }),
});
export type Device = z.infer<typeof Device>;

/** What a device is told: the line it shows, and where a press on it leads. The same tag replaces what is shown. */
export const PushNotice = z.object({ title: Line(120), path: z.string().startsWith('/me/'), tag: Id });
export type PushNotice = z.infer<typeof PushNotice>;

const Rating = z.int().min(0).max(10).nullable().default(null);

/** What is answered on the page: to a planned break, or to one that was done in between. */
export const DeskAnswer = z.object({
  plannedId: Id.nullable(),
  breakId: Id.nullable(),
  answer: Answer.shape.answer,
  tensionBefore: Rating,
  tensionAfter: Rating,
  hurtAt: Answer.shape.hurtAt,
});
export type DeskAnswer = z.infer<typeof DeskAnswer>;
