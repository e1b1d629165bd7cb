import { type Move, type Position, rungOf, rungsIn, type Step } from '../model';

/**
 * Does a step in another position. A rung that cannot be done there becomes the highest one below it that can, or else the
 * lowest.
 */
export const placeStep = (step: Step, move: Move, position: Position): void => {
  if (position === move.position) delete step.position;
  else step.position = position;
  const rung = rungOf(move, step.rung);
  if (!rung?.notIn.includes(position)) return;
  const here = rungsIn(move, position);
  const below = here.filter((r) => move.rungs.indexOf(r) < move.rungs.indexOf(rung)).at(-1) ?? here[0];
  if (below) step.rung = below.name;
};
