import type { LaidPart } from './layout';
import type { Part } from './timeline';

/** True for what is done or said for itself; everything else leads to it or away from it. */
const isUnit = (part: LaidPart): boolean => part.kind === 'work' || part.kind === 'note';

/** The same thing to do: one set of a step in one direction; within one pass sides differ only where they take turns. */
const sameUnit = (a: LaidPart, b: LaidPart): boolean =>
  a.kind === 'work' &&
  b.kind === 'work' &&
  a.stepId === b.stepId &&
  a.pass === b.pass &&
  a.set === b.set &&
  a.direction === b.direction;

/** What comes next within the parts of one item: indexes among them, null where it is whatever follows the item. */
export interface Within {
  next: (number | null)[];
  /** Where the first thing to do in it begins; null when there is none. */
  first: number | null;
}

/** For each part of an item the first part at which something else is to be done, among its own parts. */
export const nextWithin = (parts: readonly LaidPart[]): Within => {
  const next: (number | null)[] = new Array(parts.length).fill(null);
  /** Where the unit begins that is nearest from here on, and the one after that. */
  let here: number | null = null;
  let after: number | null = null;
  for (let i = parts.length - 1; i >= 0; i--) {
    const part = parts[i] as LaidPart;
    if (isUnit(part)) {
      if (here === null || !sameUnit(part, parts[here] as LaidPart)) after = here;
      here = i;
    }
    // A set-up already tells what begins, so what comes next is what comes after that.
    next[i] = isUnit(part) || part.kind === 'say' || part.kind === 'change' ? after : here;
  }
  return { next, first: here };
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
