import type { LeadView } from '@kotabi/core/lead';
import type { Approach } from '@kotabi/core/model';
import type { Ahead, Part } from '@kotabi/core/timing';

/** The big number: repetitions are counted up or down, as the approach says; seconds always run down. */
export const shownCount = (
  count: NonNullable<LeadView['count']>,
  part: Part,
  counting: Approach['counting'],
): number =>
  count.unit === 'reps' && counting === 'up' && part.kind === 'work' && part.reps !== null && part.reps > 1
    ? part.reps - count.value + 1
    : count.value;

/** Below the big number: its unit, and the warning before the end. */
export const countUnit = (view: Pick<LeadView, 'count' | 'part' | 'remainingMs'>): string => {
  const { count, part, remainingMs } = view;
  if (!count) return '';
  if (count.unit === 'reps') return count.value === 1 ? 'last one' : 'to go';
  if (count.unit === 'held') return `${count.value === 1 ? 'second' : 'seconds'} held · → goes on`;
  const unit = count.value === 1 ? 'second' : 'seconds';
  const range = part?.kind === 'work' && part.moreMs ? ` · ↑ for ${Math.round(part.moreMs / 1000)} more` : '';
  if (part?.kind !== 'work' || !part.breath || range) return unit + range;
  const left = Math.ceil(remainingMs / part.breath.cycleMs);
  if (left === 1) return `${unit} · last breath`;
  return left === 2 ? `${unit} · one more breath after this` : unit;
};

/** What comes next, in a few words. */
export const nextLine = (next: Ahead): string => {
  switch (next.change) {
    case 'end':
      return 'next: the end';
    case 'set':
      return `next: set ${next.set} of ${next.sets}`;
    case 'side':
      return next.way === 'left' || next.way === 'right' ? `next: the ${next.way} side` : `next: ${next.way}`;
    case 'direction':
      return `next: ${next.direction}`;
    case 'move':
      return `next: ${next.moveName}${next.way ? `, ${next.way}` : ''}`;
  }
};
