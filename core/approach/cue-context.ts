import type { CueContext } from '../cues';
import type { Approach, Move, Position, Side } from '../model';

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

const OUTLET: Record<Approach['breathRoute'], string> = {
  'nose in, nose out': 'the nose',
  'nose in, mouth out': 'the mouth',
  'nose in, pursed lips out': 'pursed lips',
};

/** Everything the tokens of a move's cues need in one pass. */
export const cueContext = (
  move: Pick<Move, 'breath' | 'position'>,
  approach: Approach,
  pass: { side?: Side | null; direction?: string | null; position?: Position } = {},
): CueContext => ({
  position: move.position,
  ...pass,
  going: goingBreath(move, approach),
  outlet: OUTLET[approach.breathRoute],
  elbow: approach.elbow === 'locked' ? 'straight' : 'straight but soft',
  belly: approach.belly,
  weighs: approach.handOnHead === 'light pull' ? 'draws very lightly' : 'only weighs',
});
