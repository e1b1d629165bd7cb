import type { Move, MoveLookup, Person } from '../model';
import { type Answer, answerFor } from '../needs';
import type { PlacedStep } from './facts';
import type { Audience } from './finding';

type Known = WeakMap<Move, Map<string, Answer>>;
const known = new WeakMap<Audience, WeakMap<MoveLookup, Known>>();

/** What a map holds for a key, made when it is not there yet. */
const entry = <K extends WeakKey, V>(map: WeakMap<K, V>, key: K, make: () => V): V => {
  const held = map.get(key);
  if (held !== undefined) return held;
  const made = make();
  map.set(key, made);
  return made;
};

/**
 * What one person needs in a step, or with null what the room allows anyone. Worked out once for each audience,
 * since a review runs after every edit and the people stay the same.
 */
export const answerIn = (
  { step, move, position, meanwhile }: Pick<PlacedStep, 'step' | 'move' | 'position' | 'meanwhile'>,
  person: Person | null,
  audience: Audience,
  lookup: MoveLookup,
): Answer => {
  const answers = entry(
    entry(
      entry(known, audience, () => new WeakMap<MoveLookup, Known>()),
      lookup,
      (): Known => new WeakMap(),
    ),
    move,
    () => new Map<string, Answer>(),
  );
  const { rung, dose } = step;
  const key = `${person?.id ?? ''}|${rung ?? ''}|${position}|${JSON.stringify(dose)}|${meanwhile?.id ?? ''}`;
  let answer = answers.get(key);
  if (!answer) {
    answer = answerFor(
      { move, rung, position, dose, meanwhile },
      person ?? { limits: [] },
      audience.room,
      lookup,
    );
    answers.set(key, answer);
  }
  return answer;
};
