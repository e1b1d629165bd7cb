import type { Milliseconds, Move } from '@kotabi/core/model';
import type { Part } from '@kotabi/core/timing';

/** The last part of a set-up, in which people get into place. */
const INTO_MS = 2500;
/** One repetition while it is explained. */
const SHOWN_MS = 5000;

/**
 * Where the movement of the figure is, 0 to 1, at a moment of a part: into a hold while it is announced and then
 * still; through each repetition; and back at the end.
 */
export const figurePhase = (part: Part, remainingMs: Milliseconds, move: Pick<Move, 'figure'>): number => {
  const holds = (move.figure?.path ?? 'there') === 'there';
  const elapsed = Math.max(0, part.lengthMs - remainingMs);
  switch (part.kind) {
    case 'work': {
      if (holds && part.reps === null) return 1;
      const repMs = part.reps === null ? 4000 : part.lengthMs / part.reps;
      return (elapsed % repMs) / repMs;
    }
    case 'say':
    case 'change':
      // What is repeated is shown slowly while it is explained.
      return holds ? Math.min(1, Math.max(0, 1 - remainingMs / INTO_MS)) : (elapsed % SHOWN_MS) / SHOWN_MS;
    case 'return':
      return holds ? Math.max(0, remainingMs / Math.max(1, part.lengthMs)) : 0;
    default:
      return holds && part.kind === 'rest' ? 1 : 0;
  }
};
