import type { Finding, ReviewRule } from './finding';
import { placedSteps } from './places';

/** Ten circles one way need ten the other way. */
export const directions: ReviewRule = ({ resolved }) =>
  placedSteps(resolved).flatMap(({ step, move }): Finding[] => {
    const names = move.ways.directions;
    if (!names || step.directions === 'both') return [];
    const missing = step.directions === 'first' ? names[1] : names[0];
    return [{ code: 'oneDirectionOnly', weight: 'caution', stepIds: [step.id], move: move.name, missing }];
  });
