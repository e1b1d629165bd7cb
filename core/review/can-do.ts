import type { Move, Step } from '../model';
import { isDoable, mustAsk } from '../needs';
import type { Audience } from './finding';

/**
 * True when everybody can do a step with a move: as it is, or on an easier rung of it. Whoever has to ask a doctor first
 * rests through what moves, whatever it is, and is not counted.
 */
export const canAllDo = (
  move: Move,
  { rung, position, dose }: Pick<Step, 'rung' | 'position' | 'dose'>,
  audience: Audience | null,
): boolean =>
  audience === null ||
  audience.people.every(
    (person) => mustAsk(person.limits) || isDoable({ move, rung, position, dose }, person, audience.room),
  );
