import { isOffered, isSeated } from '@kotabi/core/approach';
import type { FillResult, UnmetWhy } from '@kotabi/core/fill';
import { AIM_DAYS, AIM_SEC } from '@kotabi/core/ledger';
import type { Approach, Move, Muscle } from '@kotabi/core/model';

const WHY: Record<UnmetWhy, string> = {
  'no break holds it': 'no break of yours holds it',
  limits: 'the breaks that hold it are not for everyone here',
  'too little a day': `what fits on a day never comes to ${AIM_SEC} s`,
  'no room': 'there is not room for everything',
};

/** So many moves are named that would help. */
const NAMED = 3;

/** Moves that hold a muscle above all, of those that are offered: what one would add to a break. */
export const movesThatHold = (moves: readonly Move[], muscle: Muscle, approach: Approach): string[] =>
  moves
    .filter((m) => m.kind === 'stretch' && m.muscles[0] === muscle && isOffered(m, approach) && isSeated(m))
    .slice(0, NAMED)
    .map((m) => m.name);

/**
 * Aims that are not met in phrases: both sides of a muscle together where the same is true of both, and what would help where
 * no break holds it.
 */
export const unmetText = (
  unmet: FillResult['unmet'],
  holding: (muscle: Muscle) => string[] = () => [],
): string[] => {
  const said = new Map<string, string[]>();
  for (const u of unmet) {
    const names = u.why === 'no break holds it' ? holding(u.muscle).map((name) => `“${name}”`) : [];
    const help = names.length > 0 ? `; add ${names.join(' or ')} to one` : '';
    const what = `${u.daysReached} of ${AIM_DAYS} days: ${WHY[u.why]}${help}`;
    const key = `${u.muscle}|${what}`;
    said.set(key, [...(said.get(key) ?? []), u.side]);
  }
  return [...said].map(([key, sides]) => {
    const [muscle, what] = key.split('|');
    return `${muscle} ${sides.join(' and ')}, ${what}`;
  });
};
