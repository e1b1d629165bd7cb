import { type Break, type Chain, type Item, MOST_LINKS, type Step } from '../model';
import { sharedSides } from '../timing';

/** Where a step stands: its item, and its place within it when that is a chain. */
export interface Place {
  item: number;
  link: number | null;
}

export const placeOf = (brk: Pick<Break, 'items'>, stepId: string): Place | null => {
  for (const [item, it] of brk.items.entries()) {
    if (it.type === 'step' ? it.id === stepId : false) return { item, link: null };
    if (it.type === 'chain') {
      const link = it.links.findIndex((l) => l.id === stepId);
      if (link >= 0) return { item, link };
    }
  }
  return null;
};

/** The steps of a series: its links and what stands between its sides. */
const inChain = ({ links, between = [] }: Chain): Step[] => [...links, ...between];

export const stepAt = (brk: Pick<Break, 'items'>, stepId: string): Step | undefined => {
  for (const it of brk.items) {
    if (it.type === 'step' && it.id === stepId) return it;
    const link = it.type === 'chain' ? inChain(it).find((l) => l.id === stepId) : undefined;
    if (link) return link;
  }
  return undefined;
};

/** The chain a step is a link of. */
export const chainOf = (brk: Pick<Break, 'items'>, stepId: string): Chain | undefined =>
  brk.items.find((it): it is Chain => it.type === 'chain' && inChain(it).some((l) => l.id === stepId));

/** Puts a step behind another one (behind its whole chain), or at the end. */
export const insertStep = (draft: Break, step: Step, afterId: string | null): void => {
  const place = afterId === null ? null : placeOf(draft, afterId);
  draft.items.splice(place ? place.item + 1 : draft.items.length, 0, step);
};

/** A link that stands alone again: it is done on the sides that the series was done on, first side included. */
const alone = (link: Step, { sides, firstSide }: Chain): Step => {
  const { turned: _, ...step } = link;
  const left = sharedSides(sides, step.sides);
  return {
    ...step,
    ...(left !== 'none' && { sides: left }),
    ...(firstSide && step.firstSide === undefined && { firstSide }),
  };
};

/** A chain with one link left is a plain step again, and an empty one is gone. */
export const settleChains = (draft: Break): void => {
  draft.items = draft.items.flatMap((it): Item[] =>
    it.type === 'chain' && it.links.length < 2
      ? [...it.links.map((link) => alone(link, it)), ...(it.between ?? [])]
      : [it],
  );
};

export const removeSteps = (draft: Break, ids: readonly string[]): void => {
  draft.items = draft.items.filter((it) => it.type === 'chain' || !ids.includes(it.id));
  for (const it of draft.items)
    if (it.type === 'chain') {
      it.links = it.links.filter((l) => !ids.includes(l.id));
      if (it.between) it.between = it.between.filter((s) => !ids.includes(s.id));
    }
  settleChains(draft);
};

/** Why steps cannot be made a chain; null when they can. */
export const whyNoChain = (brk: Break, ids: readonly string[]): string | null => {
  const places = ids.map((id) => placeOf(brk, id));
  const items = [...new Set(places.map((p) => p?.item ?? -1))].sort((a, b) => a - b);
  if (items.includes(-1) || ids.length < 2) return 'Choose two or more steps that follow each other.';
  if (items.length < 2) return 'These are one series already.';
  if (items.some((item, i) => i > 0 && item !== (items[i - 1] ?? 0) + 1))
    return 'The steps of a series must follow each other.';
  const steps = items.flatMap((i) => {
    const it = brk.items[i] as Item;
    return it.type === 'chain' ? it.links : [it];
  });
  return steps.length > MOST_LINKS ? `A series has ${MOST_LINKS} steps at most.` : null;
};

/** Makes the items of the given steps one chain; chains among them are taken in. */
export const makeChain = (draft: Break, ids: readonly string[], chainId: string): void => {
  const items = [...new Set(ids.map((id) => placeOf(draft, id)?.item ?? -1))].sort((a, b) => a - b);
  const [first = -1] = items;
  if (first < 0) return;
  const links = items.flatMap((i) => {
    const it = draft.items[i] as Item;
    return it.type === 'chain' ? it.links : [it];
  });
  const chain: Chain = { type: 'chain', id: chainId, nesting: 'side by side', sides: 'both', links };
  draft.items.splice(first, items.length, chain);
};

/** Takes a chain apart into its steps. */
export const breakChain = (draft: Break, chainId: string): void => {
  draft.items = draft.items.flatMap((it): Item[] =>
    it.type === 'chain' && it.id === chainId
      ? [...it.links.map((link) => alone(link, it)), ...(it.between ?? [])]
      : [it],
  );
};
