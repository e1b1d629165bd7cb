import type { IsoDate, MinuteOfDay, PlannedBreak, Week, WeekDay } from '../model';
import { begun, heldBreaks, type LocalNow, nowOn, plannedBreaks } from '../schedule';

/** A time of a week at which a break is planned. */
export interface When {
  date: IsoDate;
  startMin: MinuteOfDay;
}

/** What is different for whoever follows a week. */
export type GivenChange =
  | { code: 'added'; id: string; at: When; breakId: string | null }
  | { code: 'withdrawn'; id: string; at: When }
  | { code: 'moved'; id: string; from: When; at: When }
  | { code: 'other break'; id: string; at: When; breakId: string | null };

const timeOf = ({ date, startMin }: When): string => `${date} ${String(startMin).padStart(4, '0')}`;

/** What giving out a week changes against what was given out before; in order of time. Null for nothing given out so far. */
export const givenChanges = (before: Week | null, now: Week): GivenChange[] => {
  const was = new Map((before ? plannedBreaks(before) : []).map((b) => [b.id, b]));
  const is = new Map(plannedBreaks(now).map((b) => [b.id, b]));
  const changes: GivenChange[] = [];
  for (const [id, b] of is) {
    const old = was.get(id);
    const at = { date: b.date, startMin: b.startMin };
    if (!old) changes.push({ code: 'added', id, at, breakId: b.breakId });
    else if (old.date !== b.date || old.startMin !== b.startMin)
      changes.push({ code: 'moved', id, from: { date: old.date, startMin: old.startMin }, at });
    else if (old.breakId !== b.breakId) changes.push({ code: 'other break', id, at, breakId: b.breakId });
  }
  for (const [id, b] of was)
    if (!is.has(id)) changes.push({ code: 'withdrawn', id, at: { date: b.date, startMin: b.startMin } });
  return changes.sort((a, b) => (timeOf(a.at) < timeOf(b.at) ? -1 : 1));
};

/** A day as it is given out: what has begun is what was given out before; what is to come is what is planned. */
const dayToGive = (day: WeekDay, before: WeekDay | undefined, now: LocalNow): WeekDay => {
  const at = nowOn(now, day.date);
  const past: PlannedBreak[] = before ? begun(before, now) : [];
  const ids = new Set(past.map((b) => b.id));
  const ahead = heldBreaks(day).filter((b) => b.startMin >= at && !ids.has(b.id));
  // A day off that was worked on until now keeps what was given out.
  const off = day.off !== undefined && past.length === 0 ? { off: day.off } : {};
  const { off: _, ...plain } = day;
  return { ...plain, ...off, breaks: day.off === undefined ? [...past, ...ahead] : past };
};

/**
 * The week as it is given out at a moment: nothing of what has passed is added, moved or withdrawn; busy times, which nobody
 * else has to see, are left out.
 */
export const weekToGive = (week: Week, before: Week | null, now: LocalNow): Week => ({
  ...week,
  days: week.days.map((day) => ({
    ...dayToGive(
      day,
      before?.days.find((d) => d.date === day.date),
      now,
    ),
    busy: [],
  })),
});
