import { cuesOf } from '../../../cues';
import type { Area } from '../../../model';
import { eachStep } from '../../each-step';
import type { Finding } from '../../finding';

/** Parts of the body as they are said, and the areas that they stand for. Common words, no source. */
const PARTS: readonly (readonly [RegExp, readonly Area[]])[] = [
  [/\b(neck|nape)\b/i, ['neck']],
  [/\b(wrists?)\b/i, ['forearm', 'hand']],
  [/\b(fingers?|thumbs?|fists?)\b/i, ['hand', 'forearm']],
  [/\b(ankles?|toes|heels?|feet|foot)\b/i, ['foot', 'leg']],
  [/\b(knees?|thighs?|calves|calf|legs?|hamstrings?)\b/i, ['leg', 'hip', 'foot', 'low back']],
  [/\b(hips?|buttocks?)\b/i, ['hip', 'low back', 'leg', 'side']],
  [/\b(jaw|forehead|temples?|eyes?)\b/i, ['face', 'neck', 'breath']],
  [/\b(elbows?)\b/i, ['upper arm', 'shoulder', 'forearm', 'chest', 'upper back', 'side', 'neck']],
  [
    /\b(shoulders?|shoulder blades?)\b/i,
    ['shoulder', 'upper back', 'chest', 'neck', 'upper arm', 'side', 'breath'],
  ],
];

/** How a move of the neck is often told: named with another part, these say whose words they are, and by themselves nothing. */
const OF_THE_HEAD = /\b(ears?|chin|nose|head|gaze|crown)\b/i;
/** How one sits meanwhile is said in any move: “feet flat”, “soft knees”, “relax the jaw”, “press the feet down”. */
const MEANWHILE =
  /\b(?:(?:feet|foot|heels|knees|legs|hips|shoulders|jaw|eyes) (?:\w+ ){0,2}(?:soft|flat|heavy|relaxed|loose|still|steady|firm|planted|quiet|grounded|low|closed|shut|open|on the floor)|(?:close|shut|lower|open) (?:the |your |both )?eyes|(?:feet|foot|heels) (?:\w+ )?down|(?:soft(?:en)?|relax(?:ed)?|loose(?:n)?|unclench|firm|heavy) (?:the |your |both )?(?:feet|knees|legs|shoulders|jaw|eyes|forehead))\b/gi;

/**
 * A part of the body in own words that has nothing to do with the move: neither what the move is for, nor anything that its
 * own words speak of.
 */
export const wordsParts = eachStep(({ step, move, variant }): Finding[] => {
  if (!step.words || move.onlyWords) return [];
  const words = step.words.replaceAll(MEANWHILE, '');
  if (move.areas.includes('neck') && OF_THE_HEAD.test(words)) return [];
  const usual = Object.values(cuesOf(variant)).join(' ');
  const named = PARTS.flatMap(([pattern, areas]) => {
    const [said] = pattern.exec(words) ?? [];
    return said ? [{ said, known: areas.some((a) => move.areas.includes(a)) || pattern.test(usual) }] : [];
  });
  const [first] = named;
  if (!first || named.some(({ known }) => known)) return [];
  return [{ code: 'wordsPart', weight: 'caution', stepIds: [step.id], move: move.name, said: first.said }];
});
