import { z } from 'zod';
import { Break } from './break';
import { Week } from './week';

/** A week as it was given out: its breaks at their times, and each chosen break as it was then. */
export const Given = z.object({ week: Week, breaks: z.array(Break) });
export type Given = z.infer<typeof Given>;

/** What is known of giving a week out: when, and what; null where it is a draft. */
export const GivenState = z.object({
  givenAt: z.iso.datetime(),
  week: Week,
  /** Whether there is an earlier state to go back to; else taking back makes it a draft again. */
  hasBefore: z.boolean(),
});
export type GivenState = z.infer<typeof GivenState>;
