import { type Aside, WEIGHTS } from '../model';
import { type Finding, findingKey, type ReviewInput } from './finding';
import { reviewRules } from './rules';

/** Everything the rules find, in order of weight. */
export const review = (input: ReviewInput): Finding[] => {
  const found = reviewRules.flatMap((rule) => rule(input));
  return WEIGHTS.flatMap((weight) => found.filter((f) => f.weight === weight));
};

/** What is still open, and what was set aside with its reason. */
export interface Judged {
  open: Finding[];
  aside: { finding: Finding; reason: string }[];
}

/** Parts what was set aside from the rest. A finding that comes back after it was mended is still set aside. */
export const judged = (findings: readonly Finding[], aside: readonly Aside[] = []): Judged => {
  const reasons = new Map(aside.map((a) => [a.key, a.reason]));
  const open: Finding[] = [];
  const kept: Judged['aside'] = [];
  for (const finding of findings) {
    const reason = reasons.get(findingKey(finding));
    if (reason === undefined) open.push(finding);
    else kept.push({ finding, reason });
  }
  return { open, aside: kept };
};
