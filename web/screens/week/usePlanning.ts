import type { DayInput, IsoDate, WeekDay } from '@kotabi/core/model';
import { type PlanFailure, withPlan } from '@kotabi/core/schedule';
import { App } from 'antd';
import dayjs from 'dayjs';
import { useState } from 'react';
import { clock } from '../../words/time';
import { planDays } from '../../workers';
import type { WeekStore } from './weekStore';

const WHY = {
  outside: 'outside the day',
  blocked: 'in a meeting',
  'off desk': 'in time off the desk',
  overlap: 'on top of another',
} as const;

/** Why a day could not be planned, in words. */
export const failureText = (failure: PlanFailure): string => {
  switch (failure.code) {
    case 'tooFewFit':
      return `the rule asks for ${failure.minCount} breaks, only ${failure.possible} fit`;
    case 'tooManyLocked':
      return `${failure.locked} breaks are set by hand, the rule allows ${failure.maxCount}`;
    case 'lockedDoesNotFit':
      return `the break set by hand at ${clock(failure.startMin)} is ${WHY[failure.why]}; move it or let it go`;
  }
};

/** Plans days in the worker, around what is set by hand, with progress and a way to stop. */
export const usePlanning = (store: WeekStore) => {
  const { message } = App.useApp();
  const [planning, setPlanning] = useState<{ done: number; of: number; stop: () => void } | null>(null);

  const plan = async (days: readonly { day: WeekDay; input: DayInput }[]): Promise<void> => {
    const stop = new AbortController();
    setPlanning({ done: 0, of: days.length, stop: () => stop.abort() });
    try {
      const results = await planDays(
        days.map((d) => d.input),
        stop.signal,
        (done) => setPlanning((p) => p && { ...p, done }),
      );
      store.getState().edit((week) => ({
        ...week,
        days: week.days.map((day) => {
          // A day that was changed while it was being planned keeps the change.
          const result = results[days.findIndex((d) => d.day === day)];
          return result?.ok ? withPlan(day, result.plan.breaks) : day;
        }),
      }));
      const named = (date: IsoDate | undefined): string => dayjs(date).format('dddd');
      const failed = results.flatMap((r, i) =>
        r.ok ? [] : [`${named(days[i]?.day.date)}: ${failureText(r.failure)}`],
      );
      if (failed.length > 0) message.warning(`Not planned. ${failed.join('. ')}.`, 8);
    } catch (error) {
      if ((error as Error).name !== 'AbortError') message.error(String(error));
    } finally {
      setPlanning(null);
    }
  };
  return { plan, planning };
};
