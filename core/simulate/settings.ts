import { z } from 'zod';
import { published } from '../reference';

/** A break planned beside the ordinary ones is skipped with this chance, by the published figure. */
export const USUAL_SKIP = 1 - published.stretchingDone.extraShare;

/** What real weeks are like. */
export const SimSettings = z.object({
  seed: z
    .int()
    .min(0)
    .max(2 ** 31 - 1)
    .default(1),
  weeks: z.int().min(1).max(20_000).default(2000),
  /** Everyone draws for themselves. */
  people: z.int().min(1).max(200).default(1),
  /** Chance that someone skips a break. */
  skip: z
    .number()
    .min(0)
    .max(1)
    .default(Number(USUAL_SKIP.toFixed(2))),
  /** Meetings overrun by an exponential time of this mean. Common practice, no source. */
  overrunMin: z.number().min(0).max(60).default(4),
  /** Breaks start late by an exponential time of this mean, in whole minutes. Common practice, no source. */
  lateMin: z.number().min(0).max(30).default(0),
  /** A blocked break may be so much later, or it is missed. Common practice, no source. */
  graceMin: z.int().min(0).max(240).default(20),
});
export type SimSettings = z.infer<typeof SimSettings>;
