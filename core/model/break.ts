import { z } from 'zod';
import { SomeAnswers } from './approach';
import { Dose } from './dose';
import { Area, Position } from './move';
import { defaultPace, Pace } from './pace';
import { withKnownTokens } from './tokens';
import { Id, Line, Lines, Side } from './units';

/** A second movement while a step is held: so many times on each pass, on the other side or on the same one. */
export const Meanwhile = z.object({
  moveId: Id,
  times: z.int().min(1).max(40),
  /** Beside the side that moves in the step; ignored where one of the two has no sides. */
  side: z.enum(['other', 'same']).default('other'),
});
export type Meanwhile = z.infer<typeof Meanwhile>;

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
  uneven: z.object({ side: Side, amount: z.number().min(1).max(600), reason: Lines(300) }).optional(),
  /** Which directions are done. Ignored by moves without directions. */
  directions: z.enum(['both', 'first', 'second']).default('both'),
  /** Holds in seconds become whole breaths; the break's own setting when left out. */
  wholeBreaths: z.boolean().optional(),
  position: Position.optional(),
  /** Name of the rung; the move's usual one when left out. */
  rung: z.string().max(60).optional(),
  /** A breath of its own: it holds in this step and nowhere else. */
  breath: z
    .object({
      breathsPerMinute: Pace.shape.breathsPerMinute.unwrap().optional(),
      exhaleRatio: Pace.shape.exhaleRatio.unwrap().optional(),
    })
    .optional(),
  /** All of one way first, then all of the other, of a move that usually goes from side to side. */
  oneByOne: z.boolean().optional(),
  /** As a link of a series: on the other way, so that one arm works through all of it. */
  turned: z.boolean().optional(),
  /** The second direction gets another amount, on purpose, with the reason kept. */
  second: z.object({ amount: z.number().min(1).max(600), reason: Lines(300).trim().min(1) }).optional(),
  /** Why one way or one direction only is meant, so that it owes the other nothing. */
  meant: Lines(300).trim().min(1).optional(),
  /** What is done at the same time: the wrist is drawn back while the other leg is straightened ten times. */
  meanwhile: Meanwhile.optional(),
  /** Set-up words of its own, instead of the move's. A spoken note has nothing else. */
  words: withKnownTokens(Lines(600).trim().min(1)).optional(),
  /** The dose stays as it is when the break is fitted to its slot. */
  locked: z.boolean().optional(),
  /** Never left out when the break is fitted to its slot. */
  keep: z.boolean().optional(),
  /** What goes first when time is short: 1 before 2 before 3; 2 when left out. */
  priority: z.int().min(1).max(3).optional(),
});
export type Step = z.infer<typeof Step>;

/** The most links of a series. */
export const MOST_LINKS = 12;

/** The most rounds of a series. */
export const MOST_CHAIN_ROUNDS = 10;

/** A linked series: by default all links on one side, then all on the other. */
export const Chain = z.object({
  type: z.literal('chain'),
  id: Id,
  nesting: z.enum(['side by side', 'link by link']).default('side by side'),
  sides: z.enum(['both', 'left', 'right']).default('both'),
  firstSide: Side.optional(),
  links: z.array(Step).min(2).max(MOST_LINKS),
  /** So many times in a row on each side; the short cues from the second time on. */
  rounds: z.int().min(1).max(MOST_CHAIN_ROUNDS).optional(),
  /** What stands between its two sides: a rest, a note, something let go. */
  between: z.array(Step).max(4).optional(),
});
export type Chain = z.infer<typeof Chain>;

export const Item = z.discriminatedUnion('type', [Step, Chain]);
export type Item = z.infer<typeof Item>;

/** A finding that was looked at and set aside, with the reason. */
export const Aside = z.object({ key: z.string().min(1).max(400), reason: Lines(300).trim().min(1) });
export type Aside = z.infer<typeof Aside>;

/** The forms one break can be made in from another one. */
export const FormKind = z.enum(['short', 'on a call', 'standing room']);
export type FormKind = z.infer<typeof FormKind>;

/** Where a form of a break comes from, and what that one held when the form was made or last agreed with. */
export const FormOf = z.object({ breakId: Id, kind: FormKind, basis: z.array(Item).max(120) });
export type FormOf = z.infer<typeof FormOf>;

/** A break: what is done, in which order, how much of it, in how long a slot. */
export const Break = z.object({
  id: Id,
  name: Line(80).min(1),
  groupId: Id.nullable().default(null),
  slotSec: z.int().min(10).max(3600),
  firstSide: Side.default('left'),
  wholeBreaths: z.boolean().default(false),
  pace: Pace.default(defaultPace),
  /** Answers that differ from the instructor's approach, for this break only. */
  approach: SomeAnswers.optional(),
  /** It is to calm down: the breath out should be the longer one. */
  calm: z.boolean().optional(),
  /** It is done while on a call: nothing that can be heard or shows. */
  onCall: z.boolean().optional(),
  /** The areas it is for, if it is for some in particular. */
  targets: z.array(Area).max(14).optional(),
  /** Findings that were set aside. */
  aside: z.array(Aside).max(200).optional(),
  formOf: FormOf.optional(),
  items: z.array(Item).max(120),
});
export type Break = z.infer<typeof Break>;

/** A series with each of its steps changed: links and what stands between its sides. */
export const mapChain = (chain: Chain, change: (step: Step) => Step): Chain => ({
  ...chain,
  links: chain.links.map(change),
  ...(chain.between && { between: chain.between.map(change) }),
});

/** The moves that steps name, each once: those that are done, and those that are done meanwhile. */
export const moveIdsOf = (brk: Pick<Break, 'items'>): string[] => [
  ...new Set(stepsOf(brk).flatMap((s) => (s.meanwhile ? [s.moveId, s.meanwhile.moveId] : [s.moveId]))),
];

/** All steps of a break in order, links of chains and what stands between their sides included. */
export const stepsOf = (brk: Pick<Break, 'items'>): Step[] =>
  brk.items.flatMap((item) => (item.type === 'chain' ? [...item.links, ...(item.between ?? [])] : [item]));
