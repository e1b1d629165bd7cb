import type { MoveLookup } from '@kotabi/core/model';
import type { Answer, NeedsRow, Reason } from '@kotabi/core/needs';

/** The answer in a phrase: which rung, or which move instead. */
export const answerText = (answer: Answer, lookup: MoveLookup): string => {
  switch (answer.verdict) {
    case 'fine':
      return answer.care.length > 0 ? 'fine, with care' : 'fine';
    case 'easier rung':
      return answer.rung === 'seated' ? 'stays seated' : `rung “${answer.rung}”`;
    case 'another move':
      return `instead: ${lookup(answer.instead ?? '')?.name ?? 'another move'}`;
    case 'leave out':
      return 'leaves this out';
  }
};

const unique = (texts: readonly string[]): string[] => [...new Set(texts)];

/** The reasons of an answer, in phrases. */
export const reasonText = (reasons: readonly Reason[]): string =>
  unique(reasons.map((r) => r.why)).join('; ');

/** The answer as it is said to the group. */
const spoken = (answer: Answer, lookup: MoveLookup): string => {
  if (answer.verdict === 'another move') return `do “${lookup(answer.instead ?? '')?.name ?? ''}” instead`;
  if (answer.verdict === 'leave out') return 'leave this one out';
  return answer.rung === 'seated' ? 'stay seated' : `the easier rung, “${answer.rung}”`;
};

/** What a limit is called in a sentence to the whole group, without a name. */
const WHO: Record<string, string> = {
  neck: 'a sore neck',
  dizziness: 'dizziness',
  'blood or eye pressure': 'high blood or eye pressure',
  osteoporosis: 'brittle bones',
  shoulder: 'a sore shoulder',
  'wrist or hand': 'a sore wrist or hand',
  'low back': 'a sore low back',
  hip: 'a sore hip',
  'hip replacement': 'a new hip',
  knee: 'a sore knee',
  pregnancy: 'a baby on the way',
  hypermobility: 'very loose joints',
  balance: 'unsteady balance',
  'asthma or breath': 'short breath',
  'recent surgery': 'a recent operation',
  'cannot stand': 'reasons to stay seated',
  'one arm': 'one arm to use',
  'limited sight': 'limited sight',
  'limited hearing': 'limited hearing',
};

/**
 * What can be read out before the start: one short sentence a step, without names, for those steps in which
 * someone needs something else.
 */
export const readOut = (
  rows: readonly NeedsRow[],
  lookup: MoveLookup,
): { stepId: string; move: string; lines: string[] }[] =>
  rows.flatMap(({ step, answers }) => {
    const lines = answers
      .filter(({ answer }) => answer.verdict !== 'fine')
      .map(({ answer }) => {
        const limits = unique(
          answer.reasons.flatMap(({ limit }) => {
            const name = typeof limit === 'string' ? null : WHO[limit.limit];
            return name ? [name] : [];
          }),
        );
        const who = limits.length > 0 ? `With ${limits.join(' or ')}` : 'In these chairs';
        return `${who}: ${spoken(answer, lookup)}.`;
      });
    return lines.length > 0
      ? [{ stepId: step.id, move: lookup(step.moveId)?.name ?? '', lines: unique(lines) }]
      : [];
  });
