import type { DayInput, Interval, MinuteOfDay, Minutes } from '../model';
import { overlaps, runAfterBreak } from '../schedule';

/** A break as it is planned, for one simulated day. */
export interface SimBreak {
  startMin: MinuteOfDay;
  lengthMin: Minutes;
  relief: number;
  discreet: boolean;
}

/** A day made ready for many simulations. */
export interface SimDay {
  startMin: MinuteOfDay;
  endMin: MinuteOfDay;
  gridMin: Minutes;
  /** In order, not overlapping. */
  offDesk: readonly Interval[];
  blocked: readonly Interval[];
  listening: readonly Interval[];
  /** In order. */
  breaks: readonly SimBreak[];
}

const merged = (intervals: readonly Interval[]): Interval[] => {
  const out: { startMin: number; endMin: number }[] = [];
  for (const { startMin, endMin } of [...intervals].sort((a, b) => a.startMin - b.startMin)) {
    const last = out.at(-1);
    if (last && startMin <= last.endMin) last.endMin = Math.max(last.endMin, endMin);
    else out.push({ startMin, endMin });
  }
  return out;
};

/** Gets a planned day ready. */
export const simDay = (
  day: DayInput,
  breaks: readonly { startMin: MinuteOfDay; kindId: string }[],
): SimDay => ({
  startMin: day.startMin,
  endMin: day.endMin,
  gridMin: day.gridMin,
  offDesk: merged(day.offDesk),
  blocked: [...day.blocked].sort((a, b) => a.startMin - b.startMin),
  listening: [...day.listening].sort((a, b) => a.startMin - b.startMin),
  breaks: breaks
    .flatMap(({ startMin, kindId }): SimBreak[] => {
      const kind = day.kinds.find((k) => k.id === kindId);
      if (!kind) return [];
      const { lengthMin, relief, discreet = false } = kind;
      return [{ startMin, lengthMin, relief, discreet }];
    })
    .sort((a, b) => a.startMin - b.startMin),
});

/**
 * Where the breaks of a day really start when meetings overrun and starts are late; -1 for one that is missed. A
 * break that is blocked moves to the first free grid time no later than `graceMin` after its plan.
 */
export const realStarts = (
  day: SimDay,
  overrunMin: (meeting: number) => Minutes,
  lateMin: (index: number) => Minutes,
  graceMin: Minutes,
): number[] => {
  const longer = (list: readonly Interval[], from: number): Interval[] =>
    list.map((m, i) => ({ startMin: m.startMin, endMin: m.endMin + overrunMin(from + i) }));
  const blocked = longer(day.blocked, 0);
  const listening = longer(day.listening, day.blocked.length);
  let until = day.startMin;
  return day.breaks.map((b, i) => {
    const free = (start: MinuteOfDay): boolean => {
      const end = start + b.lengthMin;
      return (
        start >= until &&
        end <= day.endMin &&
        !overlaps(blocked, start, end) &&
        (b.discreet || !overlaps(listening, start, end)) &&
        !overlaps(day.offDesk, start, end)
      );
    };
    let start = b.startMin + lateMin(i);
    if (!free(start)) {
      start = Math.ceil(start / day.gridMin) * day.gridMin;
      while (start <= b.startMin + graceMin && !free(start)) start += day.gridMin;
      if (start > b.startMin + graceMin) return -1;
    }
    until = start + b.lengthMin;
    return start;
  });
};

/**
 * The longest run at the desk of a day with some of its breaks, from one event to the next instead of minute by
 * minute. `starts` as `realStarts` gives them; `done` says which of them are held.
 */
export const longestRun = (
  day: SimDay,
  starts: readonly number[],
  done: (index: number) => boolean,
): Minutes => {
  let longest = 0;
  let run = 0;
  let minute = day.startMin;
  let off = 0;
  const work = (until: MinuteOfDay): void => {
    if (until <= minute) return;
    run += until - minute;
    if (run > longest) longest = run;
    minute = until;
  };
  /** Goes to a minute, through whatever time off the desk lies before it. */
  const goTo = (until: MinuteOfDay): void => {
    for (let o = day.offDesk[off]; o && o.startMin < until; o = day.offDesk[off]) {
      work(o.startMin);
      run = 0;
      minute = Math.max(minute, Math.min(o.endMin, until));
      if (o.endMin > until) break;
      off++;
    }
    work(until);
  };
  for (let i = 0; i < day.breaks.length; i++) {
    const start = starts[i] ?? 0;
    if (start < 0 || !done(i)) continue;
    goTo(start);
    const { relief, lengthMin } = day.breaks[i] as SimBreak;
    run = runAfterBreak(run, relief);
    minute = start + lengthMin;
  }
  goTo(day.endMin);
  return longest;
};
