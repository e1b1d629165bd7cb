import type { Area } from '../../../model';
import { type PlacedStep, placedSteps } from '../../facts';
import type { Finding, ReviewRule } from '../../finding';

const WORKS: readonly string[] = ['mobilise', 'stretch', 'activate', 'massage'];
/** Moved first and held later is two visits; a third one is going to and fro in the body. Common practice, no source. */
export const MOST = 2;

/** Hand and forearm are one place to go to, and so are foot and leg. */
const PLACE: Partial<Record<Area, Area>> = { hand: 'forearm', foot: 'leg' };
export const placeOf = (area: Area): Area => PLACE[area] ?? area;

/** One area come back to again and again, with others in between. */
export const visits: ReviewRule = ({ resolved }) => {
  const work = placedSteps(resolved).filter(({ move }) => WORKS.includes(move.kind));
  const byPlace = new Map<string, PlacedStep[]>();
  work.forEach((at, i) => {
    const area = placeOf(at.move.areas[0] as Area);
    // What is for the same area in its second place is no other place of the body; nor do chest and upper back, or back and
    // flanks, in turn lead anywhere else.
    const before = work[i - 1];
    if (before?.move.region === at.move.region && before.position === at.position) return;
    if (before?.move.areas.some((one) => placeOf(one) === area)) return;
    // A shelf of the library and an area: long arms that bend the wrists belong to the shoulders.
    // Getting up begins anew: what is done standing is no coming back to what was done on the seat.
    const place = `${at.move.region} ${area} ${at.position === 'standing'}`;
    byPlace.set(place, [...(byPlace.get(place) ?? []), at]);
  });
  return [...byPlace.values()].flatMap((starts): Finding[] => {
    const third = starts[MOST];
    if (!third) return [];
    return [
      {
        code: 'thirdVisit',
        weight: 'look',
        stepIds: [third.step.id],
        move: third.move.name,
        area: third.move.areas[0] as Area,
        visits: starts.length,
      },
    ];
  });
};
