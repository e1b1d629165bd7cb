import { z } from 'zod';
import { Area } from './move';
import { Side } from './units';

/** What a person may have to be careful with. Never a diagnosis: only what they say themselves. */
export const Limit = z.enum([
  'neck',
  'dizziness',
  'blood or eye pressure',
  'osteoporosis',
  'shoulder',
  'wrist or hand',
  'low back',
  'hip',
  'hip replacement',
  'knee',
  'pregnancy',
  'hypermobility',
  'balance',
  'asthma or breath',
  'recent surgery',
  'cannot stand',
  'one arm',
  'limited sight',
  'limited hearing',
]);
export type Limit = z.infer<typeof Limit>;

/** A limit as a person names it, on a side where that matters. */
export const PersonLimit = z.object({
  limit: Limit,
  side: z.enum([...Side.options, 'both']).optional(),
  /** A doctor or physiotherapist has said to leave it alone for now: nothing near it, without asking them. */
  stopped: z.boolean().optional(),
  /** Of a recent surgery: where. Left out, it may be anywhere. */
  at: Area.optional(),
});
export type PersonLimit = z.infer<typeof PersonLimit>;

/** Limits that lie on a side. */
export const SIDED_LIMITS: readonly Limit[] = [
  'neck',
  'shoulder',
  'wrist or hand',
  'hip',
  'hip replacement',
  'knee',
  'one arm',
];

/** What the room and the chairs may not allow. */
export const RoomLimit = z.enum(['castors', 'chair arms', 'high back', 'little room']);
export type RoomLimit = z.infer<typeof RoomLimit>;
