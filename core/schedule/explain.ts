import type { DayInput, MinuteOfDay, Minutes, PlacedBreak } from '../model';
import { obstacle, tooClose } from './by-hand';
import { planDay } from './plan-day';
import { type DayReading, readDay } from './run';

/** What stands at one edge of a break, so that it could not be earlier or later. */
export type Neighbour =
  | { code: 'in the way'; what: 'outside' | 'blocked' | 'off desk' | 'overlap' }
  | { code: 'too close'; gapMin: Minutes }
  /** It could be, and the day would come to this much more. */
  | { code: 'dearer'; overMin: Minutes; cost: number };

/** Why a break is where it is. */
export interface WhyHere {
  /** The run at the desk it ends. */
  runMin: Minutes;
  /** What the day would come to without it. */
  without: Pick<DayReading, 'overMin' | 'cost' | 'longestRunMin'>;
  earlier: Neighbour;
  later: Neighbour;
}

const spanOf = (day: DayInput, b: PlacedBreak) => {
  const kind = day.kinds.find((k) => k.id === b.kindId);
  return { startMin: b.startMin, endMin: b.startMin + (kind?.lengthMin ?? 0) };
};

/** Says what a break is good for and what keeps it from being one grid step earlier or later. */
export const whyHere = (day: DayInput, breaks: readonly PlacedBreak[], index: number): WhyHere | null => {
  const own = breaks[index];
  const kind = day.kinds.find((k) => k.id === own?.kindId);
  if (!own || !kind) return null;
  const others = breaks.filter((_, i) => i !== index);
  const now = readDay(day, breaks);
  const { overMin, cost, longestRunMin } = readDay(day, others);
  const spans = others.map((b) => spanOf(day, b));
  const at = (startMin: MinuteOfDay): Neighbour => {
    const what = obstacle(day, spans, startMin, kind);
    if (what) return { code: 'in the way', what };
    const close = tooClose(day, others, { ...own, startMin });
    if (close) return { code: 'too close', gapMin: close.askedMin };
    const then = readDay(day, [...others, { ...own, startMin }]);
    return { code: 'dearer', overMin: then.overMin - now.overMin, cost: then.cost - now.cost };
  };
  return {
    runMin: own.startMin > day.startMin ? (now.run[own.startMin - day.startMin - 1] ?? 0) : 0,
    without: { overMin, cost, longestRunMin },
    earlier: at(own.startMin - day.gridMin),
    later: at(own.startMin + day.gridMin),
  };
};

/** Why a day does not have one break more. */
export type WhyNotMore =
  | { code: 'most'; most: number }
  | { code: 'minutes'; most: Minutes }
  | { code: 'none fits' }
  /** It would save run minutes worth less than what its own minutes cost. */
  | { code: 'dearer'; overMin: Minutes; cost: number; longestRunMin: Minutes }
  /** The plan is not the best one any more: breaks were set by hand. */
  | { code: 'better'; overMin: Minutes; cost: number; longestRunMin: Minutes };

/** Plans the day with one break more than it has and says what that would come to, beside what it comes to now. */
export const whyNotMore = (day: DayInput, breaks: readonly PlacedBreak[]): WhyNotMore => {
  if (day.maxCount !== null && breaks.length >= day.maxCount) return { code: 'most', most: day.maxCount };
  const lengths = new Map(day.kinds.map((k) => [k.id, k.lengthMin]));
  const lasts = breaks.reduce((sum, b) => sum + (lengths.get(b.kindId) ?? 0), 0);
  if (day.maxMinutes !== null && lasts + Math.min(...lengths.values()) > day.maxMinutes)
    return { code: 'minutes', most: day.maxMinutes };
  const more = planDay({ ...day, minCount: breaks.length + 1, maxCount: breaks.length + 1 });
  if (!more.ok) return { code: 'none fits' };
  const now = readDay(day, breaks);
  const overMin = more.plan.overMin - now.overMin;
  const cost = more.plan.cost - now.cost;
  const better = overMin < 0 || (overMin === 0 && cost < 0);
  return { code: better ? 'better' : 'dearer', overMin, cost, longestRunMin: more.plan.longestRunMin };
};
