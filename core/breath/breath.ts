import type { Milliseconds, Pace } from '../model';

/** One breath, inhale then exhale. */
export interface BreathCycle {
  cycleMs: Milliseconds;
  inMs: Milliseconds;
}

/** Length of one breath and of its inhale: inhale = cycle / (1 + exhale ratio), to the millisecond. */
export const breathCycle = (pace: Pick<Pace, 'breathsPerMinute' | 'exhaleRatio'>): BreathCycle => {
  const cycle = 60_000 / pace.breathsPerMinute;
  return { cycleMs: Math.round(cycle), inMs: Math.round(cycle / (1 + pace.exhaleRatio)) };
};

/** Where a breath stands: the phase and how full the chest is, 0 empty to 1 full. */
export interface BreathState {
  phase: 'in' | 'out';
  level: number;
}

/** The breath a time after its inhale began; the level follows half a cosine so that it turns softly. */
export const breathAt = ({ cycleMs, inMs }: BreathCycle, elapsedMs: Milliseconds): BreathState => {
  const t = ((elapsedMs % cycleMs) + cycleMs) % cycleMs;
  if (t < inMs) return { phase: 'in', level: (1 - Math.cos((Math.PI * t) / inMs)) / 2 };
  return { phase: 'out', level: (1 + Math.cos((Math.PI * (t - inMs)) / (cycleMs - inMs))) / 2 };
};

/** A hold in seconds as whole breaths: max(1, round half up of seconds / cycle). */
export const wholeBreaths = (holdMs: Milliseconds, cycleMs: Milliseconds): number =>
  Math.max(1, Math.floor(holdMs / cycleMs + 0.5));

/** How far into its last breath a stretch of time ends; 0 at the very end of a breath out. */
export const restOfBreath = ({ cycleMs }: BreathCycle, lengthMs: Milliseconds): Milliseconds =>
  lengthMs % cycleMs;
