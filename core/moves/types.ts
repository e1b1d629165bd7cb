import type { z } from 'zod';
import type { Cues, Move } from '../model';

/** A move as it is written down: what has a default may be left out. */
export type MoveData = z.input<typeof Move>;

/** Words of rungs: by move, then by the name of the rung. */
export type RungWords = Readonly<Record<string, Readonly<Record<string, Partial<Cues>>>>>;
