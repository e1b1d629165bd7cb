import type { BreathCycle } from '../breath';
import type { Kind, Milliseconds, Position, Side, Thing } from '../model';
import type { Line, LineRole } from './lines';

/** What every part says of itself. Parts follow each other without gaps. */
interface Base {
  index: number;
  startMs: Milliseconds;
  lengthMs: Milliseconds;
  stepId: string;
  /** Name of the step's move, and what it does in a break. */
  moveName: string;
  moveKind: Kind;
  /** The chain the step is a link of. */
  chainId: string | null;
  /** 0 for the first side (or the only pass), 1 for the second. */
  pass: 0 | 1;
  /** The way that is led and said: the side that moves. Null for moves without sides, and where no side is meant. */
  side: Side | null;
  /** That way in words, such as `left` or `left arm on top`; empty where no side is meant. */
  way: string;
  /** The direction's name, for moves that have two. */
  direction: string | null;
  /** What is spoken in this part, in order; no two lines overlap, here or in the part after. */
  lines: readonly Line[];
  /** What should have been said and found no room, the most important first. */
  dropped: readonly Line[];
  /** Index of the part at which something else is to be done: another move, side, direction or set; null at the end. */
  next: number | null;
}

/** Changes of position. */
export interface PositionPart extends Base {
  kind: 'position';
  from: Position;
  to: Position;
}
/** Fetching what is needed and was not in hand. */
export interface FetchPart extends Base {
  kind: 'fetch';
  things: readonly Thing[];
}
/** The full set-up of a step. */
export interface SayPart extends Base {
  kind: 'say';
}
/** The short set-up of the second side, of a link on the second side, or of the second direction. */
export interface ChangePart extends Base {
  kind: 'change';
  to: 'side' | 'direction';
}
/** What is done at the same time as something else. */
export interface MeanwhileWork {
  moveId: string;
  moveName: string;
  times: number;
  side: Side | null;
}
/** One set, or one repetition of an alternating step. */
export interface WorkPart extends Base {
  kind: 'work';
  /** From 1. */
  set: number;
  sets: number;
  /** Where it is felt. */
  felt: Side | 'both';
  /** Repetitions within this part; null for holds. */
  reps: number | null;
  /** Number of the first repetition of this part on its side, from 1; null without repetitions. */
  firstRep: number | null;
  /** True for what is kept still, false for what moves. */
  held: boolean;
  /** The breath led in this part, beginning with an inhale at its start; null where breath is free. */
  breath: BreathCycle | null;
  /** How long each repetition is held at its end, within its length; left out where it is not. */
  repHeldMs?: Milliseconds;
  /** How much longer it may be, of a range; left out where it is no range. */
  moreMs?: Milliseconds;
  /** It lasts until the instructor goes on; its length is only what is planned. */
  open?: true;
  /** A second movement, counted. */
  meanwhile?: MeanwhileWork;
}
/** The rest before a further set. */
export interface RestPart extends Base {
  kind: 'rest';
  /** The set it leads to, from 2. */
  set: number;
  sets: number;
}
/** Back to neutral. */
export interface ReturnPart extends Base {
  kind: 'return';
}
/** Nothing but words. */
export interface NotePart extends Base {
  kind: 'note';
}

/** One stretch of a break in which one thing happens. */
export type Part =
  | PositionPart
  | FetchPart
  | SayPart
  | ChangePart
  | WorkPart
  | RestPart
  | ReturnPart
  | NotePart;
export type PartKind = Part['kind'];

/** Milliseconds of work by the side that feels it. */
export interface Totals {
  totalMs: Milliseconds;
  leftMs: Milliseconds;
  rightMs: Milliseconds;
  bothMs: Milliseconds;
}

/** A compiled break: everything else reads this and never derives a duration, a place or a word again. */
export interface Timeline {
  parts: Part[];
  totals: Totals;
}

/** The longest that parts may last, ms: every range at its upper end. */
export const mostOf = (parts: readonly Part[]): Milliseconds =>
  parts.reduce((sum, p) => sum + p.lengthMs + (p.kind === 'work' ? (p.moreMs ?? 0) : 0), 0);

/** The longest a break may last, ms: every range at its upper end. */
export const mostMs = ({ parts }: Timeline): Milliseconds => mostOf(parts);

export const isWork = (part: Part): part is WorkPart => part.kind === 'work';

const DURING: readonly LineRole[] = ['go', 'feel', 'check', 'breathe', 'count', 'last', 'back'];

/** The words a part that is not work stands for: what it opens with, whether there was time to speak it or not. */
export const textOf = (part: Part): string => {
  const opens = (line: Line): boolean => part.kind === 'return' || !DURING.includes(line.role);
  return (part.lines.find(opens) ?? part.dropped.find(opens))?.text ?? '';
};

/** |left - right| / max(left, right); 0 when neither side works. */
export const imbalance = ({ leftMs, rightMs }: Pick<Totals, 'leftMs' | 'rightMs'>): number => {
  const most = Math.max(leftMs, rightMs);
  return most === 0 ? 0 : Math.abs(leftMs - rightMs) / most;
};

/** Sums what several runs of parts come to. */
export const addTotals = (list: readonly Totals[]): Totals => {
  const sum: Totals = { totalMs: 0, leftMs: 0, rightMs: 0, bothMs: 0 };
  for (const t of list) {
    sum.totalMs += t.totalMs;
    sum.leftMs += t.leftMs;
    sum.rightMs += t.rightMs;
    sum.bothMs += t.bothMs;
  }
  return sum;
};

/** Sums a run of parts. */
export const totalsOf = (parts: readonly Part[]): Totals => {
  const totals: Totals = { totalMs: 0, leftMs: 0, rightMs: 0, bothMs: 0 };
  for (const part of parts) {
    totals.totalMs += part.lengthMs;
    if (part.kind === 'work') totals[`${part.felt}Ms`] += part.lengthMs;
  }
  return totals;
};
