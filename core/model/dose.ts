import { z } from 'zod';

const HoldSeconds = z.object({ measure: z.literal('seconds'), amount: z.number().min(1).max(600) });
const HoldBreaths = z.object({ measure: z.literal('breaths'), amount: z.int().min(1).max(60) });
const Reps = z.object({
  measure: z.literal('reps'),
  amount: z.int().min(1).max(100),
  /** Seconds for one repetition, or one breath for each. */
  repSec: z.union([z.number().min(0.5).max(60), z.literal('breath')]),
});

/** How much of a move is done, once, on one side or in one direction. */
export const Dose = z.discriminatedUnion('measure', [HoldSeconds, HoldBreaths, Reps]);
export type Dose = z.infer<typeof Dose>;

/** The doses a move takes: the amount people usually do, and the least and most that make sense. */
export const DoseBand = z.object({
  least: z.number().min(1).max(600),
  usual: Dose,
  most: z.number().min(1).max(600),
});
export type DoseBand = z.infer<typeof DoseBand>;

/** The finest useful change of a dose: 5 seconds, 1 breath or 1 repetition. */
export const doseStep = (dose: Dose): number => (dose.measure === 'seconds' ? 5 : 1);
