import type { LeadView } from '@kotabi/core/lead';
import type { Approach } from '@kotabi/core/model';
import type { Ahead, Part } from '@kotabi/core/timing';

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
): string => {
  const { count, part, breathsLeft } = view;
  if (!count) return '';
  if (count.unit === 'reps') {
    if (counting === 'only the last three' && count.value > LAST) return `${count.value} more`;
    if (count.value === 1) return 'last one';
    return counting === 'up' && part?.kind === 'work' && (part.reps ?? 1) > 1 ? `of ${part.reps}` : 'to go';
  }
  if (count.unit === 'held') return `${count.value === 1 ? 'second' : 'seconds'} held · → goes on`;
  const unit = count.value === 1 ? 'second' : 'seconds';
  const range = part?.kind === 'work' && part.moreMs ? ` · ↑ for ${Math.round(part.moreMs / 1000)} more` : '';
  if (range) return unit + range;
  if (breathsLeft === 1) return `${unit} · last breath`;
  return breathsLeft === 2 ? `${unit} · one more breath after this` : unit;
};

/** The way that is led, large: left, right, which arm is on top; empty where both sides do the same. */
export const sideWord = (part: Part | null): string => {
  const way = part?.way ?? '';
  return way.charAt(0).toUpperCase() + way.slice(1);
};

/** What comes next, as the room reads it: short, and without the word for it. */
export const thenLine = (next: Ahead): string => {
  switch (next.change) {
    case 'end':
      return 'then the end';
    case 'set':
      return `then set ${next.set} of ${next.sets}`;
    case 'side':
      return next.way === 'left' || next.way === 'right' ? `then the ${next.way}` : `then ${next.way}`;
    case 'direction':
      return `then ${next.direction}`;
    case 'move':
      return `then: ${next.moveName}${next.way ? `, ${next.way}` : ''}`;
  }
};
