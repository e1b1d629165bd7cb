import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import { AIM_DAYS, AIM_SEC } from '../ledger';
import type { Minutes } from '../model';
import { longestRun, realStarts, type SimDay } from './day';
import type { SimSettings } from './settings';

/** One day of the week to simulate: its plan and what each of its breaks gives each target, in seconds. */
export interface SimInput {
  day: SimDay;
  /** Breaks by targets; empty when no breaks have been chosen. */
  seconds: readonly (readonly number[])[];
  /** A run longer than this is a long one. */
  limitMin: Minutes;
}

/** What real weeks do to a plan. */
export interface SimResult {
  weeks: number;
  people: number;
  /** Days of people that were simulated. */
  days: number;
  /** How many of those days had which longest run, by minutes. */
  longest: readonly number[];
  /** Share of days on which no run is longer than the limit. */
  underLimit: number;
  /** Breaks a person does in a week: planned, and how many weeks of people had how many done. */
  planned: number;
  done: readonly number[];
  /** Breaks that could not be held at all, as a share of those planned. */
  missed: number;
  /** How many days of people had which longest row of breaks not done. */
  streaks: readonly number[];
  /** For each target, the share of weeks of people that came to the aim. */
  reached: readonly number[];
}

/** Numbers from 0 to 1 (1 not included), the same ones for the same seed. */
const draws = (seed: number): (() => number) => {
  const rng = xoroshiro128plus(seed);
  return () => (rng.next() >>> 0) / 4_294_967_296;
};

const exponential = (mean: number, draw: () => number): number =>
  mean === 0 ? 0 : -mean * Math.log(1 - draw());

const count = (list: number[], at: number): void => {
  while (list.length <= at) list.push(0);
  list[at] = (list[at] ?? 0) + 1;
};

/** How often `progress` is told, in weeks. */
const STEP = 200;

/**
 * Plays a planned week many times: meetings overrun, breaks start late or are missed, and everyone skips by
 * their own draw. The same seed gives the same result.
 */
export const simulate = (
  week: readonly SimInput[],
  settings: SimSettings,
  progress?: (share: number) => void,
): SimResult => {
  const draw = draws(settings.seed);
  const { weeks, people, skip, overrunMin, lateMin, graceMin } = settings;
  const targets = Math.max(0, ...week.map((d) => d.seconds[0]?.length ?? 0));
  const longest: number[] = [];
  const done: number[] = [];
  const streaks: number[] = [];
  const reached = Array.from({ length: targets }, () => 0);
  const planned = week.reduce((sum, d) => sum + d.day.breaks.length, 0);
  let under = 0;
  let missed = 0;
  // Of each person in the week that is being played.
  const doneOf = new Int32Array(people);
  const daysOf = new Int32Array(people * targets);
  const seconds = new Float64Array(targets);

  for (let w = 0; w < weeks; w++) {
    doneOf.fill(0);
    daysOf.fill(0);
    for (const { day, seconds: gives, limitMin } of week) {
      const meetings = day.blocked.length + day.listening.length;
      const overruns = Array.from({ length: meetings }, () => Math.round(exponential(overrunMin, draw)));
      const starts = realStarts(
        day,
        (i) => overruns[i] ?? 0,
        () => Math.round(exponential(lateMin, draw)),
        graceMin,
      );
      for (const s of starts) if (s < 0) missed++;
      for (let p = 0; p < people; p++) {
        const held = starts.map((s) => {
          // Drawn for missed ones as well, so that one meeting more does not change everyone else's week.
          const skips = draw() < skip;
          return s >= 0 && !skips;
        });
        let row = 0;
        let worst = 0;
        seconds.fill(0);
        for (let i = 0; i < held.length; i++) {
          row = held[i] ? 0 : row + 1;
          if (row > worst) worst = row;
          if (!held[i]) continue;
          doneOf[p] = (doneOf[p] ?? 0) + 1;
          const own = gives[i];
          if (own) for (let t = 0; t < own.length; t++) seconds[t] = (seconds[t] ?? 0) + (own[t] ?? 0);
        }
        const run = longestRun(day, starts, (i) => held[i] as boolean);
        count(longest, run);
        count(streaks, worst);
        if (run <= limitMin) under++;
        for (let t = 0; t < targets; t++)
          if ((seconds[t] ?? 0) >= AIM_SEC) daysOf[p * targets + t] = (daysOf[p * targets + t] as number) + 1;
      }
    }
    for (let p = 0; p < people; p++) {
      count(done, doneOf[p] ?? 0);
      for (let t = 0; t < targets; t++)
        if ((daysOf[p * targets + t] as number) >= AIM_DAYS) reached[t] = (reached[t] ?? 0) + 1;
    }
    if (progress && (w + 1) % STEP === 0) progress((w + 1) / weeks);
  }
  const days = weeks * people * week.length;
  return {
    weeks,
    people,
    days,
    longest,
    underLimit: days > 0 ? under / days : 1,
    planned,
    done,
    missed: planned > 0 ? missed / (planned * weeks) : 0,
    streaks,
    reached: reached.map((n) => n / (weeks * people)),
  };
};

/** The least value that at least this share of a histogram does not exceed. */
export const quantile = (histogram: readonly number[], share: number): number => {
  const all = histogram.reduce((a, b) => a + b, 0);
  let sum = 0;
  for (const [value, n] of histogram.entries()) {
    sum += n;
    if (n > 0 && sum >= share * all) return value;
  }
  return Math.max(0, histogram.length - 1);
};

/** The mean of a histogram; 0 when it is empty. */
export const meanOf = (histogram: readonly number[]): number => {
  const all = histogram.reduce((a, b) => a + b, 0);
  return all === 0 ? 0 : histogram.reduce((sum, n, value) => sum + n * value, 0) / all;
};
