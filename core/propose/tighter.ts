import { TIGHTER_BY } from '../measure';
import { otherSide, type Side } from '../model';
import { meanOf, signTest } from '../stats';
import { MOST_ARE } from '../suggest/likely';
import type { Records } from '../trends';
import type { Proposal } from './proposal';
import { RARE } from './short-side';

/** How much tighter the left was than the right, and whose it was, each time both sides of an area were asked before a break. */
const differences = ({ measures, personId }: Records): { who: string | null; by: number }[] =>
  measures
    .filter(({ measure }) => personId === null || measure.personId === personId)
    .flatMap(({ measure }) =>
      measure.tension
        .filter((t) => t.side === 'left' && t.before !== null)
        .flatMap((left) => {
          const right = measure.tension.find((t) => t.area === left.area && t.side === 'right');
          return left.before === null || right?.before == null
            ? []
            : [{ who: measure.personId, by: left.before - right.before }];
        }),
    );

/**
 * The side that is tighter again and again, by as much as people notice, in more than half of those who were measured: it may
 * get more on purpose. What one person needs is that one's own version, not the group's.
 */
export const tighter = (records: Records): Proposal[] => {
  const all = differences(records);
  if (all.length === 0) return [];
  const by = meanOf(all.map((d) => d.by));
  const side: Side = by > 0 ? 'left' : 'right';
  const toward = (n: number): boolean => (side === 'left' ? n > 0 : n < 0);
  const times = all.filter((d) => toward(d.by)).length;
  const other = all.filter((d) => toward(-d.by)).length;
  const people = [...new Set(all.map((d) => d.who))];
  const theirs = people.filter((who) => toward(meanOf(all.filter((d) => d.who === who).map((d) => d.by))));
  if (Math.abs(by) < TIGHTER_BY || signTest(times, other) > RARE) return [];
  if (theirs.length <= MOST_ARE * people.length) return [];
  return [
    {
      key: `more-side-${side}`,
      text: `Give the ${side} more on purpose.`,
      why: `The ${side} was tighter than the ${otherSide(side)} in ${times} of ${all.length} measures, in ${theirs.length} of ${people.length} people measured, by ${Math.abs(by).toFixed(1)} points of 10 on average.`,
      changes: `Suggestions for this group hold the ${side} longer, with the reason kept in the step.`,
      effect: { what: 'more side', side },
    },
  ];
};
