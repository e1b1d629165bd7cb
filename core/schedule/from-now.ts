import type { BreakKind, CountWindow, DayInput, IsoDate, MinuteOfDay, PlannedBreak, WeekDay } from '../model';
import { obstacle } from './by-hand';
import { dayDistance } from './dates';
import type { LocalNow } from './local-now';
import { withPlan } from './week';

/** The minute of a day at which it is now: below 0 before the day, beyond 1440 after it, as shifts over midnight count. */
export const nowOn = (now: LocalNow, date: IsoDate): MinuteOfDay =>
  dayDistance(date, now.date) * 1440 + now.minute;

/** The breaks of a day that have begun: they stay what they were. */
export const begun = ({ date, breaks }: Pick<WeekDay, 'date' | 'breaks'>, now: LocalNow): PlannedBreak[] =>
  breaks.filter((b) => b.startMin < nowOn(now, date));

/** Nothing new before now: what a window of the day that has passed may hold. */
export const pastWindow = (
  { startMin, endMin }: Pick<DayInput, 'startMin' | 'endMin'>,
  day: Pick<WeekDay, 'date' | 'breaks'>,
  now: LocalNow,
): CountWindow[] => {
  const untilMin = Math.min(endMin, nowOn(now, day.date));
  if (untilMin <= startMin) return [];
  return [{ fromMin: startMin, untilMin, least: 0, most: begun(day, now).filter((b) => !b.skipped).length }];
};

/**
 * A day of which only what is to come is planned: what has begun is held fast, and nothing new is put before now. Null where
 * all of the day has passed.
 */
export const fromNow = (
  input: DayInput,
  day: Pick<WeekDay, 'date' | 'breaks'>,
  now: LocalNow,
): DayInput | null => {
  const at = nowOn(now, day.date);
  if (at <= input.startMin) return input;
  if (at >= input.endMin) return null;
  const kind = (id: string) => input.kinds.find((k) => k.id === id) ?? (input.kinds[0] as BreakKind);
  // What has begun in the middle of a meeting is a fact; the planner need not find it right.
  const held = begun(day, now).filter(
    (b) => !b.skipped && obstacle(input, [], b.startMin, kind(b.kindId)) === null,
  );
  return {
    ...input,
    locked: [
      ...held.map((b) => ({ startMin: b.startMin, kindId: kind(b.kindId).id })),
      ...input.locked.filter((b) => b.startMin >= at),
    ],
    windows: [...input.windows, ...pastWindow(input, { ...day, breaks: held }, now)],
  };
};

/** Puts a plan into a day of which only what is to come was planned: what has begun stays, whatever the plan says. */
export const withPlanFrom = (
  day: WeekDay,
  placed: readonly { startMin: number; kindId: string }[],
  now: LocalNow,
): WeekDay => {
  const at = nowOn(now, day.date);
  const past = new Set(begun(day, now).map((b) => b.id));
  const kept = day.breaks.filter((b) => past.has(b.id));
  const ahead = withPlan(
    { ...day, breaks: day.breaks.filter((b) => !past.has(b.id)) },
    placed.filter((p) => p.startMin >= at),
    kept.map((b) => b.id),
  );
  return { ...day, breaks: [...kept, ...ahead.breaks] };
};
