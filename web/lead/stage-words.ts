import type { LeadView } from '@kotabi/core/lead';
import type { Approach } from '@kotabi/core/model';
import { type Ahead, meanwhileWords, type Part } from '@kotabi/core/timing';
import { englishScreen, type SayScreen } from './screen-words';

/** The last so many are counted where only they are. */
const LAST = 3;

/**
 * The big number: repetitions are counted up, down or only the last three, as the approach says; seconds always run down. Null
 * for repetitions that are not counted yet.
 */
export const shownCount = (
  count: NonNullable<LeadView['count']>,
  part: Part,
  counting: Approach['counting'],
): number | null => {
  const several = part.kind === 'work' && part.reps !== null;
  if (count.unit !== 'reps' || !several) return count.value;
  if (counting === 'only the last three' && count.value > LAST) return null;
  return counting === 'up' && (part.reps ?? 0) > 1 ? (part.reps ?? 0) - count.value + 1 : count.value;
};

/** Below the big number: its unit, and the warning before the end. */
export const countUnit = (
  view: Pick<LeadView, 'count' | 'part' | 'breathsLeft'>,
  counting: Approach['counting'] = 'down',
  say: SayScreen = englishScreen,
): string => {
  const { count, part, breathsLeft } = view;
  if (!count) return '';
  if (count.unit === 'reps') {
    if (counting === 'only the last three' && count.value > LAST)
      return say('moreToGo', { count: count.value });
    if (count.value === 1) return say('lastOne');
    return counting === 'up' && part?.kind === 'work' && (part.reps ?? 1) > 1
      ? say('ofAll', { count: part.reps ?? 1 })
      : say('toGo');
  }
  if (count.unit === 'held') return say('held', { count: count.value });
  const unit = say('seconds', { count: count.value });
  if (part?.kind === 'work' && part.moreMs)
    return say('forMore', { unit, seconds: Math.round(part.moreMs / 1000) });
  if (breathsLeft === 1) return say('lastBreath', { unit });
  return breathsLeft === 2 ? say('oneMoreBreath', { unit }) : unit;
};

/** The way that is led, large: left, right, which arm is on top; empty where both sides do the same. */
export const sideWord = (part: Part | null): string => {
  const way = part?.way ?? '';
  return way.charAt(0).toUpperCase() + way.slice(1);
};

/** What else there is to know of a part, under its side and move: which direction, which set, what is done meanwhile. */
export const detailOf = (part: Part | null, say: SayScreen = englishScreen): string =>
  [
    part?.direction,
    part && 'sets' in part && part.sets > 1 && say('setOf', { set: part.set, sets: part.sets }),
    part?.kind === 'work' && part.repHeldMs && say('eachHeld', { seconds: part.repHeldMs / 1000 }),
    part?.kind === 'work' && part.meanwhile && meanwhileWords(part.meanwhile, say),
  ]
    .filter(Boolean)
    .join(' · ');

/** What comes next, as the room reads it: short, and without the word for it. */
export const thenLine = (next: Ahead, say: SayScreen = englishScreen): string => {
  switch (next.change) {
    case 'end':
      return say('thenEnd');
    case 'set':
      return say('thenSet', { set: next.set, sets: next.sets });
    case 'side':
      return next.way === say('left') || next.way === say('right')
        ? say('thenSide', { side: next.way })
        : say('thenWay', { way: next.way });
    case 'direction':
      return say('thenWay', { way: next.direction ?? '' });
    case 'move':
      return next.way
        ? say('thenMoveWay', { move: next.moveName, way: next.way })
        : say('thenMove', { move: next.moveName });
  }
};
