import { type BreathState, breathAt } from '../breath';
import type { Milliseconds, Side } from '../model';
import type { Part, Timeline } from '../timing';
import { type Lead, ledLengthMs } from './lead';

/** What the room is shown at one moment. */
export interface LeadView {
  /** Null while counting in and when it is over. */
  part: Part | null;
  /** Time left in this part, or of the count-in. */
  remainingMs: Milliseconds;
  /** The big number: seconds left of a hold, or repetitions left; null when there is nothing to count. */
  count: { value: number; unit: 'seconds' | 'reps' } | null;
  /** Null where the breath is free. */
  breath: BreathState | null;
  /** Time left of the whole break, what was added included. */
  leftMs: Milliseconds;
  /** Share of the break that lies behind, 0 to 1. */
  progress: number;
  /** The next part in which something else is to be done: another step, side or direction. */
  next: Part | null;
  /** The half to light. */
  side: Side | null;
}

/** Coming back to neutral belongs to what was done, so it is nothing else to do. */
const isOther = (a: Part, b: Part): boolean =>
  a.stepId !== b.stepId || (b.kind !== 'return' && (a.side !== b.side || a.direction !== b.direction));

const countOf = (part: Part, elapsedMs: Milliseconds, lengthMs: Milliseconds): LeadView['count'] => {
  if (part.kind === 'rest') return { value: Math.ceil((lengthMs - elapsedMs) / 1000), unit: 'seconds' };
  if (part.kind !== 'work') return null;
  if (part.reps === null) return { value: Math.ceil((lengthMs - elapsedMs) / 1000), unit: 'seconds' };
  const repMs = part.lengthMs / part.reps;
  return { value: Math.max(1, Math.ceil((lengthMs - elapsedMs) / repMs)), unit: 'reps' };
};

/** Repetitions of an alternating step left on this side, this one included. */
const alternatingLeft = (timeline: Timeline, part: Part): number =>
  timeline.parts.filter(
    (p) =>
      p.index >= part.index &&
      p.kind === 'work' &&
      p.stepId === part.stepId &&
      p.set === part.set &&
      p.direction === part.direction &&
      p.side === part.side,
  ).length;

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
  const counted = part && countOf(part, elapsedMs, lengthMs);
  const single = part?.kind === 'work' && part.reps === 1 && part.side !== null;
  return {
    part,
    remainingMs,
    count: single && part ? { value: alternatingLeft(timeline, part), unit: 'reps' } : counted,
    breath: part?.breath ? breathAt(part.breath, elapsedMs) : null,
    leftMs,
    progress: whole === 0 ? 1 : 1 - leftMs / whole,
    next: timeline.parts.find((p) => p.index > index && (!part || isOther(part, p))) ?? null,
    side: part?.side ?? null,
  };
};
