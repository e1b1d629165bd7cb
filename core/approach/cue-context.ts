import type { CueContext } from '../cues';
import type { Approach, Move, Position, Side } from '../model';
import { english, type SaidKey, type Say } from '../words';

const other = (half: 'in' | 'out'): 'in' | 'out' => (half === 'in' ? 'out' : 'in');

/**
 * The half of the breath that goes with the way out of a movement. A move says what is usual; the approach turns
 * it round where instructors differ. Moves written for a usual answer other than the larger school's follow it.
 */
export const goingBreath = ({ breath }: Pick<Move, 'breath'>, approach: Approach): 'in' | 'out' | null => {
  if (breath.going === 'free') return null;
  const turned =
    (breath.by === 'rounding' && approach.rounding === 'inhale rounds') ||
    (breath.by === 'turning' && approach.turning === 'inhale into the turn') ||
    (breath.by === 'reaching' && approach.reaching === 'exhale up');
  return turned ? other(breath.going) : breath.going;
};

const OUTLET: Record<Approach['breathRoute'], SaidKey> = {
  'nose in, nose out': 'outletNose',
  'nose in, mouth out': 'outletMouth',
  'nose in, pursed lips out': 'outletLips',
};
const BELLY: Record<Approach['belly'], SaidKey> = {
  soft: 'bellySoft',
  'gently drawn in': 'bellyDrawn',
  'gently braced': 'bellyBraced',
};

/** What an approach says in every pass, in one language. */
type OfApproach = Required<Pick<CueContext, 'say' | 'outlet' | 'elbow' | 'belly' | 'weighs'>>;
const ofApproach = new WeakMap<Approach, OfApproach>();
const saidBy = (approach: Approach, say: Say): OfApproach => {
  const known = ofApproach.get(approach);
  if (known?.say === say) return known;
  const said = {
    say,
    outlet: say(OUTLET[approach.breathRoute]),
    elbow: say(approach.elbow === 'locked' ? 'elbowStraight' : 'elbowSoft'),
    belly: say(BELLY[approach.belly]),
    weighs: say(approach.handOnHead === 'light pull' ? 'handDraws' : 'handWeighs'),
  };
  ofApproach.set(approach, said);
  return said;
};

/** Everything the tokens of a move's cues need in one pass; where it is usually done, unless the pass is done elsewhere. */
export const cueContext = (
  move: Pick<Move, 'breath' | 'position'>,
  approach: Approach,
  pass: { side?: Side | null; direction?: string | null; position?: Position } = {},
  say: Say = english,
): CueContext => ({
  side: pass.side,
  direction: pass.direction,
  position: pass.position ?? move.position,
  going: goingBreath(move, approach),
  ...saidBy(approach, say),
});
