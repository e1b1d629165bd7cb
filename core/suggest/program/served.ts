import { AIM_SEC } from '../../ledger';
import type { Candidate } from '../candidate';
import type { SuggestRequest } from '../request';
import { holdsEach, TWO_SIDED_SLOT_SEC } from './holds';
import type { Sheet } from './sheet';

/** About so much of a slot is work; the rest is said, changed and come back from. Common practice, no source. */
export const WORK_SHARE = 0.5;
/** What each further quarter of what a side is due is worth: the first one most, so that none starves for another. */
export const QUARTER_WORTH = [1, 0.6, 0.35, 0.2] as const;
/** What is beyond a fair share counts little against it. */
export const PLAIN_WORTH = 0.25;
/** Moving counts a quarter of holding: it readies an area rather than lengthening it. */
export const MOVING = 0.25;
/** A hold on each side where an area has one that can be done: worth as much as half of what it is due. */
export const TWO_SIDED_WORTH = 0.6;

/** Seconds a side of a wanted area is due: its weight's part of the work there is time for, at most enough. */
export const dueSec = (
  { targets, slotSec }: Pick<SuggestRequest, 'targets' | 'slotSec'>,
  weight: number,
): number => {
  const all = targets.reduce((sum, t) => sum + t.weight, 0);
  return Math.min(AIM_SEC, (weight / all) * slotSec * WORK_SHARE);
};

/** What a second of a candidate counts toward its area. */
export const worth = ({ move }: Candidate): number =>
  move.kind === 'stretch' || move.kind === 'breathe' ? 1 : MOVING;

const SIDES = ['leftSec', 'rightSec'] as const;

/**
 * What each wanted area gets, quarter by quarter of what each side is due, a hold on each side of it, and at last every second
 * for its muscles up to enough. Answers the column that tells how well the least served side is served, 0 to 1: it is made
 * as large as it can be before anything else counts. Null where nothing serves what is wanted.
 */
export const serve = (sheet: Sheet, request: SuggestRequest): number | null => {
  const { candidates } = sheet;
  const served = request.targets.filter(({ area }) => candidates.some((c) => c.area === area));
  if (served.length === 0) return null;
  const least = sheet.column({ name: 'least served', cost: 0, lower: 0, upper: 1, whole: false });
  for (const { area, weight } of served) {
    const due = dueSec(request, weight);
    for (const side of SIDES) {
      const quarters = sheet.gain(
        {
          area,
          of: 'side',
          due,
          given: sheet.those(
            (c) => c.area === area,
            (c, dose) => Math.min(due, worth(c) * dose[side]),
          ),
        },
        QUARTER_WORTH.map((worthIt, i) => ({
          name: `${area} ${side} ${i}`,
          cost: worthIt / served.length / due,
          lower: 0,
          upper: due / QUARTER_WORTH.length,
          whole: false,
        })),
      );
      sheet.most(0, [[least, due], ...quarters.map((q) => [q, -1] as const)]);
    }
    const twoSided = sheet.those((c) => c.area === area && holdsEach(c));
    if (request.slotSec >= TWO_SIDED_SLOT_SEC && twoSided.length > 0)
      sheet.gain({ area, of: 'hold', due: 0, given: twoSided }, [
        {
          name: `${area} held on both sides`,
          cost: TWO_SIDED_WORTH / served.length,
          lower: 0,
          upper: 1,
          whole: true,
        },
      ]);
    // An area stands for the muscles its moves are for.
    const muscles = new Set(candidates.flatMap((c) => (c.area === area ? (c.move.muscles[0] ?? []) : [])));
    for (const muscle of muscles)
      for (const side of SIDES) {
        const given = sheet.those(
          (c) => c.area === area && c.move.muscles[0] === muscle,
          (c, dose) => Math.min(AIM_SEC, worth(c) * dose[side]),
        );
        const cost = (PLAIN_WORTH * weight) / 2 / AIM_SEC;
        sheet.gain({ area, of: 'muscle', due: 0, given }, [
          { name: `${muscle} ${side}`, cost, lower: 0, upper: AIM_SEC, whole: false },
        ]);
      }
  }
  return least;
};
