import {
  type Break,
  type Move,
  type MoveLookup,
  type Position,
  rungOf,
  rungsIn,
  type Step,
  stepsOf,
} from '../model';

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

/**
 * Does a step that has just been put in where the one before it is done (the one after it, where it is the first), where its
 * move can be done there: nobody changes seats for a default. What names its own place stays as it is.
 */
export const placeLikeBeside = (draft: Pick<Break, 'items'>, stepId: string, lookup: MoveLookup): void => {
  const steps = stepsOf(draft);
  const at = steps.findIndex((s) => s.id === stepId);
  const step = steps[at];
  const move = step && lookup(step.moveId);
  if (!step || !move || move.kind === 'pause' || step.position !== undefined) return;
  const beside = [...steps.slice(0, at).reverse(), ...steps.slice(at + 1)].find(
    (s) => lookup(s.moveId)?.kind !== 'pause',
  );
  const place = beside && (beside.position ?? lookup(beside.moveId)?.position);
  if (place && place !== move.position && move.alsoIn.includes(place)) placeStep(step, move, place);
};
