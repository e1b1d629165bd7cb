import type { DayInput, IsoDate, WeekDay, WeekRule } from '@kotabi/core/model';
import { fromNow, gapsFor, type LocalNow, type PlanResult, withPlanFrom } from '@kotabi/core/schedule';
import dayjs from 'dayjs';
import { useState } from 'react';
import { useMessages } from '../../shell/messages';
import { bestDaysOf } from '../../week/plan-whole';
import type { WeekStore } from '../../week/store';
import { failureText } from '../../words/not-planned';
import { planDays } from '../../workers';

/** Why a rule of gaps planned nothing on a day; empty where it did, or where the rule is another one. */
const noGapText = (
  rule: WeekRule,
  days: readonly { day: WeekDay; input: DayInput }[],
  results: readonly PlanResult[],
): string => {
  const { frequency } = rule;
  if (frequency.code !== 'gaps') return '';
  const none = days.filter((_, i) => {
    const result = results[i];
    return result?.ok && result.plan.breaks.length === 0;
  });
  const [first] = none;
  if (!first) return '';
  const { gaps } = gapsFor(rule, first.input);
  const names = none.map((d) => dayjs(d.day.date).format('dddd')).join(', ');
  return gaps === 0
    ? `No break on ${names}: nowhere lie ${frequency.minutes} min free between two busy times.`
    : `No break on ${names}: no break of this rule fits between two busy times.`;
};

/** Plans days in the worker, around what is set by hand, with progress and a way to stop. */
export const usePlanning = (store: WeekStore, now: LocalNow) => {
  const { message } = useMessages();
  const [planning, setPlanning] = useState<{ done: number; of: number; stop: () => void } | null>(null);

  const plan = async (all: readonly { day: WeekDay; input: DayInput }[]): Promise<void> => {
    // Nobody works on a day off, and what has passed stays what it was.
    const days = all.flatMap(({ day, input }) => {
      const ahead = day.off === undefined ? fromNow(input, day, now) : null;
      return ahead ? [{ day, input: ahead }] : [];
    });
    if (days.length === 0) {
      message.info('There is nothing to plan: these days have passed, or nobody works on them.');
      return;
    }
    const stop = new AbortController();
    setPlanning({ done: 0, of: days.length, stop: () => stop.abort() });
    try {
      const results = await planDays(
        days.map((d) => d.input),
        stop.signal,
        (done) => setPlanning((p) => p && { ...p, done }),
        bestDaysOf(store.getState().value.rule, days.length),
      );
      store.getState().replace('plan', (week) => ({
        ...week,
        days: week.days.map((day) => {
          // A day that was changed while it was being planned keeps the change.
          const result = results[days.findIndex((d) => d.day === day)];
          return result?.ok ? withPlanFrom(day, result.plan.breaks, now) : day;
        }),
      }));
      const named = (date: IsoDate | undefined): string => dayjs(date).format('dddd');
      const failed = results.flatMap((r, i) =>
        r.ok ? [] : [`${named(days[i]?.day.date)}: ${failureText(r.failure)}`],
      );
      if (failed.length > 0) message.warning(`Not planned. ${failed.join('. ')}.`, 8);
      const short = results.flatMap((r, i) =>
        r.ok && r.short ? [`${named(days[i]?.day.date)}: ${r.short.map(failureText).join('; ')}`] : [],
      );
      if (short.length > 0) message.info(`Planned as far as it goes. ${short.join('. ')}.`, 8);
      const why = noGapText(store.getState().value.rule, days, results);
      if (why) message.info(why, 8);
    } catch (error) {
      if ((error as Error).name !== 'AbortError') message.error(String(error));
    } finally {
      setPlanning(null);
    }
  };
  return { plan, planning };
};
