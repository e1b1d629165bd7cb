import { mustAsk } from '../../../needs';
import { answerIn } from '../../answers';
import { answerFix } from '../../choose';
import { eachStep } from '../../each-step';
import type { Finding } from '../../finding';
import { headLowFor } from './head-low';

/**
 * A step that somebody of the group cannot do at all, on any rung: they do another move, or rest. It is theirs to be led
 * with it; the fix is what all of them could do. Whoever has to ask a doctor first rests anyway, and is not counted.
 */
export const excluded = eachStep((at, { audience, lookup }): Finding[] => {
  if (!audience) return [];
  const met = audience.people.flatMap((person) => {
    if (person.limits.length === 0) return [];
    const answer = answerIn(at, person, audience, lookup);
    const rests = answer.verdict === 'leave out' && mustAsk(person.limits);
    const out = (answer.verdict === 'another move' || answer.verdict === 'leave out') && !rests;
    // A low head is told by itself, and more urgently.
    return out && !headLowFor(at, person) ? [{ person, answer }] : [];
  });
  const [first] = met;
  const [reason] = first?.answer.reasons ?? [];
  if (!first || !reason) return [];
  const fix = answerFix(at, first.answer, lookup);
  return [
    {
      code: 'excluded',
      weight: 'look',
      stepIds: [at.step.id],
      move: at.move.name,
      who: met.map(({ person }) => person.name),
      why: reason.why,
      ...(fix && { fix }),
    },
  ];
});
