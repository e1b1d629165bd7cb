import type { DayInput } from '@kotabi/core/model';
import type { PlanResult } from '@kotabi/core/schedule';
import { wrap } from 'comlink';
import type { Planner } from './planner';

/** Plans days away from the page, one after the other; `signal` ends it, `done` is told after each day. */
export const planDays = async (
  days: readonly DayInput[],
  signal: AbortSignal,
  done: (count: number) => void,
): Promise<PlanResult[]> => {
  const worker = new Worker(new URL('./planner.ts', import.meta.url), { type: 'module' });
  const stopped = new Promise<never>((_, reject) => {
    signal.addEventListener('abort', () => reject(new DOMException('Planning was cancelled.', 'AbortError')));
  });
  try {
    const planner = wrap<Planner>(worker);
    const results: PlanResult[] = [];
    for (const day of days) {
      results.push(await Promise.race([planner.planDay(day), stopped]));
      done(results.length);
    }
    return results;
  } finally {
    worker.terminate();
  }
};
