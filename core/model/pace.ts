import { z } from 'zod';
import { slowBreathing } from '../reference';

/** From so many breaths a minute to so many. Common practice, no source. */
export const BREATHS_A_MINUTE = { least: 2, most: 20 } as const;

/**
 * How fast a break is spoken and breathed. The defaults are common practice, no source,
 * except the breath: slow breathing at about 6 a minute (see `core/reference`).
 */
export const Pace = z.object({
  wordsPerMinute: z.int().min(60).max(260).default(140),
  breathsPerMinute: z
    .number()
    .min(BREATHS_A_MINUTE.least)
    .max(BREATHS_A_MINUTE.most)
    .default(slowBreathing.breathsPerMinute),
  /** The exhale is this many times as long as the inhale. */
  exhaleRatio: z.number().min(0.5).max(4).default(1.5),
  /** Changing side or direction takes at least this long, in seconds. */
  changeSec: z.number().min(0).max(60).default(4),
  /** Rest between two sets, in seconds. */
  setRestSec: z.number().min(0).max(120).default(5),
  /** No cue is shorter than this, in seconds. */
  shortestCueSec: z.number().min(0).max(30).default(2),
  /** Coming back to neutral, in seconds, unless the move names its own. */
  returnSec: z.number().min(0).max(60).default(2),
});
export type Pace = z.infer<typeof Pace>;

/** The pace a new break starts with. */
export const defaultPace: Pace = Pace.parse({});
