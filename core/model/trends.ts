import { z } from 'zod';
import { Area } from './move';
import { IsoDateSchema, Side } from './units';

/** A value over so many, with the span in which the true one lies with 95 % confidence; null bounds: too little to say. */
export const Estimate = z.object({
  n: z.int().min(1),
  value: z.number(),
  low: z.number().nullable(),
  high: z.number().nullable(),
});
export type Estimate = z.infer<typeof Estimate>;

/** A span of days, both included. */
export const Span = z
  .object({ from: IsoDateSchema, until: IsoDateSchema })
  .refine((s) => s.from <= s.until, { path: ['until'], message: 'must not be before the first day' });
export type Span = z.infer<typeof Span>;

/** A planned break and what is known of it, for counting what happens. */
export const Outcome = z.object({
  date: IsoDateSchema,
  startMin: z.int(),
  /** Null where it is not known any more. */
  lengthMin: z.number().nullable(),
  done: z.boolean(),
  personId: z.string().nullable(),
});
export type Outcome = z.infer<typeof Outcome>;

/** Areas and sides of which a trend can be drawn. */
export const AreaSide = z.object({ area: Area, side: z.enum([...Side.options, 'both']) });
export type AreaSide = z.infer<typeof AreaSide>;
