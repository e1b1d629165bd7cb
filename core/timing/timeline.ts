import type { BreathCycle } from '../breath';
import type { DonePart, Milliseconds, Side } from '../model';

export type PartKind = DonePart['kind'];

/** One stretch of a break in which one thing happens. Parts follow each other without gaps. */
export interface Part {
  index: number;
  startMs: Milliseconds;
  lengthMs: Milliseconds;
  kind: PartKind;
  stepId: string;
  /** The chain the step is a link of. */
  chainId: string | null;
  /** 0 for the first side (or the only pass), 1 for the second. */
  pass: 0 | 1;
  /** The way that is led and said: the side that moves. Null for moves without sides. */
  side: Side | null;
  /** Where it is felt; null when nothing is worked. */
  felt: Side | 'both' | null;
  /** The direction's name, for moves that have two. */
  direction: string | null;
  /** 1 for the first set. */
  set: number;
  /** Repetitions within this part; null for holds and everything that is not work. */
  reps: number | null;
  /** Number of the first repetition of this part on its side, from 1; null without repetitions. */
  firstRep: number | null;
  /** The breath led in this part, beginning with an inhale at its start; null where breath is free. */
  breath: BreathCycle | null;
  /** What is spoken at its start, resolved for this side; empty when nothing is. */
  text: string;
}

/** Milliseconds of work by the side that feels it. */
export interface Totals {
  totalMs: Milliseconds;
  leftMs: Milliseconds;
  rightMs: Milliseconds;
  bothMs: Milliseconds;
}

/** A compiled break: everything else reads this and never derives a duration again. */
export interface Timeline {
  parts: Part[];
  totals: Totals;
}

/** |left - right| / max(left, right); 0 when neither side works. */
export const imbalance = ({ leftMs, rightMs }: Pick<Totals, 'leftMs' | 'rightMs'>): number => {
  const most = Math.max(leftMs, rightMs);
  return most === 0 ? 0 : Math.abs(leftMs - rightMs) / most;
};

/** Sums a run of parts. */
export const totalsOf = (parts: readonly Part[]): Totals => {
  const totals: Totals = { totalMs: 0, leftMs: 0, rightMs: 0, bothMs: 0 };
  for (const part of parts) {
    totals.totalMs += part.lengthMs;
    if (part.kind === 'work' && part.felt) totals[`${part.felt}Ms`] += part.lengthMs;
  }
  return totals;
};
