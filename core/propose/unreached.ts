import { type Records, secondsByArea } from '../trends';
import type { Proposal } from './proposal';

/** From so many records on an area that got nothing is spoken of. Common practice, no source. */
export const ENOUGH_RECORDS = 6;

/** The areas its weeks are for that nothing has held. */
export const unreached = (records: Records): Proposal[] => {
  // Of older records it is not known what they were for.
  const known = records.rows.filter((r) => r.row.work.length > 0);
  if (known.length < ENOUGH_RECORDS) return [];
  return secondsByArea({ ...records, rows: known })
    .filter(
      ({ area, weeks }) =>
        records.aims.includes(area) && weeks.every((w) => w.done.left === 0 && w.done.right === 0),
    )
    .map(({ area, weeks }) => ({
      key: `area-${area}`,
      text: `Hold the ${area}.`,
      why: `It is wanted here, by the aims of the weeks or by where people are tight, and no break has held it: ${known.length} breaks in ${weeks.length} week${weeks.length === 1 ? '' : 's'}, 0 s.`,
      changes: `Suggestions for this group want the ${area} from the start.`,
      effect: { what: 'area' as const, area },
    }));
};
