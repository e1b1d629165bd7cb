import { demandsOf, rulesOf } from '../../../needs';
import { answerIn } from '../../answers';
import { answerFix } from '../../choose';
import { eachStep } from '../../each-step';
import type { Finding } from '../../finding';

/** The head below the heart for people who must avoid that: dizziness, blood or eye pressure, pregnancy and so on. */
export const headLow = eachStep((at, { audience, lookup }): Finding[] => {
  if (!audience) return [];
  const { step, move } = at;
  if (!demandsOf(move, step.rung).has('head low')) return [];
  const met = audience.people.flatMap((person) =>
    person.limits
      .flatMap(({ limit }) => rulesOf(limit))
      .filter((rule) => rule.demand === 'head low' && rule.weight !== 'care')
      .map((rule) => ({ person, rule })),
  );
  const [first] = met;
  if (!first) return [];
  const who = [...new Set(met.map(({ person }) => person.name))];
  const answer = answerIn(at, first.person, audience, lookup);
  const fix = answerFix(at, answer, lookup);
  return [
    {
      code: 'headLow',
      weight: 'stop',
      stepIds: [step.id],
      move: move.name,
      who,
      why: first.rule.why,
      ...(fix && { fix }),
    },
  ];
});
