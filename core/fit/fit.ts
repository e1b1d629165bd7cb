import { removeSteps } from '../edit';
import {
  type Approach,
  type Break,
  type Dose,
  type Milliseconds,
  type Move,
  type MoveLookup,
  mapChain,
  type Step,
  stepsOf,
  withAmount,
} from '../model';
import { letsGoIn } from '../review/rules/order/frame';
import { compileTimeline, placedSteps, type ResolveFailure, resolveBreak } from '../timing';
import { chooseDoses } from './doses';
import { fitProblem, leastMs } from './problem';
import { twinsOf } from './twins';

/** What was changed in a step's dose. */
export interface DoseChange {
  stepId: string;
  from: Dose;
  to: Dose;
}

export type FitResult =
  | {
      ok: true;
      brk: Break;
      /** Steps left out, in the order in which they went. */
      dropped: Step[];
      changes: DoseChange[];
      beforeMs: Milliseconds;
      afterMs: Milliseconds;
    }
  /** Even the steps that must stay, at their least doses, are longer than the slot. */
  | { ok: false; code: 'tooMuchKept'; leastMs: Milliseconds; slotMs: Milliseconds; kept: Step[] }
  | { ok: false; code: 'unresolved'; failures: ResolveFailure[] };

/** What stays longest. */
const STAYS = 3;
/** What goes first when time is short. Settling, the breath, the close and words stay longest. Common practice. */
export const priorityOf = (step: Step, move: Move): number => {
  if (step.priority !== undefined) return step.priority;
  return move.onlyWords || ['settle', 'breathe', 'close'].includes(move.kind) ? STAYS : 2;
};

/** What others rely on goes after its equals, and before what is said to matter more. */
const LATER = 0.5;
/**
 * The steps that alone balance another one (fingers up where there is only fingers down, a round back after an open chest), and
 * what readies an area for a hold, which would be cold without it.
 */
const relied = (steps: readonly Step[], lookup: MoveLookup): ReadonlySet<string> =>
  new Set(
    steps.flatMap((s) => {
      const move = lookup(s.moveId);
      const by = move?.balancedBy ?? [];
      const others = steps.filter((o) => by.includes(o.moveId)).map((o) => o.id);
      return [...(move?.kind === 'mobilise' ? [s.id] : []), ...(others.length === 1 ? others : [])];
    }),
  );

const without = (brk: Break, ids: readonly string[]): Break => {
  const draft = {
    ...brk,
    items: brk.items.map((it) => (it.type === 'chain' ? mapChain(it, (step) => step) : it)),
  };
  removeSteps(draft, ids);
  return draft;
};

const withDoses = (brk: Break, amounts: ReadonlyMap<string, number>): Break => {
  const dosed = (step: Step): Step => {
    const amount = amounts.get(step.id);
    return amount === undefined || amount === step.dose.amount
      ? step
      : { ...step, dose: withAmount(step.dose, amount) };
  };
  return {
    ...brk,
    items: brk.items.map((it) => (it.type === 'chain' ? mapChain(it, dosed) : dosed(it))),
  };
};

/**
 * Fits a break into its slot. All steps stay if they fit at their least doses; else whole steps go, the lowest
 * priority first, of equals the later one, never one that is kept; what lets go last stays as long as what frames a break,
 * and the two sides of a move go together. Then the doses are chosen, see `chooseDoses`.
 * Both ways of a move keep the same dose.
 */
export const fitBreak = (brk: Break, lookup: MoveLookup, approach: Approach): FitResult => {
  const dropped: Step[] = [];
  const first = resolveBreak(brk, lookup, approach);
  if (!first.ok) return { ok: false, code: 'unresolved', failures: first.failures };
  const beforeMs = compileTimeline(first.value).totals.totalMs;
  const steps = stepsOf(brk);
  const order = new Map(steps.map((s, i) => [s.id, i]));
  const twins = twinsOf(steps);
  const byId = new Map(steps.map((s) => [s.id, s]));
  const needed = relied(steps, lookup);
  const letsGo = placedSteps(first.value).filter(letsGoIn).at(-1)?.step.id;
  const canGo = steps
    .filter((s) => !s.keep)
    .sort((a, b) => {
      const by = (s: Step) =>
        s.id === letsGo
          ? (s.priority ?? STAYS)
          : priorityOf(s, lookup(s.moveId) as Move) + (needed.has(s.id) ? LATER : 0);
      return by(a) - by(b) || (order.get(b.id) ?? 0) - (order.get(a.id) ?? 0);
    });
  let current = brk;
  for (;;) {
    const resolved = resolveBreak(current, lookup, approach);
    if (!resolved.ok) return { ok: false, code: 'unresolved', failures: resolved.failures };
    const problem = fitProblem(resolved.value, compileTimeline(resolved.value));
    if (leastMs(problem) <= problem.slotMs) {
      const doses = chooseDoses(problem);
      if (doses) {
        const fitted = withDoses(current, doses.amounts);
        const before = new Map(stepsOf(brk).map((s) => [s.id, s.dose]));
        const changes = stepsOf(fitted).flatMap(({ id, dose }): DoseChange[] => {
          const from = before.get(id);
          return from && from.amount !== dose.amount ? [{ stepId: id, from, to: dose }] : [];
        });
        return { ok: true, brk: fitted, dropped, changes, beforeMs, afterMs: doses.totalMs };
      }
    }
    const next = canGo.shift();
    if (!next)
      return {
        ok: false,
        code: 'tooMuchKept',
        leastMs: leastMs(problem),
        slotMs: problem.slotMs,
        kept: stepsOf(current),
      };
    if (dropped.includes(next)) continue;
    const twin = byId.get(twins.get(next.id) ?? '');
    // One side does not go without the other.
    if (twin?.keep) continue;
    const gone = twin ? [next, twin] : [next];
    dropped.push(...gone);
    current = without(
      current,
      gone.map((s) => s.id),
    );
  }
};
