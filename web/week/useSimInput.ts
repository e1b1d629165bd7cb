import { type Target, targetsOf } from '@kotabi/core/ledger';
import type { Area } from '@kotabi/core/model';
import { type SimInput, simDay } from '@kotabi/core/simulate';
import { useMemo } from 'react';
import type { BreakFacts, DayFacts } from './useFacts';

/** A planned week made ready for playing it many times, with the targets it is judged by. */
export const useSimInput = (
  days: readonly DayFacts[],
  facts: ReadonlyMap<string, BreakFacts>,
  aims: readonly Area[],
  limitMin: number,
): { input: SimInput[]; targets: Target[] } =>
  useMemo(() => {
    const chosen = days.flatMap((d) =>
      d.held.flatMap((b) => (b.breakId && facts.get(b.breakId)?.gives) || []),
    );
    const targets = targetsOf(chosen, aims);
    const input = days
      .filter((d) => d.day.off === undefined)
      .map(({ input: day, held }): SimInput => {
        const ordered = [...held].sort((a, b) => a.startMin - b.startMin);
        return {
          day: simDay(day, ordered),
          seconds: ordered.map((b) => {
            const gives = b.breakId ? facts.get(b.breakId)?.gives : undefined;
            return targets.map((t) => gives?.held.get(t.muscle)?.[t.side] ?? 0);
          }),
          limitMin,
        };
      });
    return { input, targets };
  }, [days, facts, aims, limitMin]);
