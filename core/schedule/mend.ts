import type { BusyTime, DayInput, IsoDate, WeekDay, WeekRule } from '../model';
import { obstacle } from './by-hand';
import { otherSpans } from './edit-day';
import { begun, fromNow, nowOn, pastWindow, withPlanFrom } from './from-now';
import type { LocalNow } from './local-now';
import { planDay } from './plan-day';
import { readDay } from './run';
import { dayInput, type Frame, heldBreaks, kindOf, withPlan } from './week';

/** What mending did to a day. */
export interface Mended {
  day: WeekDay;
  /** Breaks that had to move: from, to; gone when no place was left. */
  moved: { id: string; from: number; to: number | null }[];
}

/** The last minute that a day may have, counted from its midnight: a shift over midnight still runs on the day after its own. */
const LONGEST_DAY = 2880;
const isOver = ({ date }: WeekDay, now: LocalNow): boolean => nowOn(now, date) >= LONGEST_DAY;

/** The breaks of a day that something stands in the way of now. */
export const colliding = (day: WeekDay, input: DayInput, rule: WeekRule): string[] =>
  day.breaks
    .filter(
      (b) => !b.skipped && obstacle(input, otherSpans(day, rule, b.id), b.startMin, kindOf(rule, b)) !== null,
    )
    .map((b) => b.id);

/**
 * Puts a day right after its busy times have changed. At first only breaks that land on something move, to the
 * best places there are beside all the others; one for which there is no place is taken out. Where that leaves more
 * minutes over the limit than planning the day again, everything that is not set by hand may move. What has begun stays.
 */
export const mendDay = (day: WeekDay, frame: Frame, rule: WeekRule, now: LocalNow): Mended => {
  const little = moveLittle(day, frame, rule, now);
  if (little.moved.length === 0) return little;
  const wrong = stillWrong(day, frame, rule, now);
  const loose = { ...day, breaks: day.breaks.map((b) => (wrong.has(b.id) ? { ...b, locked: false } : b)) };
  const input = dayInput(frame, rule, loose);
  const ahead = fromNow(input, loose, now);
  const result = ahead && planDay(ahead);
  if (!result?.ok || result.plan.overMin >= readDay(input, heldBreaks(little.day)).overMin) return little;
  const planned = withPlanFrom(loose, result.plan.breaks, now);
  const at = (id: string): number | null => planned.breaks.find((b) => b.id === id)?.startMin ?? null;
  return {
    day: planned,
    moved: day.breaks
      .filter((b) => !b.skipped && at(b.id) !== b.startMin)
      .map((b) => ({ id: b.id, from: b.startMin, to: at(b.id) })),
  };
};

/** What lands on something and has not begun yet. */
const stillWrong = (day: WeekDay, frame: Frame, rule: WeekRule, now: LocalNow): Set<string> => {
  const past = new Set(begun(day, now).map((b) => b.id));
  return new Set(colliding(day, dayInput(frame, rule, day), rule).filter((id) => !past.has(id)));
};

/** How many breaks of some days land on something and have not begun yet: what has passed is a fact. */
export const landing = (days: readonly WeekDay[], frame: Frame, rule: WeekRule, now: LocalNow): number =>
  days.reduce(
    (sum, day) =>
      sum + (isOver(day, now) || day.off !== undefined ? 0 : stillWrong(day, frame, rule, now).size),
    0,
  );

const moveLittle = (day: WeekDay, frame: Frame, rule: WeekRule, now: LocalNow): Mended => {
  const wrong = stillWrong(day, frame, rule, now);
  if (wrong.size === 0) return { day, moved: [] };
  const kept = { ...day, breaks: day.breaks.filter((b) => !wrong.has(b.id)) };
  const loose = day.breaks.filter((b) => wrong.has(b.id));
  // Everything that can stay is held fast while the others look for a place.
  // What has begun in the middle of something is a fact; no place has to be found for it.
  const stuck = new Set(colliding(kept, dayInput(frame, rule, kept), rule));
  const fast = {
    ...kept,
    breaks: kept.breaks.map((b) => (stuck.has(b.id) ? { ...b, skipped: true } : { ...b, locked: true })),
  };
  const input = dayInput(frame, rule, fast);
  const windows = pastWindow(input, fast, now);
  const plan = (count: number) =>
    planDay({ ...input, minCount: count, maxCount: Math.max(count, input.locked.length), windows });
  let result = plan(input.locked.length + loose.length);
  for (let less = 1; !result.ok && less <= loose.length; less++)
    result = plan(input.locked.length + loose.length - less);
  if (!result.ok) return { day: kept, moved: loose.map((b) => ({ id: b.id, from: b.startMin, to: null })) };
  const fresh = { ...kept, breaks: [...kept.breaks, ...loose.map((b) => ({ ...b, locked: false }))] };
  const pinned = new Set(kept.breaks.map((b) => b.id));
  const planned = withPlan(
    { ...fresh, breaks: fresh.breaks.map((b) => (pinned.has(b.id) ? { ...b, locked: true } : b)) },
    result.plan.breaks,
  );
  const was = new Map(day.breaks.map((b) => [b.id, b]));
  const breaks = planned.breaks.map((b) => ({ ...b, locked: was.get(b.id)?.locked ?? false }));
  return {
    day: { ...planned, breaks },
    moved: loose.map((b) => ({
      id: b.id,
      from: b.startMin,
      to: breaks.find((n) => n.id === b.id)?.startMin ?? null,
    })),
  };
};

/** The week's days with other busy times, mended; what has passed is left as it was. */
export const mendDays = (
  days: readonly WeekDay[],
  frame: Frame,
  rule: WeekRule,
  now: LocalNow,
): { days: WeekDay[]; moved: (Mended['moved'][number] & { date: IsoDate })[] } => {
  const results = days.map((day) =>
    isOver(day, now) || day.off !== undefined ? { day, moved: [] } : mendDay(day, frame, rule, now),
  );
  return {
    days: results.map((r) => r.day),
    moved: results.flatMap((r) => r.moved.map((m) => ({ ...m, date: r.day.date }))),
  };
};

/** Busy times by date, without those of days that have passed. */
export const fromToday = (
  list: readonly { date: IsoDate; busy: BusyTime[] }[],
  days: readonly WeekDay[],
  today: IsoDate,
): Map<IsoDate, BusyTime[]> =>
  new Map(
    days.map((d) => [
      d.date,
      d.date < today
        ? d.busy.filter((b) => b.calendarId !== null)
        : (list.find((x) => x.date === d.date)?.busy ?? []),
    ]),
  );
