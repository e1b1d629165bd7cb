import { TIGHTER_BY } from '../measure';
import { otherSide, type Side } from '../model';
import { meanOf, signTest } from '../stats';
import type { Records } from '../trends';
import type { Proposal } from './proposal';
import { RARE } from './short-side';

/** How much tighter the left was than the right, each time both sides of an area were asked about before a break. */
const differences = ({ measures, personId }: Records): number[] =>
  measures
    .filter(({ measure }) => personId === null || measure.personId === personId)
    .flatMap(({ measure }) =>
      measure.tension
        .filter((t) => t.side === 'left' && t.before !== null)
        .flatMap((left) => {
          const right = measure.tension.find((t) => t.area === left.area && t.side === 'right');
          return left.before === null || right?.before == null ? [] : [left.before - right.before];
        }),
    );

/** The side that is tighter again and again, by as much as people notice: it may get more on purpose. */
export const tighter = (records: Records): Proposal[] => {
  const all = differences(records);
  if (all.length === 0) return [];
  const by = meanOf(all);
  const side: Side = by > 0 ? 'left' : 'right';
  const times = all.filter((d) => (side === 'left' ? d > 0 : d < 0)).length;
  const other = all.filter((d) => (side === 'left' ? d < 0 : d > 0)).length;
  if (Math.abs(by) < TIGHTER_BY || signTest(times, other) > RARE) return [];
  return [
    {
      key: `more-side-${side}`,
      text: `Give the ${side} more on purpose.`,
      why: `The ${side} was tighter than the ${otherSide(side)} in ${times} of ${all.length} measures, by ${Math.abs(by).toFixed(1)} points of 10 on average.`,
      changes: `Suggestions for this group hold the ${side} longer, with the reason kept in the step.`,
      effect: { what: 'more side', side },
    },
  ];
};
