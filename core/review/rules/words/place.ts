import { cuesOf } from '../../../cues';
import type { Position } from '../../../model';
import { eachStep } from '../../each-step';
import type { Finding } from '../../finding';
import { saidIn } from './said-in';

/** How one is told to stand, to sit, to lie. Common words, no source. */
const STANDS =
  /\b(?:stand(?: up| tall| with| on| behind)?|standing|get up|rise from (?:the|your) (?:chair|seat)|on your feet)\b/i;
const SITS =
  /\b(?:sit (?:down|tall|up|on|at|in|forward|still)|sitting (?:on|tall|at|in)|seated|take a seat)\b/i;
const LIES = /\b(?:(?:lie|lying) (?:down|on (?:the|your) (?:back|side|floor|mat)))\b/i;
/** Each place with what it is not: who sits on the floor may lie there as well. */
const ELSEWHERE: Record<Position, readonly RegExp[]> = {
  back: [STANDS, LIES],
  edge: [STANDS, LIES],
  'wide edge': [STANDS, LIES],
  standing: [SITS, LIES],
  'floor seat': [STANDS],
  floor: [STANDS],
};
/** A sentence with such a word leaves a choice, forbids it, compares, or speaks of what comes later. */
const OTHERWISE =
  /\b(?:or|if|whether|whoever|anyone|prefer|instead|unless|without|not|never|no|then|later|next|before|after|afterwards|ready|soon|as|like|how|versions?|options?|alternatives?|\w+n[’']t)\b/i;

const sentencesOf = (text: string): string[] => text.split(/(?<=[.;:!?|])\s+/);

/** Where what is said is done: the first of these places that a move can be done in. */
const PLACES: ReadonlyMap<RegExp, readonly Position[]> = new Map([
  [STANDS, ['standing']],
  [SITS, ['back', 'edge']],
  [LIES, ['floor']],
]);

/** What a text asks for that cannot be done in a place, in small letters, and where it can; null where it asks for no such thing. */
export const elsewhereIn = (
  text: string,
  position: Position,
): { said: string; places: readonly Position[] } | null => {
  for (const sentence of sentencesOf(text)) {
    if (OTHERWISE.test(sentence)) continue;
    for (const pattern of ELSEWHERE[position]) {
      const [said] = pattern.exec(sentence) ?? [];
      if (said) return { said: said.toLowerCase(), places: PLACES.get(pattern) ?? [] };
    }
  }
  return null;
};

/**
 * Own words that say another place than the one where the step is done: “stand up” in a step on the seat. Where the move can
 * be done there, one press does it there.
 */
export const wordsPlace = eachStep(({ step, move, variant, position }): Finding[] => {
  if (!step.words || move.onlyWords) return [];
  const elsewhere = elsewhereIn(step.words, position);
  if (!elsewhere) return [];
  const { said, places } = elsewhere;
  // What the move's own words speak of as well belongs to it: a chair to stand behind, a fold to rise from.
  if (Object.values(cuesOf(variant)).some((cue) => cue?.toLowerCase().includes(said))) return [];
  const there = places.find((p) => p === move.position || move.alsoIn.includes(p));
  const stepIds = [step.id];
  return [
    {
      code: 'wordsPlace',
      weight: 'caution',
      stepIds,
      move: move.name,
      said,
      place: position,
      ...(there && { fix: { do: 'positions', position: there, stepIds } as const }),
    },
  ];
});

const EYES_CLOSED =
  /\b(?:(?:close|closing|shut|shutting) (?:the |your |both )?eyes|eyes (?:closed|shut))\b/gi;

/** Closed eyes in own words while one stands: balance goes with them. Common practice, no source. */
export const eyesStanding = eachStep(({ step, move, position }): Finding[] => {
  if (position !== 'standing' || !step.words) return [];
  const said = saidIn(step.words, EYES_CLOSED);
  return said === null
    ? []
    : [{ code: 'eyesStanding', weight: 'caution', stepIds: [step.id], move: move.name, said }];
});
