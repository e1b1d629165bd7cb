import { z } from 'zod';

/** A length of time in whole milliseconds, 0 or more. */
export type Milliseconds = number;
/** A length of time in seconds. */
export type Seconds = number;
/** A length of time in whole minutes. */
export type Minutes = number;
/** Minutes since the local midnight on which a day or shift begins, 0 to 2880; beyond 1440 it is the next day. */
export type MinuteOfDay = number;
/** A local calendar date, `YYYY-MM-DD`. */
export type IsoDate = string;

/** An opaque identifier: 1 to 64 letters, digits, `-`, `_` or `.`. Never shown to a person. */
export const Id = z.string().regex(/^[A-Za-z0-9_.-]{1,64}$/);
export const MinuteOfDaySchema = z.int().min(0).max(1440);
/** Minutes since the midnight before a shift, so that one that crosses midnight runs on: 0 to 2880. */
export const ShiftMinute = z.int().min(0).max(2880);
export const IsoDateSchema = z.iso.date();

/**
 * One line of text of at most so many characters, blanks around it taken away: names, labels. No control characters and
 * no halves of characters, which would break the files it is written into.
 */
export const Line = (most: number) =>
  z
    .string()
    .trim()
    .max(most)
    .regex(/^[^\p{Cc}\p{Cs}\u2028\u2029]*$/u, 'must be one line, without control characters');
/** Text of several lines of at most so many characters: notes, words to say. */
export const Lines = (most: number) =>
  z
    .string()
    .max(most)
    .regex(/^(?:[^\p{Cc}\p{Cs}]|[\n\t\r])*$/u, 'must not hold control characters');

/** The two sides of the body, always the moving person's own. */
export const Side = z.enum(['left', 'right']);
export type Side = z.infer<typeof Side>;

/** The opposite side. */
export const otherSide = (side: Side): Side => (side === 'left' ? 'right' : 'left');
