import type { CountOf, PlanFailure } from '@kotabi/core/schedule';
import { clock } from './time';

const WHY = {
  outside: 'outside the day',
  blocked: 'in a meeting',
  'off desk': 'in time off the desk',
  overlap: 'on top of another',
} as const;

const when = ({ fromMin, untilMin }: CountOf): string =>
  fromMin !== undefined && untilMin !== undefined ? ` between ${clock(fromMin)} and ${clock(untilMin)}` : '';

/** Why a day could not be planned, in words. */
export const failureText = (failure: PlanFailure): string => {
  switch (failure.code) {
    case 'tooFewFit':
      return `the rule asks for ${failure.minCount} breaks${when(failure)}, only ${failure.possible} fit`;
    case 'tooManyLocked':
      if (failure.minutes)
        return `the breaks set by hand last ${failure.locked} min, the rule allows ${failure.maxCount} min a day`;
      return `${failure.locked} breaks are set by hand${when(failure)}, the rule allows ${failure.maxCount}`;
    case 'tooManyCounts':
      return 'the rule counts more things at once than can be kept apart';
    case 'tooManyWays':
      return `with ${failure.counted} counts to keep and steps of ${failure.gridMin} min there are too many ways to plan the day; use longer steps or fewer counts`;
    case 'lockedDoesNotFit':
      return `the break set by hand at ${clock(failure.startMin)} is ${WHY[failure.why]}; move it or let it go`;
  }
};
