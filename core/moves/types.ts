import type { z } from 'zod';
import type { Move } from '../model';

/** A move as it is written down: what has a default may be left out. */
export type MoveData = z.input<typeof Move>;
