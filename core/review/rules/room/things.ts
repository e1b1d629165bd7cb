import { thingWord } from '../../../cues';
import { Thing } from '../../../model';
import type { Line } from '../../../timing';
import { partsOf, placedSteps } from '../../facts';
import type { Finding, ReviewRule } from '../../finding';

const IN_REACH: readonly Thing[] = ['desk', 'chair'];

/** What is said before the start, so that nobody has to go and look for it halfway. */
export const announcement = (thing: Thing): string =>
  thing === 'wall'
    ? `Later we need ${thingWord('wall')}. See where yours is before we start.`
    : `Later we need ${thingWord(thing)}. Put it within reach before we start.`;

/** What serves as a thing and is called by its own name. */
const SERVES: Partial<Record<Thing, string>> = { strap: '|scarf|scarves|belt|towel|band' };
/** How each thing is found in what is said. */
const NAMED = new Map(
  Thing.options.map((thing) => [thing, new RegExp(`\\b(?:${thing}${SERVES[thing] ?? ''})`, 'i')]),
);
const namedBefore = new WeakMap<readonly Line[], ReadonlySet<Thing>>();
/** The things that are named in what is said; looked up again where the same is said. */
const namedIn = (lines: readonly Line[]): ReadonlySet<Thing> => {
  const known = namedBefore.get(lines);
  if (known) return known;
  const named = new Set(Thing.options.filter((t) => lines.some((line) => NAMED.get(t)?.test(line.text))));
  namedBefore.set(lines, named);
  return named;
};

/** Words that ask for something to be at hand. */
const ANNOUNCES =
  /\b(need|within reach|at hand|to hand|have|ready|bring|get|take|fetch|put|grab|find|use)\b/i;

/** A thing needed halfway that nobody has been told of. */
export const things: ReviewRule = ({ resolved, timeline }) => {
  const steps = placedSteps(resolved);
  const known = new Set<Thing>(IN_REACH);
  const found: Finding[] = [];
  for (const { step, move, index, things } of steps) {
    for (const thing of things) {
      if (known.has(thing)) continue;
      known.add(thing);
      const said = steps
        .slice(0, index)
        .some((s) => partsOf(timeline, s.step.id).some((p) => namedIn(p.lines).has(thing)));
      if (index === 0 || said) continue;
      const fix = { do: 'announce', text: announcement(thing) } as const;
      found.push({ code: 'thingLate', weight: 'caution', stepIds: [step.id], move: move.name, thing, fix });
    }
  }
  // What is asked for before the start is needed later.
  for (const { step } of steps) {
    const asked = ANNOUNCES.test(step.words ?? '') ? Thing.options.filter((t) => !IN_REACH.includes(t)) : [];
    // “A strap, towel or scarf” is one thing by three names.
    const named = asked.filter((thing) => NAMED.get(thing)?.test(step.words ?? ''));
    const [thing] = named;
    if (thing && !steps.some((s) => named.some((one) => s.things.includes(one))))
      found.push({ code: 'thingUnused', weight: 'look', stepIds: [step.id], thing });
  }
  return found;
};
