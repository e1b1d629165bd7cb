import { stepOf } from '../library';
import { type Aside, WEIGHTS } from '../model';
import { canAllDo } from './can-do';
import { type Around, aroundIn } from './each-step';
import { type Finding, findingKey, type ReviewInput } from './finding';
import { aloneRules, reviewRules } from './rules';

const doable = new WeakMap<Around, Map<string, boolean>>();
/** Whether everybody of the group can do a move that is proposed; known again while nothing that bears on it has changed. */
const allCanDo = (moveId: string, rung: string | undefined, input: ReviewInput): boolean => {
  const around = aroundIn(input);
  const known = doable.get(around) ?? new Map<string, boolean>();
  doable.set(around, known);
  const key = `${moveId} ${rung ?? ''}`;
  const before = known.get(key);
  if (before !== undefined) return before;
  const move = input.lookup(moveId);
  const step = move && stepOf(move, 'proposed', input.resolved.approach);
  const answer =
    !move || !step || canAllDo(move, { ...step, rung: rung ?? step.rung }, input.audience ?? null);
  known.set(key, answer);
  return answer;
};

/** A finding without a fix that would bring in what somebody of the group cannot do. */
const careful = (finding: Finding, input: ReviewInput): Finding => {
  const { fix } = finding;
  if (!input.audience || (fix?.do !== 'add' && fix?.do !== 'swap')) return finding;
  if (allCanDo(fix.moveId, fix.do === 'swap' ? fix.rung : undefined, input)) return finding;
  const { fix: _, ...rest } = finding;
  return rest as Finding;
};

/** Everything the rules find, in order of weight. */
export const review = (input: ReviewInput): Finding[] => {
  const found = reviewRules.flatMap((rule) => rule(input)).map((finding) => careful(finding, input));
  return WEIGHTS.flatMap((weight) => found.filter((f) => f.weight === weight));
};

/** What is found in a break of one step that would be found of it anywhere. */
export const reviewAlone = (input: ReviewInput): Finding[] => aloneRules.flatMap((rule) => rule(input));

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
