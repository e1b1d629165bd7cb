import { Break, Chain, type Item, Step, stepsOf } from '../model';

/** One thing that differs between two states of a break; the words are the interface's. */
export type Change =
  | { code: 'added'; step: Step; after: string | null }
  | { code: 'removed'; step: Step }
  | { code: 'moved'; step: Step; by: number }
  | { code: 'step'; step: Step; field: StepField; before: unknown; after: unknown }
  | { code: 'series made'; chain: Chain }
  | { code: 'series taken apart'; chain: Chain }
  | {
      code: 'series';
      chain: Chain;
      field: (typeof CHAIN_FIELDS)[number];
      before: unknown;
      after: unknown;
    }
  | { code: 'break'; field: BreakField; before: unknown; after: unknown };

/** Everything a shape has but some of it. */
const fieldsOf = <K extends string, N extends K>(shape: Record<K, unknown>, ...not: N[]): Exclude<K, N>[] =>
  (Object.keys(shape) as K[]).filter((key): key is Exclude<K, N> => !(not as K[]).includes(key));

/** Whatever a step, a series or a break has besides its name and what is in it: a field that comes new is compared as well. */
export const STEP_FIELDS = fieldsOf(Step.shape, 'id', 'type');
export type StepField = (typeof STEP_FIELDS)[number];
export const CHAIN_FIELDS = fieldsOf(Chain.shape, 'id', 'type', 'links', 'between');
export const BREAK_FIELDS = fieldsOf(Break.shape, 'id', 'items', 'aside', 'formOf');
export type BreakField = (typeof BREAK_FIELDS)[number];

const same = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b);

/** The longest run of steps that kept their order: everything else that is in both has moved. */
const stayed = (before: readonly string[], after: readonly string[]): Set<string> => {
  const at = new Map(before.map((id, i) => [id, i]));
  const common = after.filter((id) => at.has(id));
  // Longest increasing subsequence of the old places, by the plain quadratic way: breaks are short.
  const best = common.map(() => 1);
  const from = common.map(() => -1);
  for (let i = 0; i < common.length; i++)
    for (let k = 0; k < i; k++)
      if (
        (at.get(common[k] ?? '') ?? 0) < (at.get(common[i] ?? '') ?? 0) &&
        (best[k] ?? 0) + 1 > (best[i] ?? 0)
      ) {
        best[i] = (best[k] ?? 0) + 1;
        from[i] = k;
      }
  const kept = new Set<string>();
  for (let i = best.indexOf(Math.max(0, ...best)); i >= 0; i = from[i] ?? -1) kept.add(common[i] ?? '');
  return kept;
};

const chainsOf = (items: readonly Item[]): Chain[] => items.filter((it): it is Chain => it.type === 'chain');

/**
 * What changed from one state of a break to another: steps by their ids, in the order of the later state, what was
 * removed first; then series, then the break itself.
 */
export const compareBreaks = (before: Break, after: Break): Change[] => {
  const [old, now] = [stepsOf(before), stepsOf(after)];
  const oldById = new Map(old.map((s) => [s.id, s]));
  const nowIds = new Set(now.map((s) => s.id));
  const kept = stayed(
    old.map((s) => s.id),
    now.map((s) => s.id),
  );
  const changes: Change[] = old.filter((s) => !nowIds.has(s.id)).map((step) => ({ code: 'removed', step }));
  now.forEach((step, i) => {
    const was = oldById.get(step.id);
    if (!was) {
      changes.push({ code: 'added', step, after: now[i - 1]?.moveId ?? null });
      return;
    }
    if (!kept.has(step.id))
      changes.push({ code: 'moved', step, by: i - old.findIndex((s) => s.id === step.id) });
    for (const field of STEP_FIELDS)
      if (!same(was[field], step[field]))
        changes.push({ code: 'step', step, field, before: was[field], after: step[field] });
  });
  const oldChains = new Map(chainsOf(before.items).map((c) => [c.id, c]));
  const nowChains = chainsOf(after.items);
  for (const chain of nowChains) {
    const was = oldChains.get(chain.id);
    if (!was) changes.push({ code: 'series made', chain });
    else
      for (const field of CHAIN_FIELDS)
        if (!same(was[field], chain[field]))
          changes.push({ code: 'series', chain, field, before: was[field], after: chain[field] });
  }
  const left = new Set(nowChains.map((c) => c.id));
  for (const chain of oldChains.values())
    if (!left.has(chain.id)) changes.push({ code: 'series taken apart', chain });
  for (const field of BREAK_FIELDS)
    if (!same(before[field], after[field]))
      changes.push({ code: 'break', field, before: before[field], after: after[field] });
  return changes;
};
