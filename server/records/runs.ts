import type { Group, Span, Week } from '@kotabi/core/model';
import type { Runs } from '@kotabi/core/report';
import { dayInput, heldBreaks, readDay } from '@kotabi/core/schedule';
import type { Records } from '@kotabi/core/trends';

/**
 * Long runs at the desk over a month's days: with the planned breaks of which it is known that they were done, and without any.
 * Null where no day was planned.
 */
export const runsOf = (
  group: Group,
  weeks: readonly Week[],
  { outcomes }: Records,
  span: Span,
): Runs | null => {
  const done = new Set(outcomes.filter((o) => o.done).map((o) => `${o.date} ${o.startMin}`));
  const sum: Runs = { limitMin: 0, longestWithout: 0, longestWith: 0, overWithout: 0, overWith: 0, days: 0 };
  for (const week of weeks.filter((w) => w.personId === null))
    for (const day of week.days) {
      if (day.off !== undefined || day.date < span.from || day.date > span.until) continue;
      // Of a day of which nobody said anything it is not known what was done.
      if (!outcomes.some((o) => o.date === day.date)) continue;
      const input = dayInput(group, week.rule, day);
      const kept = heldBreaks(day).filter((b) => done.has(`${day.date} ${b.startMin}`));
      const withBreaks = readDay(input, kept);
      const without = readDay(input, []);
      sum.limitMin = week.rule.limitMin;
      sum.longestWith = Math.max(sum.longestWith, withBreaks.longestRunMin);
      sum.longestWithout = Math.max(sum.longestWithout, without.longestRunMin);
      sum.overWith += withBreaks.overMin;
      sum.overWithout += without.overMin;
      sum.days++;
    }
  return sum.days === 0 ? null : sum;
};
