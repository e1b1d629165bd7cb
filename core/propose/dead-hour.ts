import { shareEstimate } from '../stats';
import { countedBy, hourOf, type Records } from '../trends';
import type { Proposal } from './proposal';

/** From so many planned breaks on an hour is judged. Common practice, no source. */
export const ENOUGH_OF_HOUR = 6;

const clock = (hour: number): string => `${String(hour).padStart(2, '0')}:00`;
const percent = (share: number): string => `${Math.round(100 * share)} %`;

/**
 * Hours in which planned breaks do not happen: less often than not, and clearly less often than at other times (the 95 %
 * intervals do not touch). With what moving them would come to, by the group's own figures.
 */
export const deadHours = ({ outcomes }: Records): Proposal[] =>
  countedBy(outcomes, hourOf).flatMap(({ key: hour, done, of, share }) => {
    const others = outcomes.filter((o) => hourOf(o) !== hour);
    const elsewhere = shareEstimate(others.filter((o) => o.done).length, others.length);
    if (of < ENOUGH_OF_HOUR || !share || !elsewhere || share.value >= 0.5) return [];
    if ((share.high ?? 1) >= (elsewhere.low ?? 0)) return [];
    const more = Math.round(of * (elsewhere.value - share.value));
    return [
      {
        key: `hour-${hour}`,
        text: `Keep breaks away from ${clock(hour)} to ${clock((hour + 1) % 24)}.`,
        why: `${done} of ${of} breaks planned in that hour were done, at other times ${percent(elsewhere.value)} (of ${elsewhere.n}).`,
        changes: `New weeks have a quiet hour there, so that breaks are planned at other times. If they go as the others do, about ${more} more of ${of} would be done.`,
        effect: { what: 'hour' as const, startMin: hour * 60, endMin: (hour + 1) * 60 },
      },
    ];
  });
