import { type Approach, type Dose, type Move, rungOf, SEATED, usualVariant } from '../model';
import { demandsOf } from '../needs';

const HOLD_SEC: Record<Approach['holdLength'], number> = { '10 s': 10, '20 s': 20, '30 s': 30, '45 s': 45 };
const SETS: Record<Approach['passes'], number> = { once: 1, twice: 2, 'three sets': 3 };
/** A slow breath lasts about 10 s: about six a minute (Lehrer and Gevirtz 2014, from memory). */
export const BREATH_SEC = 10;

const clamp = (n: number, least: number, most: number): number => Math.min(most, Math.max(least, n));

/** The dose that is proposed for a move: its usual one, with holds as the approach measures them. */
export const proposedDose = (move: Pick<Move, 'kind' | 'dose'>, approach: Approach): Dose => {
  const { least, usual, most } = move.dose;
  if (move.kind !== 'stretch' || usual.measure !== 'seconds') return usual;
  // The usual hold of the library is written for 20 s; another length moves it in proportion, inside its band.
  const share = HOLD_SEC[approach.holdLength] / HOLD_SEC['20 s'];
  const amount = clamp(
    Math.round((usual.amount * share) / 5) * 5,
    least,
    Math.max(most, HOLD_SEC[approach.holdLength]),
  );
  if (approach.holdIn === 'seconds')
    return { measure: 'seconds', amount: share === 1 ? usual.amount : amount };
  return {
    measure: 'breaths',
    amount: Math.max(1, Math.round((share === 1 ? usual.amount : amount) / BREATH_SEC)),
  };
};

/** Sets that are proposed: passes belong to holds. */
export const proposedSets = (move: Pick<Move, 'kind'>, approach: Approach): number =>
  move.kind === 'stretch' ? SETS[approach.passes] : 1;

/** What a rung may not ask, by the approach. */
const tooMuch = (move: Move, rung: string, approach: Approach): boolean => {
  const asks = demandsOf(usualVariant(move, rung));
  return (
    (approach.handOnHead === 'gravity only' && asks.has('hand weight on the head')) ||
    (approach.lookingUp === 'never past neutral' && asks.has('looking up')) ||
    (approach.turnPower === 'trunk only' && move.breath.by === 'turning' && asks.has('chair carries')) ||
    (approach.folding === 'flat back from the hips' && asks.has('head low') && asks.has('back rounded'))
  );
};

/** Name of the rung that is proposed: the usual one, or the nearest easier one the approach allows. */
export const proposedRung = (move: Move, approach: Approach): string | undefined => {
  const usual = rungOf(move)?.name;
  if (usual === undefined) return undefined;
  const at = move.rungs.findIndex((r) => r.name === usual);
  for (let i = at; i >= 0; i--) {
    const name = move.rungs[i]?.name as string;
    if (!tooMuch(move, name, approach)) return name;
  }
  return move.rungs[0]?.name;
};

/** True when a move is offered at all under an approach. */
export const isOffered = (move: Move, approach: Approach): boolean => {
  if (move.archived) return false;
  if (move.id === 'full-neck-circle') return approach.headCircles === 'full circle';
  if (move.id === 'chin-half-circle') return approach.headCircles !== 'small nose circles';
  return !move.onlyWhenAsked;
};

/** True for moves on the seat; standing and floor are shown only when asked for. */
export const isSeated = (move: Pick<Move, 'position'>): boolean => SEATED.includes(move.position);
