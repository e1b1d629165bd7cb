import { answerIn } from '../../answers';
import { forEachStep } from '../../each-step';
import { partsOf, placedSteps } from '../../facts';
import type { Audience, Finding, ReviewRule } from '../../finding';

/** Longer than this nobody should sit and watch. Common practice, no source. */
export const IDLE_MS = 30_000;

/** For each step, whom of the people it leaves with nothing to do. */
const leftOut = forEachStep(
  (at, { audience, lookup }): ReadonlySet<string> =>
    new Set(
      (audience?.people ?? [])
        .filter(
          (p) => p.limits.length > 0 && answerIn(at, p, audience as Audience, lookup).verdict === 'leave out',
        )
        .map((p) => p.id),
    ),
);

/** Someone who has to leave out step after step, for more than half a minute. */
export const idle: ReviewRule = (input) => {
  const { resolved, timeline, audience } = input;
  if (!audience) return [];
  const out = leftOut(input);
  if (out.every((who) => who.size === 0)) return [];
  const steps = placedSteps(resolved);
  const lengths = steps.map(({ step }) => partsOf(timeline, step.id).reduce((sum, p) => sum + p.lengthMs, 0));
  return audience.people.flatMap((person): Finding[] => {
    if (person.limits.length === 0) return [];
    let run: number[] = [];
    let longest: number[] = [];
    const lengthOf = (list: readonly number[]): number => list.reduce((ms, i) => ms + (lengths[i] ?? 0), 0);
    out.forEach((who, i) => {
      run = who.has(person.id) ? [...run, i] : [];
      if (lengthOf(run) > lengthOf(longest)) longest = run;
    });
    const lengthMs = lengthOf(longest);
    const first = steps[longest[0] ?? -1];
    if (lengthMs <= IDLE_MS || !first) return [];
    return [
      {
        code: 'leftIdle',
        weight: 'caution',
        stepIds: longest.flatMap((i) => steps[i]?.step.id ?? []),
        who: person.name,
        lengthMs,
        move: first.move.name,
      },
    ];
  });
};
