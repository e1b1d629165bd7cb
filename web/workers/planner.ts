import type { DayInput } from '@kotabi/core/model';
import { type PlanResult, planAsFar, planBestDays } from '@kotabi/core/schedule';
import {
  compareRules,
  type RuleDays,
  type RuleOutcome,
  type SimInput,
  type SimResult,
  type SimSettings,
  simulate,
} from '@kotabi/core/simulate';
import { expose } from 'comlink';

const planner = {
  /** Plans one day, as far as its rule can be kept. */
  planDay: (day: DayInput): PlanResult => planAsFar(day),
  /** Plans one break on the best days. */
  planBestDays: (days: readonly DayInput[], count: number): PlanResult[] => planBestDays(days, count),
  /** Plays real weeks. */
  simulate: (
    week: readonly SimInput[],
    settings: SimSettings,
    progress: (share: number) => void,
  ): SimResult => simulate(week, settings, progress),
  /** Plans and plays a week by several rules. */
  compare: (
    rules: readonly RuleDays[],
    settings: SimSettings,
    limitMin: number,
    progress: (share: number) => void,
  ): RuleOutcome[] => compareRules(rules, settings, limitMin, progress),
};
export type Planner = typeof planner;

expose(planner);
