import type { Estimate, Outcome } from '../model';
import { weekdayOf } from '../schedule/dates';
import { shareEstimate } from '../stats';
import type { Records } from './input';

/** Planned breaks of one sort, and the share of them that was done. */
export interface DoneShare<K> {
  key: K;
  done: number;
  of: number;
  share: Estimate | null;
}

/** What happens to planned breaks, counted in three ways. */
export interface DoneOf {
  whole: DoneShare<'all'>;
  /** By ISO weekday, 1 Monday. */
  byWeekday: DoneShare<number>[];
  /** By the full hour in which they were to begin. */
  byHour: DoneShare<number>[];
  /** By length in minutes. */
  byLength: DoneShare<number>[];
}

/** Counts outcomes by a key; those without one are left out. */
export const countedBy = (
  outcomes: readonly Outcome[],
  keyOf: (o: Outcome) => number | null,
): DoneShare<number>[] => {
  const counts = new Map<number, { done: number; of: number }>();
  for (const o of outcomes) {
    const key = keyOf(o);
    if (key === null) continue;
    const c = counts.get(key) ?? { done: 0, of: 0 };
    c.of++;
    if (o.done) c.done++;
    counts.set(key, c);
  }
  return [...counts]
    .sort(([a], [b]) => a - b)
    .map(([k, { done, of }]) => ({ key: k, done, of, share: shareEstimate(done, of) }));
};

/** The full hour in which a planned break was to begin; past midnight it is the next day's. */
export const hourOf = ({ startMin }: Pick<Outcome, 'startMin'>): number => Math.floor(startMin / 60) % 24;

/** Breaks done of planned, as far as anybody said or led: what nobody said anything of is not counted. */
export const doneOf = ({ personId, outcomes }: Records): DoneOf => {
  const mine = personId === null ? outcomes : outcomes.filter((o) => o.personId === personId);
  const done = mine.filter((o) => o.done).length;
  return {
    whole: { key: 'all', done, of: mine.length, share: shareEstimate(done, mine.length) },
    byWeekday: countedBy(mine, (o) => weekdayOf(o.date)),
    byHour: countedBy(mine, hourOf),
    byLength: countedBy(mine, (o) => o.lengthMin),
  };
};
