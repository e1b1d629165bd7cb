import { z } from 'zod';

const Ms = z.number().min(0).max(86_400_000);

/** Where a break that is led stands, without the clock: what is kept of it, and what other screens are told. */
export const LedState = z.object({
  status: z.enum(['ready', 'running', 'paused', 'finished', 'stopped']),
  /** Part that is led; -1 while counting in. */
  index: z.int().min(-1).max(5000),
  /** Time into that part. */
  elapsedMs: Ms,
  /** The instructor has gone on from an open hold: it ends at this time into it, with the words that lead out of it. */
  endsMs: Ms.optional(),
  /** For every part of the timeline: what was really spent in it, and what was added to it. */
  doneMs: z.array(Ms).max(5000),
  addedMs: z.array(Ms).max(5000),
  /** What was added, the last one last, so that it can be taken back. */
  added: z
    .array(z.object({ parts: z.array(z.int().min(0)).max(2), ms: Ms }))
    .max(500)
    .default([]),
  /** Breaths last so many times as long as written. */
  tempo: z.number().min(0.25).max(4).default(1),
  /** It waits before each step until the instructor goes on. */
  waits: z.boolean().default(false),
  /** Paused because it waits, not because somebody paused it. */
  waiting: z.boolean().default(false),
});
export type LedState = z.infer<typeof LedState>;
