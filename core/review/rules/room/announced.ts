import { isOnFloor } from '../../../model';
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
    'the floor': steps.find(({ position }) => isOnFloor(position)),
    castors: rolls
      ? steps.find(({ variant }) => {
          const asks = demandsOf(variant);
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

/** How getting up and going down are told of beforehand. */
const TELLS = {
  standing: /\b(?:stand up|get up|(?:come )?(?:up )?to standing|on (?:your|our) feet|standing)\b/i,
  'the floor':
    /\b(?:go|get|come|lie|sit|move|down) (?:\w+ ){0,3}(?:on|to|onto) (?:the|your|our|a) (?:floor|mats?)\b|\blie down\b/i,
} as const;
/** A choice tells nobody to do it, and feet stand on the floor all the time. */
const NO_PLAN =
  /\b(?:whoever|if you|you (?:may|can)|prefer|rather|feet|foot|soles?|heels?|toes|standing desk)\b/i;

/** Standing or the floor told of in a note, and it never comes. */
export const toldInVain: ReviewRule = ({ resolved }) => {
  const steps = placedSteps(resolved);
  const comes = {
    standing: steps.some(({ position }) => position === 'standing'),
    'the floor': steps.some(({ position }) => isOnFloor(position)),
  };
  const notes = steps.filter(({ move, step }) => move.onlyWords && step.words);
  return (Object.keys(TELLS) as (keyof typeof TELLS)[]).flatMap((what): Finding[] => {
    if (comes[what]) return [];
    const note = notes.find(({ step }) =>
      (step.words ?? '').split(/[.;!?]/).some((said) => TELLS[what].test(said) && !NO_PLAN.test(said)),
    );
    return note ? [{ code: 'toldInVain', weight: 'look', stepIds: [note.step.id], what }] : [];
  });
};
