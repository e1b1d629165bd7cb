import { cueContext } from '@kotabi/core/approach';
import { resolveCue } from '@kotabi/core/cues';
import type { LeadView } from '@kotabi/core/lead';
import { type Approach, defaultApproach, type Move, type Position } from '@kotabi/core/model';
import type { Part } from '@kotabi/core/timing';
import { wayName } from '../../words/dose';

const INTO: Record<Position, string> = {
  back: 'Sit back in the chair',
  edge: 'Slide to the front edge of the seat',
  standing: 'Stand up, slowly, eyes clear',
  floor: 'Come down to the floor, slowly',
};

/** The main line of a part: what to say, or what to do now. */
export const mainLine = (
  part: Part,
  move: Move | undefined,
  approach: Approach = defaultApproach,
): string => {
  switch (part.kind) {
    case 'position':
      return INTO[move?.position ?? 'back'];
    case 'fetch':
      return `Take ${move?.things.filter((t) => t !== 'chair' && t !== 'desk').join(' and ') ?? 'what is needed'}`;
    case 'say':
    case 'change':
    case 'return':
      return part.text;
    case 'rest':
      return 'Let go, rest';
    case 'work':
      return move ? resolveCue(move.cues.feel, cueContext(move, approach, { side: part.side })) : '';
  }
};

/** The second line during work: what to check. */
export const checkLine = (
  part: Part,
  move: Move | undefined,
  approach: Approach = defaultApproach,
): string =>
  part.kind === 'work' && move
    ? resolveCue(move.cues.check, cueContext(move, approach, { side: part.side }))
    : '';

/** What this part is, in a few words: side, direction, set. */
export const partTitle = (part: Part, move: Move | undefined, sets: number): string =>
  [way(part, move), part.direction, sets > 1 ? `set ${part.set} of ${sets}` : null]
    .filter(Boolean)
    .join(' · ');

const way = (part: Part, move: Move | undefined): string => {
  if (!move) return '';
  if (part.side && move.ways.pattern !== 'together')
    return `${wayName(move, part.side)}${move.ways.pair === 'side' ? ' side' : ''}`;
  return ['mobilise', 'stretch', 'activate', 'massage'].includes(move.kind)
    ? 'both sides together'
    : move.kind;
};

/** The big number: repetitions are counted up or down, as the approach says; seconds always run down. */
export const shownCount = (
  count: NonNullable<LeadView['count']>,
  part: Part,
  counting: Approach['counting'],
): number =>
  count.unit === 'reps' && counting === 'up' && part.reps !== null && part.reps > 1
    ? part.reps - count.value + 1
    : count.value;

/** Below the big number: its unit, and the warning before the end. */
export const countUnit = (view: Pick<LeadView, 'count' | 'part' | 'remainingMs'>): string => {
  const { count, part, remainingMs } = view;
  if (!count) return '';
  if (count.unit === 'reps') return count.value === 1 ? 'last one' : 'to go';
  const unit = count.value === 1 ? 'second' : 'seconds';
  if (part?.kind !== 'work' || !part.breath) return unit;
  const left = Math.ceil(remainingMs / part.breath.cycleMs);
  if (left === 1) return `${unit} · last breath`;
  return left === 2 ? `${unit} · one more breath after this` : unit;
};

/** What comes next, in a few words. */
export const nextLine = (
  next: Part | null,
  part: Part | null,
  moveOf: (stepId: string) => Move | undefined,
): string => {
  if (!next) return 'next: the end';
  const move = moveOf(next.stepId);
  if (part && next.stepId === part.stepId) {
    if (next.side !== part.side && next.side) return `next: the ${next.side} side`;
    if (next.direction !== part.direction && next.direction) return `next: ${next.direction}`;
  }
  const side = next.side ? `, ${next.side}` : '';
  return `next: ${move?.name ?? ''}${side}`;
};
