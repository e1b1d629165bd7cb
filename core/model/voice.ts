import { z } from 'zod';
import { Lines } from './units';

/** The largest recording of one line, bytes: a minute of speech in a usual web format. */
export const MOST_SOUND_BYTES = 1_000_000;

/** A line that an instructor has recorded; its sound is asked for apart. */
export const VoiceLine = z.object({
  /** What its words are known by. */
  id: z.string().regex(/^[\w-]{16,64}$/),
  text: Lines(2000).min(1),
  lengthMs: z.int().min(100).max(120_000),
});
export type VoiceLine = z.infer<typeof VoiceLine>;
