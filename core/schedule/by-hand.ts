import type { BreakKind, DayInput, Interval, MinuteOfDay, Minutes, PlacedBreak, Rule } from '../model';
import { overlaps, readDay } from './run';

type DayFrame = Pick<DayInput, 'startMin' | 'endMin' | 'gridMin' | 'blocked' | 'offDesk' | 'listening'>;

/** What matters of a kind where a break of it is set by hand. */
type Size = Pick<BreakKind, 'lengthMin' | 'discreet'>;

/** What stands in the way of a break at a time: nothing, or the first thing it runs into. */
export const obstacle = (
  day: DayFrame,
  others: readonly Interval[],
  startMin: MinuteOfDay,
  { lengthMin, discreet }: Size,
): 'outside' | 'blocked' | 'off desk' | 'overlap' | null => {
  const endMin = startMin + lengthMin;
  if (startMin < day.startMin || endMin > day.endMin) return 'outside';
  if (overlaps(day.offDesk, startMin, endMin)) return 'off desk';
  if (overlaps(day.blocked, startMin, endMin)) return 'blocked';
  if (!discreet && overlaps(day.listening, startMin, endMin)) return 'blocked';
  return overlaps(others, startMin, endMin) ? 'overlap' : null;
};

/**
 * The free grid time nearest to the one wanted, the earlier on a tie; null when the day has none. Breaks set by
 * hand may stand closer than the gap, never on top of something.
 */
export const freeStart = (
  day: DayFrame,
  others: readonly Interval[],
  kind: Size,
  wantedMin: MinuteOfDay,
): MinuteOfDay | null => {
  let best: MinuteOfDay | null = null;
  const first = Math.ceil(day.startMin / day.gridMin) * day.gridMin;
  for (let start = first; start + kind.lengthMin <= day.endMin; start += day.gridMin) {
    if (obstacle(day, others, start, kind)) continue;
    if (best === null || Math.abs(start - wantedMin) < Math.abs(best - wantedMin)) best = start;
  }
  return best;
};

/** A break that is closer to a neighbour than the rule keeps apart. */
export interface TooClose {
  to: 'before' | 'after';
  haveMin: Minutes;
  askedMin: Minutes;
}

/**
 * Whether a break set by hand keeps the gap of the rule to the breaks beside it; null when it does. The gap asked is that of
 * the later of the two. What lies on top of another one is no question of gaps.
 */
export const tooClose = (
  rule: Pick<Rule, 'kinds' | 'minGapMin'>,
  others: readonly PlacedBreak[],
  placed: PlacedBreak,
): TooClose | null => {
  const kindOf = (id: string): BreakKind =>
    rule.kinds.find((k) => k.id === id) ?? (rule.kinds[0] as BreakKind);
  const endOf = (b: PlacedBreak): MinuteOfDay => b.startMin + kindOf(b.kindId).lengthMin;
  const gapOf = (b: PlacedBreak): Minutes => kindOf(b.kindId).minGapMin ?? rule.minGapMin;
  const before = others.filter((b) => endOf(b) <= placed.startMin).map(endOf);
  const after = others.filter((b) => b.startMin >= endOf(placed)).sort((a, b) => a.startMin - b.startMin)[0];
  const haveMin = placed.startMin - Math.max(...before);
  if (haveMin < gapOf(placed)) return { to: 'before', haveMin, askedMin: gapOf(placed) };
  if (!after || after.startMin - endOf(placed) >= gapOf(after)) return null;
  return { to: 'after', haveMin: after.startMin - endOf(placed), askedMin: gapOf(after) };
};

/** The minute halfway through the longest run of a day: where one more break helps most. */
export const middleOfLongestRun = (day: DayInput, breaks: Parameters<typeof readDay>[1]): MinuteOfDay => {
  const { run, longestRunMin } = readDay(day, breaks);
  const end = run.indexOf(longestRunMin);
  return day.startMin + Math.max(0, end - Math.floor(longestRunMin / 2));
};
