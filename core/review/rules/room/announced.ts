import { demandsOf } from '../../../needs';
import { partsOf, placedSteps } from '../../facts';
import type { Finding, ReviewRule } from '../../finding';

/** What is announced before it comes, how it is found in what was said, and what one would say. Common practice, no source. */
const TOLD = {
  standing: {
    said: /\bstand/i,
    text: 'We begin sitting; the last moves are standing. Whoever would rather stay seated does them on the chair.',
  },
  'the floor': {
    said: /\bfloor\b/i,
    text: 'Later we go down to the floor. Whoever would rather stay on the chair does that.',
  },
  castors: {
    said: /\b(lock|wedge|castors?|rolls?\b.*chair|chair\b.*\broll)/i,
    text: 'If your chair rolls, lock it or wedge it against the desk before we come to the edge.',
  },
} as const;

/** What is said before the start of a break whose last moves are standing. */
export const STANDING_WORDS = TOLD.standing.text;

/** Getting up, going down, and the edge of a seat that rolls, with nobody told of it before. */
export const announced: ReviewRule = ({ resolved, timeline, audience }) => {
  const steps = placedSteps(resolved);
  const rolls = audience?.room.limits.includes('castors') ?? false;
  const first = {
    standing: steps.find(({ position }) => position === 'standing'),
    'the floor': steps.find(({ position }) => position === 'floor' || position === 'floor seat'),
    castors: rolls
      ? steps.find(({ move, step, position }) => {
          const asks = demandsOf(move, step.rung, position);
          return asks.has('chair carries') || asks.has('sideways on the seat');
        })
      : undefined,
  };
  return (Object.keys(TOLD) as (keyof typeof TOLD)[]).flatMap((what): Finding[] => {
    const at = first[what];
    // Where it is the very beginning, or all of the break, one is there already.
    if (!at || (what !== 'castors' && at.index === 0)) return [];
    const { said, text } = TOLD[what];
    const told = steps
      .slice(0, at.index + 1)
      .some((s) =>
        partsOf(timeline, s.step.id).some(
          (p) =>
            p.kind !== 'position' &&
            (s !== at || what === 'castors') &&
            p.lines.some((l) => said.test(l.text)),
        ),
      );
    if (told) return [];
    return [
      {
        code: 'unannounced',
        weight: 'look',
        stepIds: [at.step.id],
        move: at.move.name,
        what,
        fix: { do: 'announce', text },
      },
    ];
  });
};
