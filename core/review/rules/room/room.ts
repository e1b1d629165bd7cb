import { answerIn } from '../../answers';
import { answerFix } from '../../choose';
import { eachStep } from '../../each-step';
import type { Finding } from '../../finding';

/** Chairs, space or things of the group's room that do not go with a step. */
export const room = eachStep((at, { audience, lookup }): Finding[] => {
  if (!audience) return [];
  const { step, move } = at;
  const answer = answerIn(at, null, audience, lookup);
  const [reason] = answer.reasons;
  if (answer.verdict === 'fine' || !reason) return [];
  const fix = answerFix(at, answer, lookup);
  return [
    {
      code: 'roomUnfit',
      weight: 'caution',
      stepIds: [step.id],
      move: move.name,
      why: reason.why,
      ...(fix && { fix }),
    },
  ];
});
