import type { Move, MoveLookup, Step } from '../model';
import { answerFor, mustAsk } from '../needs';
import type { Audience } from './finding';

/**
 * True when everybody can do a step with a move: as it is, or on an easier rung of it. Whoever has to ask a doctor first
 * rests through what moves, whatever it is, and is not counted.
 */
export const canAllDo = (
  move: Move,
  { rung, position, dose }: Pick<Step, 'rung' | 'position' | 'dose'>,
  audience: Audience | null,
  lookup: MoveLookup,
): boolean =>
  (audience?.people ?? []).every((person) => {
    if (!audience) return true;
    const { verdict } = answerFor({ move, rung, position, dose }, person, audience.room, lookup);
    return (
      verdict === 'fine' || verdict === 'easier rung' || (verdict === 'leave out' && mustAsk(person.limits))
    );
  });
