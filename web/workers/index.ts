import type { DayInput } from '@kotabi/core/model';
import type { PlanResult } from '@kotabi/core/schedule';
import type { RuleDays, RuleOutcome, SimInput, SimResult, SimSettings } from '@kotabi/core/simulate';
import { proxy, type Remote, wrap } from 'comlink';
import type { Planner } from './planner';

/** Does one piece of work away from the page; `signal` ends it at once. */
const away = async <T>(signal: AbortSignal, work: (planner: Remote<Planner>) => Promise<T>): Promise<T> => {
  const worker = new Worker(new URL('./planner.ts', import.meta.url), { type: 'module' });
  const stopped = new Promise<never>((_, reject) => {
    signal.addEventListener('abort', () => reject(new DOMException('It was cancelled.', 'AbortError')));
    worker.addEventListener('error', (event) =>
      reject(new Error(event.message || 'The part that plans could not be loaded.')),
    );
  });
  try {
    return await Promise.race([work(wrap<Planner>(worker)), stopped]);
  } finally {
    worker.terminate();
  }
};

/** Plans days, one after the other; `done` is told after each day. With `bestDays` so many days get one break. */
export const planDays = (
  days: readonly DayInput[],
  signal: AbortSignal,
  done: (count: number) => void,
  bestDays?: number,
): Promise<PlanResult[]> =>
  away(signal, async (planner) => {
    if (bestDays !== undefined) return (await planner.planBestDays(days, bestDays)) as PlanResult[];
    const results: PlanResult[] = [];
    for (const day of days) {
      results.push((await planner.planDay(day)) as PlanResult);
      done(results.length);
    }
    return results;
  });

/** Plays real weeks; `progress` is told the share that is done. */
export const simulateAway = (
  week: readonly SimInput[],
  settings: SimSettings,
  progress: (share: number) => void,
  signal: AbortSignal,
): Promise<SimResult> =>
  away(signal, (planner) => planner.simulate(week, settings, proxy(progress)) as Promise<SimResult>);

/** Plans and plays a week by several rules. */
export const compareAway = (
  rules: readonly RuleDays[],
  settings: SimSettings,
  limitMin: number,
  progress: (share: number) => void,
  signal: AbortSignal,
): Promise<RuleOutcome[]> =>
  away(
    signal,
    (planner) => planner.compare(rules, settings, limitMin, proxy(progress)) as Promise<RuleOutcome[]>,
  );
