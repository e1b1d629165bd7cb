import { z } from 'zod';

/** How a calendar answers: at once, only after a while, or not at all. */
export const Mode = z.enum(['answers', 'slow', 'silent']);
export type Mode = z.infer<typeof Mode>;
