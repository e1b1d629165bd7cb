import type { BySide } from '@kotabi/core/ledger';
import type { LogRow } from '@kotabi/core/model';

/** Seconds that were really held, by day and area. A day on which nothing was led is not in it. */
export type HeldByDay = ReadonlyMap<string, ReadonlyMap<string, BySide>>;

/** Adds up what was held on each day, by the clock of a group. */
export const heldByDay = (rows: readonly LogRow[], timeZone: string): HeldByDay => {
  const dayOf = new Intl.DateTimeFormat('en-CA', { timeZone });
  const days = new Map<string, Map<string, BySide>>();
  for (const row of rows) {
    // Of records from before it was kept it is not known what they held.
    if (row.work.length === 0) continue;
    const date = dayOf.format(new Date(row.startedAt));
    const areas = days.get(date) ?? new Map<string, BySide>();
    for (const { area, counts, done } of row.work) {
      if (counts !== 'held') continue;
      const sum = areas.get(area) ?? { left: 0, right: 0 };
      areas.set(area, { left: sum.left + done.left / 1000, right: sum.right + done.right / 1000 });
    }
    days.set(date, areas);
  }
  return days;
};
