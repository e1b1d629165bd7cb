import type { Step } from '../model';

/** What two steps share that are the two ways of one: all of it but the side or the direction. */
const shared = ({ moveId, rung, position, dose, sets }: Step): string =>
  JSON.stringify([moveId, rung, position, dose, sets]);

const owes = (a: Step, b: Step): boolean =>
  (a.sides === 'left' && b.sides === 'right') ||
  (a.sides === 'right' && b.sides === 'left') ||
  (a.directions === 'first' && b.directions === 'second') ||
  (a.directions === 'second' && b.directions === 'first');

/**
 * Steps that are the two sides, or the two directions, of one move: what one of them gets the other is owed. By the id of
 * either, the id of the other.
 */
export const twinsOf = (steps: readonly Step[]): ReadonlyMap<string, string> => {
  const twins = new Map<string, string>();
  for (const [i, a] of steps.entries()) {
    if (twins.has(a.id) || (a.sides === 'both' && a.directions === 'both')) continue;
    const b = steps.slice(i + 1).find((s) => !twins.has(s.id) && owes(a, s) && shared(a) === shared(s));
    if (b) twins.set(a.id, b.id).set(b.id, a.id);
  }
  return twins;
};
