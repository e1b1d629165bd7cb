import type { DayInput, Minutes } from '../model';
import { type PlanResult, planBestDays, planDay } from '../schedule';
import { simDay } from './day';
import type { SimSettings } from './settings';
import { quantile, type SimResult, simulate } from './simulate';

/** One rule in a comparison: the days of a week as it makes them. */
export interface RuleDays {
  name: string;
  days: readonly DayInput[];
  /** For a rule that gives only so many days a break. */
  bestDays?: number;
}

/** What a rule costs and what it gives. */
export interface RuleOutcome {
  name: string;
  /** Why it cannot be planned on some day; what follows is then of the other days. */
  failed: number;
  breaksADay: number;
  minutesADay: Minutes;
  /** As planned, when nobody skips. */
  longestRunMin: Minutes;
  overMin: Minutes;
  /** Chance that a day has a run over the limit, in real weeks. */
  longRun: number;
  /** Longest run of a middling day, and of one in ten that are worse. */
  middleMin: Minutes;
  worstTenthMin: Minutes;
  /** Breaks someone really does in a day. */
  doneADay: number;
}

const planned = ({ days, bestDays }: RuleDays): PlanResult[] =>
  bestDays === undefined ? days.map((day) => planDay(day)) : planBestDays(days, bestDays);

/** Plans the same week by several rules and plays each many times with the same seed. */
export const compareRules = (
  rules: readonly RuleDays[],
  settings: SimSettings,
  limitMin: Minutes,
  progress?: (share: number) => void,
): RuleOutcome[] =>
  rules.map((rule, r): RuleOutcome => {
    const results = planned(rule);
    const good = results.flatMap((result, i) =>
      result.ok ? [{ plan: result.plan, day: rule.days[i] as DayInput }] : [],
    );
    const kindOf = (day: DayInput, id: string) => day.kinds.find((k) => k.id === id);
    const minutes = good.reduce(
      (sum, { plan, day }) =>
        sum + plan.breaks.reduce((m, b) => m + (kindOf(day, b.kindId)?.lengthMin ?? 0), 0),
      0,
    );
    const breaks = good.reduce((sum, { plan }) => sum + plan.breaks.length, 0);
    const sim: SimResult = simulate(
      good.map(({ plan, day }) => ({ day: simDay(day, plan.breaks), seconds: [], limitMin })),
      settings,
      progress && ((share) => progress((r + share) / rules.length)),
    );
    progress?.((r + 1) / rules.length);
    const days = Math.max(1, good.length);
    const doneWeeks = sim.done.reduce((sum, n, value) => sum + n * value, 0);
    return {
      name: rule.name,
      failed: results.length - good.length,
      breaksADay: breaks / days,
      minutesADay: minutes / days,
      longestRunMin: Math.max(0, ...good.map((g) => g.plan.longestRunMin)),
      overMin: good.reduce((sum, g) => sum + g.plan.overMin, 0),
      longRun: 1 - sim.underLimit,
      middleMin: quantile(sim.longest, 0.5),
      worstTenthMin: quantile(sim.longest, 0.9),
      doneADay: doneWeeks / (sim.weeks * sim.people * days),
    };
  });
