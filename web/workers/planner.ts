import type { DayInput } from '@kotabi/core/model';
import { type PlanResult, planDay } from '@kotabi/core/schedule';
import { expose } from 'comlink';

const planner = {
  /** Plans one day. */
  planDay: (day: DayInput): PlanResult => planDay(day),
};
export type Planner = typeof planner;

expose(planner);
