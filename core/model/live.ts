import { z } from 'zod';
import { Approach } from './approach';
import { Break } from './break';
import { LedState } from './led';
import { Move, Position } from './move';
import { Id, Line } from './units';

/** A choice that everyone is offered at a step: what is said, and the easier version as it is drawn. Nobody is named. */
export const LiveChoice = z.object({
  stepId: Id,
  lines: z.array(Line(300)).max(6),
  easier: z
    .object({ moveId: Id, rung: Line(80).optional(), position: Position.optional() })
    .nullable()
    .default(null),
});
export type LiveChoice = z.infer<typeof LiveChoice>;

/** What a screen that follows a break needs, once: the break, the moves in it, how it is taught, the choices. No names. */
export const LiveBreak = z.object({
  brk: Break,
  moves: z.array(Move).max(300),
  approach: Approach,
  choices: z.array(LiveChoice).max(300).default([]),
});
export type LiveBreak = z.infer<typeof LiveBreak>;

/** Where it stands, as others are told: without what only the record needs. */
export const LiveLed = LedState.omit({ doneMs: true, added: true });
export type LiveLed = z.infer<typeof LiveLed>;

/** The state of a break that others follow. */
export const LiveState = z.object({
  led: LiveLed,
  /** The moment it was so, ms since 1970 by the clock of whoever hands it on. */
  at: z.number().min(0),
  /** The instructor faces the group and shows everything as a mirror. */
  mirror: z.boolean().default(false),
  /** Something said to everyone at this moment; empty for nothing. */
  note: Line(200).default(''),
});
export type LiveState = z.infer<typeof LiveState>;

/** What is said to everyone from a remote is read at a glance: so many letters at most. */
export const LONGEST_SAID = 200;

/** What a remote may ask of whoever leads. */
export const LiveCommand = z.discriminatedUnion('do', [
  z.object({
    do: z.enum([
      'start',
      'pause',
      'go on',
      'next',
      'back',
      'one more breath',
      'take it back',
      'slower',
      'faster',
      'wait for me',
      'do not wait',
    ]),
  }),
  z.object({ do: z.literal('note'), text: Line(LONGEST_SAID) }),
]);
export type LiveCommand = z.infer<typeof LiveCommand>;

/** A room that was opened for a break: how it is named to its maker, and the address by which others follow. */
export const LiveRoom = z.object({ id: z.string(), token: z.string() });
export type LiveRoom = z.infer<typeof LiveRoom>;

/** Who is there: screens that follow, and remotes that steer. */
export const LivePresence = z.object({ screens: z.int(), remotes: z.int() });
export type LivePresence = z.infer<typeof LivePresence>;
