import { z } from 'zod';
import { Id, Line } from './units';

/** An address that a calendar can be read from. */
const Address = z
  .string()
  .max(2000)
  .refine((text) => URL.canParse(text) && /^(https?|webcals?):$/.test(new URL(text).protocol), {
    message: 'must be a web address that begins with https://, http:// or webcal://',
  });

/** A calendar whose busy times a group or a person plans around: subscribed by address, or read from a file. */
export const CalendarSource = z.object({
  id: Id,
  groupId: Id,
  /** Whose it is; null for the whole group. */
  personId: Id.nullable().default(null),
  /** The instructor's own: sessions are led around it. */
  instructor: z.boolean().default(false),
  name: Line(60).min(1),
  /** Null for one that was read from a file. */
  address: Address.nullable().default(null),
  /** It may be read from inside this machine or this network; elsewhere it is always. */
  inside: z.boolean().default(false),
  /** Keep what events are called; without it nothing but their times is kept. */
  keepTitles: z.boolean().default(false),
});
export type CalendarSource = z.infer<typeof CalendarSource>;

/** How a calendar stands: when its last good copy was made and what became of the last try. */
export interface CalendarState {
  id: string;
  /** When the copy that is used was made; null when there is none yet. */
  copiedAt: string | null;
  /** When it was tried last. */
  triedAt: string | null;
  /** Why the last try failed; null when it did not. */
  problem: string | null;
  events: number;
}

/** A calendar address that was given out. */
export const Feed = z.object({
  /** Cannot be guessed; it is the address. */
  token: z.string().min(20),
  groupId: Id,
  personId: Id.nullable(),
  /** Minutes before the start at which a calendar reminds; null for no reminder. */
  alarmMin: z.int().min(0).max(120).nullable(),
  /** Whether its entries take up the time of whoever follows it. */
  busy: z.boolean(),
  /** How long its entries are; null for as long as the breaks are planned. */
  lengthMin: z.int().min(1).max(120).nullable(),
  createdAt: z.iso.datetime(),
  revokedAt: z.iso.datetime().nullable(),
});
export type Feed = z.infer<typeof Feed>;

/** A calendar address of everything that an instructor leads. */
export const LedFeed = Feed.pick({ token: true, alarmMin: true, createdAt: true, revokedAt: true });
export type LedFeed = z.infer<typeof LedFeed>;

/** What is asked for when such an address is made. */
export const LedFeedRequest = z.object({ alarmMin: z.int().min(0).max(120).nullable().default(15) });

/** What is asked for when a calendar address is made. */
export const FeedRequest = z.object({
  personId: Id.nullable().default(null),
  alarmMin: z.int().min(0).max(120).nullable().default(5),
  busy: z.boolean().default(false),
  lengthMin: z.int().min(1).max(120).nullable().default(null),
});
