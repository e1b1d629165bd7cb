import { BREATH_SEC, isOffered, isSeated, proposedDose } from '../approach/propose';
import type { Fix } from '../edit/fix';
import { type Approach, type Area, isTwoWay, type Kind, type Move, type MoveLookup } from '../model';
import type { Answer } from '../needs';
import type { PlacedStep } from './facts';

/**
 * The move of a kind one would put in for an area: the shortest usual dose among those that are for that area
 * first of all, else among those that reach it too. Undefined when the library has none on the seat.
 */
export const moveFor = (
  library: readonly Move[],
  kind: Kind,
  area: Area,
  approach: Approach,
  passes: (m: Move) => boolean = () => true,
) => {
  const offered = library.filter(
    (m) => m.kind === kind && isSeated(m) && isOffered(m, approach) && m.things.length === 0 && passes(m),
  );
  const first = offered.filter((m) => m.areas[0] === area);
  const wide = first.length > 0 ? first : offered.filter((m) => m.areas.includes(area));
  return [...wide].sort((a, b) => weight(a, approach) - weight(b, approach))[0];
};

/** Rough length of the usual dose one way, s: repetitions by the breath count a slow breath each. */
export const usualSec = (move: Move, approach: Approach): number => {
  const dose = proposedDose(move, approach);
  if (dose.measure === 'seconds') return dose.amount;
  const sec = dose.measure === 'breaths' || typeof dose.repSec === 'string' ? BREATH_SEC : dose.repSec;
  return dose.amount * sec;
};

/** Only for putting short ones first: twice for two ways. */
const weight = (move: Move, approach: Approach): number =>
  usualSec(move, approach) * (move.ways.pattern === 'together' && !move.ways.directions ? 1 : 2);

/** Doing another move in place of a step, where that can be: a link of a series needs two sides again. */
export const swapFix = (
  at: Pick<PlacedStep, 'step' | 'chainId'>,
  move: Move | undefined,
  rung?: string,
): Fix | undefined =>
  move && (at.chainId === null || isTwoWay(move))
    ? {
        do: 'swap',
        stepId: at.step.id,
        moveId: move.id,
        name: move.name,
        ...(rung !== undefined && { rung }),
      }
    : undefined;

/** What an answer for a person or a room says to do instead: an easier rung, or another move. */
export const answerFix = (at: PlacedStep, answer: Answer, lookup: MoveLookup): Fix | undefined => {
  const { verdict, rung, position, instead } = answer;
  if (verdict === 'easier rung' && rung !== undefined) return { do: 'rung', stepId: at.step.id, rung };
  if (verdict === 'easier rung' && position !== undefined)
    return { do: 'positions', position, stepIds: [at.step.id] };
  return instead === undefined ? undefined : swapFix(at, lookup(instead), rung);
};
