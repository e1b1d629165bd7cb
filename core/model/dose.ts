import { z } from 'zod';

/** The most of a dose, by what it is measured in: seconds, breaths, repetitions. */
export const MOST_AMOUNT = { seconds: 600, breaths: 60, reps: 100 } as const;
/** A repetition is held from so many seconds to so many. */
export const HELD_SEC = { least: 0.5, most: 60 } as const;

/** The upper end of a range: 15 to 20 s. Timed at the lower end; fitting and leading may use what is between. */
const To = z.number().min(1).max(MOST_AMOUNT.seconds).optional();

const HoldSeconds = z.object({
  measure: z.literal('seconds'),
  amount: z.number().min(1).max(MOST_AMOUNT.seconds),
  to: To,
  /** Until the instructor says: the amount is only what is planned. */
  open: z.boolean().optional(),
});
const HoldBreaths = z.object({
  measure: z.literal('breaths'),
  amount: z.int().min(1).max(MOST_AMOUNT.breaths),
  to: To,
});

/** Repetitions that go by the breath, and how many breaths each of them takes. */
export const BREATHS_A_REP = { 'half a breath': 0.5, breath: 1, 'two breaths': 2 } as const;
export type BreathRep = keyof typeof BREATHS_A_REP;

const Reps = z.object({
  measure: z.literal('reps'),
  amount: z.int().min(1).max(MOST_AMOUNT.reps),
  to: To,
  /** Seconds for one repetition, or so many breaths for each. */
  repSec: z.union([
    z.number().min(0.5).max(60),
    z.enum(Object.keys(BREATHS_A_REP) as [BreathRep, ...BreathRep[]]),
  ]),
  /** Seconds that each repetition is held at its end, on top of that. */
  holdSec: z.number().min(HELD_SEC.least).max(HELD_SEC.most).optional(),
});

/** How much of a move is done, once, on one side or in one direction. */
export const Dose = z
  .discriminatedUnion('measure', [HoldSeconds, HoldBreaths, Reps])
  .superRefine((dose, ctx) => {
    if (dose.to !== undefined && dose.to <= dose.amount)
      ctx.addIssue({
        code: 'custom',
        path: ['to'],
        message: `must be more than the lower end, which is ${dose.amount}`,
      });
  });
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

/** True for repetitions that go by the breath. */
export const goesByBreath = (dose: Dose): boolean =>
  dose.measure === 'reps' && typeof dose.repSec === 'string';

/** The same dose with another amount; a range keeps its width. */
export const withAmount = (dose: Dose, amount: number): Dose =>
  ({ ...dose, amount, ...(dose.to !== undefined && { to: amount + dose.to - dose.amount }) }) as Dose;
