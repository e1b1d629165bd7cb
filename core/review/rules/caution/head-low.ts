import type { Person } from '../../../model';
import { demandsOf, type NeedRule, rulesOf } from '../../../needs';
import { answerIn } from '../../answers';
import { answerFix } from '../../choose';
import { eachStep } from '../../each-step';
import type { PlacedStep } from '../../facts';
import type { Finding } from '../../finding';

/** What a person's limits say to a low head, where a step has one; undefined where nothing does. */
export const headLowFor = ({ variant }: Pick<PlacedStep, 'variant'>, person: Person): NeedRule | undefined =>
  demandsOf(variant).has('head low')
    ? person.limits
        .flatMap(({ limit }) => rulesOf(limit))
        .find((rule) => rule.demand === 'head low' && rule.weight !== 'care')
    : undefined;

/** The head below the heart for people who must avoid that: dizziness, blood or eye pressure, pregnancy and so on. */
export const headLow = eachStep((at, { audience, lookup }): Finding[] => {
  if (!audience) return [];
  const { step, move } = at;
  const met = audience.people.flatMap((person) => {
    const rule = headLowFor(at, person);
    return rule ? [{ person, rule }] : [];
  });
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
