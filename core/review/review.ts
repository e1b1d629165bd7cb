import { stepOf } from '../library';
import { type Aside, WEIGHTS } from '../model';
import { canAllDo } from './can-do';
import { type Finding, findingKey, type ReviewInput } from './finding';
import { reviewRules } from './rules';

/** A finding without a fix that would bring in what somebody of the group cannot do. */
const careful = (finding: Finding, { audience, lookup, resolved }: ReviewInput): Finding => {
  const { fix } = finding;
  if (!audience || (fix?.do !== 'add' && fix?.do !== 'swap')) return finding;
  const move = lookup(fix.moveId);
  if (!move) return finding;
  const step = stepOf(move, 'proposed', resolved.approach);
  const rung = fix.do === 'swap' ? (fix.rung ?? step.rung) : step.rung;
  if (canAllDo(move, { ...step, rung }, audience, lookup)) return finding;
  const { fix: _, ...rest } = finding;
  return rest as Finding;
};

/** Everything the rules find, in order of weight. */
export const review = (input: ReviewInput): Finding[] => {
  const found = reviewRules.flatMap((rule) => rule(input)).map((finding) => careful(finding, input));
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
