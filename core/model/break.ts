import { z } from 'zod';
import { Dose } from './dose';
import { Position } from './move';
import { defaultPace, Pace } from './pace';
import { Id, Side } from './units';

/** One move within a break, with its dose and its sides. */
export const Step = z.object({
  type: z.literal('step'),
  id: Id,
  moveId: Id,
  dose: Dose,
  sets: z.int().min(1).max(10).default(1),
  /** Which ways are done; `both` unless one is left out. Ignored by moves without sides. */
  sides: z.enum(['both', 'left', 'right']).default('both'),
  /** The side that goes first; the break's own when left out. */
  firstSide: Side.optional(),
  /** One side gets another amount, on purpose, with the reason kept. */
  uneven: z
    .object({ side: Side, amount: z.number().min(1).max(600), reason: z.string().max(300) })
    .optional(),
  /** Which directions are done. Ignored by moves without directions. */
  directions: z.enum(['both', 'first', 'second']).default('both'),
  /** Holds in seconds become whole breaths; the break's own setting when left out. */
  wholeBreaths: z.boolean().optional(),
  position: Position.optional(),
});
export type Step = z.infer<typeof Step>;

/** A linked series: by default all links on one side, then all on the other. */
export const Chain = z.object({
  type: z.literal('chain'),
  id: Id,
  nesting: z.enum(['side by side', 'link by link']).default('side by side'),
  sides: z.enum(['both', 'left', 'right']).default('both'),
  firstSide: Side.optional(),
  links: z.array(Step).min(2).max(12),
});
export type Chain = z.infer<typeof Chain>;

export const Item = z.discriminatedUnion('type', [Step, Chain]);
export type Item = z.infer<typeof Item>;

/** A break: what is done, in which order, how much of it, in how long a slot. */
export const Break = z.object({
  id: Id,
  name: z.string().trim().min(1).max(80),
  groupId: Id.nullable().default(null),
  slotSec: z.int().min(10).max(3600),
  firstSide: Side.default('left'),
  wholeBreaths: z.boolean().default(false),
  pace: Pace.default(defaultPace),
  items: z.array(Item).max(120),
});
export type Break = z.infer<typeof Break>;

/** All steps of a break in order, links of chains included. */
export const stepsOf = (brk: Pick<Break, 'items'>): Step[] =>
  brk.items.flatMap((item) => (item.type === 'chain' ? item.links : [item]));
