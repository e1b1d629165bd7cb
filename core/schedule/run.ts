import type { BreakKind, DayInput, Interval, MinuteOfDay, Minutes, PlacedBreak } from '../model';

/** What a minute of the day is spent on. */
export type MinuteUse = 'desk' | 'blocked' | 'off desk' | 'break';

/** What a day with its breaks comes to. */
export interface DayReading {
  /** Run at the desk after each minute, from the start of the day to its end. */
  run: Minutes[];
  use: MinuteUse[];
  overMin: Minutes;
  cost: number;
  longestRunMin: Minutes;
}

export const covers = (intervals: readonly Interval[], minute: MinuteOfDay): boolean =>
  intervals.some((i) => i.startMin <= minute && minute < i.endMin);

export const overlaps = (
  intervals: readonly Interval[],
  startMin: MinuteOfDay,
  endMin: MinuteOfDay,
): boolean => intervals.some((i) => i.startMin < endMin && startMin < i.endMin);

/** What a break leaves of a run: run * (1 - relief), rounded half up. */
export const runAfterBreak = (run: Minutes, relief: number): Minutes =>
  // The small term takes back what binary fractions lose, so that exactly a half goes up.
  Math.floor(run * (1 - relief) + 0.5 + 1e-9);

/** Time off the desk beats a meeting where both are given. */
export const useOf = (day: Pick<DayInput, 'offDesk' | 'blocked'>, minute: MinuteOfDay): MinuteUse => {
  if (covers(day.offDesk, minute)) return 'off desk';
  return covers(day.blocked, minute) ? 'blocked' : 'desk';
};

/** What a break costs: lambda a minute, more for each minute of focus time it takes. */
export const breakCost = (
  day: Pick<DayInput, 'lambda' | 'focus' | 'focusExtra'>,
  startMin: MinuteOfDay,
  lengthMin: Minutes,
): number => {
  let cost = day.lambda * lengthMin;
  if (day.focus.length > 0)
    for (let m = startMin; m < startMin + lengthMin; m++) if (covers(day.focus, m)) cost += day.focusExtra;
  return cost;
};

/**
 * Walks through a day minute by minute. The run grows by 1 each minute at the desk or in a meeting, is 0 off
 * the desk, and shrinks by the relief of a break. A minute costs max(0, run - target); a break minute lambda,
 * and more in focus time.
 */
export const readDay = (day: DayInput, breaks: readonly PlacedBreak[]): DayReading => {
  const starts = new Map<MinuteOfDay, BreakKind>();
  for (const { startMin, kindId } of breaks) {
    const kind = day.kinds.find((k) => k.id === kindId);
    if (kind) starts.set(startMin, kind);
  }
  const reading: DayReading = { run: [], use: [], overMin: 0, cost: 0, longestRunMin: 0 };
  let run = 0;
  let breakUntil = -1;
  for (let minute = day.startMin; minute < day.endMin; minute++) {
    const kind = starts.get(minute);
    if (kind && minute >= breakUntil) {
      run = runAfterBreak(run, kind.relief);
      breakUntil = minute + kind.lengthMin;
    }
    const inBreak = minute < breakUntil;
    const use = inBreak ? 'break' : useOf(day, minute);
    if (use === 'break') reading.cost += breakCost(day, minute, 1);
    else if (use === 'off desk') run = 0;
    else {
      run += 1;
      reading.cost += Math.max(0, run - day.targetMin);
      if (run > day.limitMin) reading.overMin += 1;
      reading.longestRunMin = Math.max(reading.longestRunMin, run);
    }
    reading.use.push(use);
    reading.run.push(run);
  }
  return reading;
};
