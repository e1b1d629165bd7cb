import { describe, expect, it } from 'vitest';
import { stepOf } from '../library';
import { library, moveLookup } from '../library/all';
import { Approach, type ApproachQuestion, defaultApproach } from '../model';
import { reviewed } from '../review';
import { breakOf } from '../review/corpus/build';
import { SLIPS } from '../review/corpus/slips';
import { SOUND } from '../review/corpus/sound';
import { timed } from '../timing';
import { isOffered, regionOrder } from '.';

// Whoever answers a question is heard: every answer changes what is proposed, said, found or timed somewhere.
const lookup = moveLookup();
const breaks = [...SOUND, ...SLIPS.map(([name, lines, , more]) => [name, lines, more] as const)]
  // Breaks that answer a question themselves hear nothing of the instructor's answer.
  .filter(([, , more]) => more?.approach === undefined)
  .map(([name, lines, more]) => breakOf(name, lines, more));

/** Where an approach shows, the quickest to look at first: what is offered, what is proposed, said or found. */
const shownIn: Record<string, (approach: Approach) => unknown> = {
  offered: (approach) => [
    library.filter((m) => isOffered(m, approach)).map((m) => m.id),
    regionOrder(approach),
  ],
  proposed: (approach) =>
    library.map((m) => {
      const { id: _, ...step } = stepOf(m, 's', approach);
      return step;
    }),
  said: (approach) =>
    library.map((m) => {
      const made = timed({ ...breaks[0]!, items: [stepOf(m, 's', defaultApproach)] }, lookup, approach);
      return made.ok ? made.timeline.parts.map((p) => [p.lengthMs, p.lines.map((l) => l.text)]) : null;
    }),
  found: (approach) =>
    breaks
      .map((b) => reviewed(b, { library, lookup }, approach))
      .map((j) => j.ok && j.findings.map((f) => [f.code, f.stepIds, f.fix])),
};
const usual = Object.entries(shownIn).map(
  ([where, look]) => [where, look, JSON.stringify(look(defaultApproach))] as const,
);

/** How a new break is begun or led is asked for elsewhere, with tests of their own. */
const ELSEWHERE: Partial<Record<ApproachQuestion, string>> = {
  firstSide: 'the side a new break begins with',
};

const answers = (Object.keys(Approach.shape) as ApproachQuestion[]).flatMap((question) =>
  Approach.shape[question]
    .unwrap()
    .options.filter((answer) => answer !== defaultApproach[question])
    .map((answer) => [question, answer] as const),
);

describe('every answer of the approach', () => {
  it.each(answers.filter(([question]) => !ELSEWHERE[question]))(
    '%s: “%s” shows somewhere',
    (question, answer) => {
      const approach = { ...defaultApproach, [question]: answer } as Approach;
      const where = usual.find(([, look, before]) => JSON.stringify(look(approach)) !== before)?.[0];
      expect(where, `${question} = ${answer}`).toBeDefined();
    },
  );
});
