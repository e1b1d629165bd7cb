import { THING_WORDS } from '../../cues';
import type { Thing } from '../../model';
import { placedSteps } from '../facts';
import type { Finding, ReviewRule } from '../finding';

const IN_REACH: readonly Thing[] = ['desk', 'chair'];

/** What is said before the start, so that nobody has to go and look for it halfway. */
export const announcement = (thing: Thing): string =>
  thing === 'wall'
    ? `Later we need ${THING_WORDS.wall}. See where yours is before we start.`
    : `Later we need ${THING_WORDS[thing]}. Put it within reach before we start.`;

/** A thing needed halfway that nobody has been told of. */
export const things: ReviewRule = ({ resolved, timeline }) => {
  const steps = placedSteps(resolved);
  const known = new Set<Thing>(IN_REACH);
  const found: Finding[] = [];
  for (const { step, move, index, things } of steps) {
    for (const thing of things) {
      if (known.has(thing)) continue;
      known.add(thing);
      const before = new Set(steps.slice(0, index).map((s) => s.step.id));
      const said = timeline.parts.some(
        (p) => before.has(p.stepId) && p.lines.some((line) => new RegExp(`\\b${thing}`, 'i').test(line.text)),
      );
      if (index === 0 || said) continue;
      const fix = { do: 'announce', text: announcement(thing) } as const;
      found.push({ code: 'thingLate', weight: 'caution', stepIds: [step.id], move: move.name, thing, fix });
    }
  }
  return found;
};
