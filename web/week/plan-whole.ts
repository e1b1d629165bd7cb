import type { Week } from '@kotabi/core/model';
import {
  dayInput,
  type Frame,
  fromNow,
  type LocalNow,
  type PlanFailure,
  withPlanFrom,
} from '@kotabi/core/schedule';
import { planDays } from '../workers';

/** A week planned, and the days that could not be. */
export interface PlannedWhole {
  week: Week;
  failed: { date: string; failure: PlanFailure }[];
}

/** How many days get a break, for a rule that gives it to the best ones; a single day is planned as it is. */
export const bestDaysOf = ({ frequency }: Week['rule'], days: number): number | undefined =>
  frequency.code === 'best days' && days > 1 ? frequency.days : undefined;

/**
 * Plans all days of a week around what is set by hand, from now on. A day for which there is no plan keeps what it has.
 */
export const planWhole = async (
  week: Week,
  frame: Frame,
  now: LocalNow,
  signal: AbortSignal,
): Promise<PlannedWhole> => {
  const ahead = week.days.flatMap((day) => {
    const input = day.off === undefined ? fromNow(dayInput(frame, week.rule, day), day, now) : null;
    return input ? [{ day, input }] : [];
  });
  const results = await planDays(
    ahead.map((a) => a.input),
    signal,
    () => {},
    bestDaysOf(week.rule, ahead.length),
  );
  return {
    week: {
      ...week,
      days: week.days.map((day) => {
        const result = results[ahead.findIndex((a) => a.day === day)];
        return result?.ok ? withPlanFrom(day, result.plan.breaks, now) : day;
      }),
    },
    failed: results.flatMap((r, i) => (r.ok ? [] : [{ date: ahead[i]?.day.date ?? '', failure: r.failure }])),
  };
};
