import { type BreathState, breathAt } from '../breath';
import type { Milliseconds, Side } from '../model';
import { type Ahead, aheadOf, isWork, type Line, type Part, type Timeline, type WorkPart } from '../timing';
import { breathsToTell } from './last-breath';
import { isHeldOpen, type Lead, ledLengthMs, stretchOf } from './lead';

/** What the room is shown at one moment. */
export interface LeadView {
  /** Null while counting in and when it is over. */
  part: Part | null;
  /** Time left in this part, or of the count-in. */
  remainingMs: Milliseconds;
  /** The big number: seconds left of a hold, repetitions left, or seconds held of an open one; null when there is nothing to
   * count. */
  count: { value: number; unit: 'seconds' | 'reps' | 'held' } | null;
  /** Null where the breath is free. */
  breath: BreathState | null;
  /** Time left of the whole break, what was added included. */
  leftMs: Milliseconds;
  /** Share of the break that lies behind, 0 to 1. */
  progress: number;
  /** What comes after this: another move, side, direction or set. */
  next: Ahead;
  /** The half to light. */
  side: Side | null;
  /** What is left of the breath's own count: the last whole breath, one more after this; null elsewhere. */
  breathsLeft: 1 | 2 | null;
  /** The words that were spoken last and still hold; null before the first ones. */
  line: Line | null;
}

const countOf = (
  part: Part,
  elapsedMs: Milliseconds,
  lengthMs: Milliseconds,
  stretch: number,
): LeadView['count'] => {
  const seconds = Math.max(0, Math.ceil((lengthMs - elapsedMs) / 1000));
  if (part.kind === 'rest') return { value: seconds, unit: 'seconds' };
  if (part.kind !== 'work') return null;
  if (part.open) return { value: Math.floor(elapsedMs / 1000), unit: 'held' };
  if (part.reps === null) return { value: seconds, unit: 'seconds' };
  const repMs = (part.lengthMs * stretch) / part.reps;
  return { value: Math.max(1, Math.ceil((lengthMs - elapsedMs) / repMs)), unit: 'reps' };
};

/** Repetitions of an alternating step left on this side, this one included. */
const alternatingLeft = (timeline: Timeline, part: WorkPart): number =>
  timeline.parts
    .filter(isWork)
    .filter(
      (p) =>
        p.index >= part.index &&
        p.stepId === part.stepId &&
        p.set === part.set &&
        p.direction === part.direction &&
        p.side === part.side,
    ).length;

/** Whether the breath that goes on now is the last one, or the one before. */
const breathsLeft = (
  part: Part | null,
  elapsedMs: Milliseconds,
  lengthMs: Milliseconds,
  stretch: number,
): 1 | 2 | null => {
  if (part?.kind !== 'work' || !part.breath || part.open || part.reps !== null) return null;
  const cycleMs = part.breath.cycleMs * stretch;
  const breaths = breathsToTell(lengthMs, cycleMs);
  if (breaths === null) return null;
  const left = breaths - Math.floor(elapsedMs / cycleMs);
  return left <= 1 ? 1 : left === 2 ? 2 : null;
};

/**
 * Moment of a line from the start of its part as it is led: later by what was added, and as much slower as the breath is. In an
 * open hold nothing of the end is said before somebody goes on.
 */
export const ledLineMs = (timeline: Timeline, lead: Lead, index: number, line: Line): Milliseconds => {
  if (line.fromEnd && index === lead.index) {
    if (isHeldOpen(timeline, lead)) return Number.POSITIVE_INFINITY;
    if (lead.endsMs !== undefined) return lead.endsMs - (timeline.parts[index]?.lengthMs ?? 0) + line.atMs;
  }
  return line.atMs * stretchOf(timeline, lead, index) + (line.fromEnd ? (lead.addedMs[index] ?? 0) : 0);
};

/** A spoken number is on screen anyway, so the words before it stay. */
const stays = (line: Line): boolean => line.role !== 'count';

/**
 * The line that holds at a moment of a part: the last one begun in it, or, while work goes from side to side, in the
 * parts of the same step before it. What belongs to the end comes later by what was added.
 */
export const lineAt = (timeline: Timeline, lead: Lead): Line | null => {
  const here = timeline.parts[lead.index];
  if (!here) return null;
  const begun = here.lines.filter(
    (l) => stays(l) && ledLineMs(timeline, lead, lead.index, l) <= lead.elapsedMs,
  );
  const last = begun.at(-1) ?? here.dropped.find((l) => here.kind !== 'work' && stays(l));
  if (last) return last;
  for (let i = lead.index - 1; i >= 0; i--) {
    const part = timeline.parts[i];
    if (!part || part.stepId !== here.stepId || (part.kind !== 'work' && here.kind === 'work')) return null;
    const line = part.lines.filter(stays).at(-1);
    if (line) return line;
  }
  return null;
};

/** Reads a break being led, already advanced to the moment shown. */
export const viewOf = (timeline: Timeline, lead: Lead): LeadView => {
  const { index, elapsedMs } = lead;
  const part = timeline.parts[index] ?? null;
  const lengthMs = ledLengthMs(timeline, lead, index);
  const rest = timeline.parts.slice(Math.max(0, index + 1)).reduce((sum, p) => {
    return sum + ledLengthMs(timeline, lead, p.index);
  }, 0);
  const remainingMs = index < timeline.parts.length ? Math.max(0, lengthMs - elapsedMs) : 0;
  const leftMs = rest + (part ? remainingMs : 0);
  const whole = timeline.parts.reduce((sum, p) => sum + ledLengthMs(timeline, lead, p.index), 0);
  const stretch = stretchOf(timeline, lead, index);
  const single = part?.kind === 'work' && part.reps === 1 && part.side !== null;
  return {
    part,
    remainingMs,
    count: single
      ? { value: alternatingLeft(timeline, part), unit: 'reps' }
      : part && countOf(part, elapsedMs, lengthMs, stretch),
    breath: part?.kind === 'work' && part.breath ? breathAt(part.breath, elapsedMs / stretch) : null,
    breathsLeft: breathsLeft(part, elapsedMs, lengthMs, stretch),
    leftMs,
    progress: whole === 0 ? 1 : 1 - leftMs / whole,
    next: aheadOf(timeline.parts, part),
    side: part?.side ?? null,
    line: lineAt(timeline, lead),
  };
};
