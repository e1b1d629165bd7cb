import type { LaidPart } from './layout';
import type { Part } from './timeline';

/** What is the same thing to do: one set of a step, on one side unless the sides take turns, in one direction. */
const unitOf = (part: LaidPart): string | null => {
  if (part.kind === 'note') return `${part.stepId} note`;
  if (part.kind !== 'work') return null;
  const side = part.reps === 1 && part.pass === 0 ? 'turns' : part.side;
  return `${part.stepId} ${part.pass} ${side} ${part.direction} ${part.set}`;
};

/** For each part the index of the first part at which something else is to be done; null where nothing is. */
export const nextIndexes = (parts: readonly LaidPart[]): (number | null)[] => {
  const next: (number | null)[] = new Array(parts.length).fill(null);
  /** The units that begin at or after the part looked at, the nearest last. */
  const seen: { unit: string; index: number }[] = [];
  for (let i = parts.length - 1; i >= 0; i--) {
    const part = parts[i] as LaidPart;
    const unit = unitOf(part);
    if (unit !== null) {
      const here = seen.at(-1);
      if (here?.unit === unit) here.index = i;
      else seen.push({ unit, index: i });
      next[i] = seen.at(-2)?.index ?? null;
    } else if (part.kind === 'say' || part.kind === 'change') {
      // A set-up already tells what begins, so what comes next is what comes after that.
      next[i] = seen.at(-2)?.index ?? null;
    } else next[i] = seen.at(-1)?.index ?? null;
  }
  return next;
};

/** What comes next, as far as it differs from what is done now. */
export type Ahead =
  | { change: 'end' }
  | { change: 'set'; set: number; sets: number }
  | { change: 'side'; way: string }
  | { change: 'direction'; direction: string }
  | { change: 'move'; moveName: string; way: string };

/** What comes after a part; null stands for before the start. */
export const aheadOf = (parts: readonly Part[], part: Part | null): Ahead => {
  const index = part ? part.next : parts.findIndex((p) => p.kind === 'work' || p.kind === 'note');
  const next = index === null ? undefined : parts[index];
  if (!next) return { change: 'end' };
  if (
    part &&
    next.kind === 'work' &&
    next.stepId === part.stepId &&
    part.kind !== 'position' &&
    part.kind !== 'fetch'
  ) {
    if (next.pass !== part.pass) return { change: 'side', way: next.way };
    if (next.direction !== part.direction && next.direction && part.kind !== 'return')
      return { change: 'direction', direction: next.direction };
    if (next.set > 1) return { change: 'set', set: next.set, sets: next.sets };
  }
  return { change: 'move', moveName: next.moveName, way: next.way };
};
