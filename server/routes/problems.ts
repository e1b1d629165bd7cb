import type { FitResult } from '@kotabi/core/fit';
import { type Break, type FieldProblem, stepsOf } from '@kotabi/core/model';
import type { CountOf, PlanFailure } from '@kotabi/core/schedule';
import type { ResolveFailure } from '@kotabi/core/timing';

const pathTo = (brk: Break, stepId: string): string => {
  for (const [i, item] of brk.items.entries()) {
    if (item.type === 'step' && item.id === stepId) return `break.items.${i}`;
    if (item.type === 'chain') {
      const n = item.links.findIndex((l) => l.id === stepId);
      if (n >= 0) return `break.items.${i}.links.${n}`;
      const m = item.between?.findIndex((l) => l.id === stepId) ?? -1;
      if (m >= 0) return `break.items.${i}.between.${m}`;
    }
  }
  return 'break.items';
};

/** Why a break cannot be timed, field by field. */
export const resolveProblems = (failures: readonly ResolveFailure[], brk: Break): FieldProblem[] =>
  failures.map((f) => ({
    path: `${pathTo(brk, f.stepId)}.${stepsOf(brk).find((s) => s.id === f.stepId)?.moveId === f.moveId ? '' : 'meanwhile.'}moveId`,
    message: 'names a move that is not known',
    value: f.moveId,
  }));

/** Why a break cannot be fitted, as a field of it. */
export const fitProblem = (failure: Extract<FitResult, { code: 'tooMuchKept' }>): FieldProblem => ({
  path: 'break.slotSec',
  message: `is shorter than the steps that must stay: even at their least doses they take ${failure.leastMs / 1000} s`,
  bound: Math.ceil(failure.leastMs / 1000),
  value: failure.slotMs / 1000,
});

const clock = (minute: number): string =>
  `${String(Math.floor(minute / 60)).padStart(2, '0')}:${String(minute % 60).padStart(2, '0')}`;

/** The field that a count belongs to, and of what it is a count. */
const countPath = (f: CountOf, whole: 'minCount' | 'maxCount'): string =>
  f.minutes
    ? 'maxMinutes'
    : f.kindId !== undefined
      ? `kinds.${f.kindId}.${whole}`
      : f.fromMin !== undefined
        ? 'windows'
        : whole;
const countWords = (f: CountOf): string =>
  f.fromMin !== undefined && f.untilMin !== undefined
    ? ` between ${clock(f.fromMin)} and ${clock(f.untilMin)}`
    : '';

/** Why a day cannot be planned, as a field of its input. */
export const planProblem = (failure: PlanFailure): FieldProblem => {
  switch (failure.code) {
    case 'tooFewFit':
      return {
        path: countPath(failure, 'minCount'),
        message: `asks for ${failure.minCount} breaks${countWords(failure)}, but at most ${failure.possible} fit`,
        bound: failure.possible,
        value: failure.minCount,
      };
    case 'tooManyLocked':
      return {
        path: countPath(failure, 'maxCount'),
        message: failure.minutes
          ? `is less than the ${failure.locked} minutes that locked breaks take`
          : `is less than the ${failure.locked} breaks that are locked${countWords(failure)}`,
        bound: failure.locked,
        value: failure.maxCount,
      };
    case 'tooManyCounts':
      return {
        path: 'windows',
        message: 'together ask for more different counts than can be kept apart; use fewer windows',
        bound: failure.most,
      };
    case 'tooManyWays':
      return {
        path: 'gridMin',
        message: `leaves too many ways to plan the day with ${failure.counted} counts to keep: use steps of 5 minutes or more, or fewer counts`,
        value: failure.gridMin,
      };
    case 'lockedDoesNotFit':
      return {
        path: 'locked',
        message: `the break at ${clock(failure.startMin)} cannot stay: it is ${failure.why === 'outside' ? 'outside the day' : failure.why === 'overlap' ? 'on top of another one' : failure.why}`,
        value: failure.startMin,
      };
  }
};
