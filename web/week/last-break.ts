import type { Answer, IsoDate, Kept, Session } from '@kotabi/core/model';
import { addDays } from '@kotabi/core/schedule';

/** So many days without a break is long. Common practice, no source. */
const LONG_DAYS = 14;

/** The day on which a group was led a break last, or someone of it answered to have done one; null for never. */
export const lastBreak = (
  groupId: string,
  sessions: readonly Kept<Session>[],
  answers: readonly Answer[],
): IsoDate | null =>
  [
    ...sessions.flatMap((s) => (s.value.groupId === groupId ? s.value.startedAt : [])),
    ...answers.flatMap((a) => (a.groupId === groupId && a.answer === 'did it' ? a.startsAt : [])),
  ]
    .map((d) => d.slice(0, 10))
    .sort()
    .at(-1) ?? null;

/** True for a group that has had no break for two weeks or more. */
export const isLongAgo = (last: IsoDate | null, today: IsoDate): boolean =>
  last === null || last < addDays(today, -LONG_DAYS);
