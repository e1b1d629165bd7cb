import {
  type Approach,
  approachOf,
  type Break,
  type Chain,
  defaultApproach,
  type Move,
  type MoveLookup,
  type Step,
  stepsOf,
} from '../model';
import type { Say } from '../words';

/** A step together with its move. */
export interface ResolvedStep {
  step: Step;
  move: Move;
  /** The move that is done at the same time. */
  meanwhile?: Move;
}
export interface ResolvedChain {
  chain: Chain;
  links: ResolvedStep[];
  /** What stands between its sides. */
  between: ResolvedStep[];
}
export type ResolvedItem = ResolvedStep | ResolvedChain;

/** A break whose moves are all known and whose chains can be led. */
export interface ResolvedBreak {
  brk: Break;
  items: ResolvedItem[];
  /** The instructor's approach with the break's own answers over it. */
  approach: Approach;
  /** In which language it is spoken; English when left out. */
  say?: Say;
}

/** Why a break cannot be compiled, and where. */
export interface ResolveFailure {
  code: 'unknownMove';
  stepId: string;
  moveId: string;
}

export type Resolved = { ok: true; value: ResolvedBreak } | { ok: false; failures: ResolveFailure[] };

export const isResolvedChain = (item: ResolvedItem): item is ResolvedChain => 'chain' in item;

/** Finds the move of every step. */
export const resolveBreak = (brk: Break, lookup: MoveLookup, own: Approach = defaultApproach): Resolved => {
  const failures: ResolveFailure[] = [];
  const found = new Map<string, Move>();
  for (const { id, moveId, meanwhile } of stepsOf(brk))
    for (const needed of meanwhile ? [moveId, meanwhile.moveId] : [moveId]) {
      const move = lookup(needed);
      if (move) found.set(needed, move);
      else failures.push({ code: 'unknownMove', stepId: id, moveId: needed });
    }
  if (failures.length > 0) return { ok: false, failures };
  const resolve = (step: Step): ResolvedStep => ({
    step,
    move: found.get(step.moveId) as Move,
    ...(step.meanwhile && { meanwhile: found.get(step.meanwhile.moveId) as Move }),
  });
  const items = brk.items.map(
    (item): ResolvedItem =>
      item.type === 'chain'
        ? { chain: item, links: item.links.map(resolve), between: (item.between ?? []).map(resolve) }
        : resolve(item),
  );
  return { ok: true, value: { brk, items, approach: approachOf(own, brk.approach) } };
};

/** Every step of a resolved break with its move, links of chains included, in order. */
export const resolvedSteps = ({ items }: ResolvedBreak): ResolvedStep[] =>
  items.flatMap((item) => (isResolvedChain(item) ? [...item.links, ...item.between] : [item]));

/** Finds the move of a step by the step's id. */
export const stepMoves = (resolved: ResolvedBreak): ((stepId: string) => Move | undefined) => {
  const moves = new Map(resolvedSteps(resolved).map(({ step, move }) => [step.id, move]));
  return (stepId) => moves.get(stepId);
};
