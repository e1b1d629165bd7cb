import type { Answer, IsoDate, LogRow } from '@kotabi/core/model';
import { addDays } from '@kotabi/core/schedule';

/** So many days without a break is long. Common practice, no source. */
export const LONG_DAYS = 14;

/** The day on which a group was led a break last, or someone of it answered to have done one; null for never. */
export const lastBreak = (
  groupId: string,
  rows: readonly Pick<LogRow, 'groupId' | 'startedAt'>[],
  answers: readonly Answer[],
): IsoDate | null =>
  [
    ...rows.flatMap((r) => (r.groupId === groupId ? r.startedAt : [])),
    ...answers.flatMap((a) => (a.groupId === groupId && a.answer === 'did it' ? a.startsAt : [])),
  ]
    .map((d) => d.slice(0, 10))
    .sort()
    .at(-1) ?? null;

/** True for a group that has had no break for two weeks or more. */
export const isLongAgo = (last: IsoDate | null, today: IsoDate): boolean =>
  last === null || last < addDays(today, -LONG_DAYS);
