import { type Break, isTwoWay, type MoveLookup, otherSide, type Step } from '../model';
import { chainOf, placeOf, stepAt } from './edits';

/** Why a step cannot be split into its two sides; null when it can. */
export const whyNoSplit = (brk: Break, stepId: string, lookup: MoveLookup): string | null => {
  const step = stepAt(brk, stepId);
  const move = step && lookup(step.moveId);
  if (!step || !move) return 'Choose a step first.';
  if (chainOf(brk, stepId)) return 'A link of a series cannot be split; take the series apart first.';
  if (!isTwoWay(move)) return `“${move.name}” has no two sides.`;
  return step.sides === 'both' ? null : 'Only one side of it is done already.';
};

/** Makes one step of both sides two steps, one for each, so that something can stand between them. */
export const splitSides = (draft: Break, stepId: string, newId: string): void => {
  const place = placeOf(draft, stepId);
  const step = stepAt(draft, stepId);
  if (!place || place.link !== null || step?.sides !== 'both') return;
  const first = step.firstSide ?? draft.firstSide;
  const { uneven, firstSide: _, ...plain } = step;
  const one = (side: 'left' | 'right', id: string): Step => ({
    ...plain,
    id,
    sides: side,
    dose: uneven?.side === side ? { ...step.dose, amount: uneven.amount } : step.dose,
  });
  draft.items.splice(place.item, 1, one(first, stepId), one(otherSide(first), newId));
};

/** Starts on the other side: a step by itself, a link with its whole chain. */
export const swapFirst = (draft: Break, stepIds: readonly string[]): void => {
  const done = new Set<string>();
  for (const id of stepIds) {
    const at = chainOf(draft, id) ?? stepAt(draft, id);
    if (!at || done.has(at.id)) continue;
    done.add(at.id);
    at.firstSide = otherSide(at.firstSide ?? draft.firstSide);
  }
};

/** Turns a chain from side by side to link by link, or back. */
export const turnChain = (draft: Break, stepId: string): void => {
  const chain = chainOf(draft, stepId);
  if (chain) chain.nesting = chain.nesting === 'side by side' ? 'link by link' : 'side by side';
};

const NEXT = { both: 'first', first: 'second', second: 'both' } as const;
/** Both directions, the first only, the second only, and round again. */
export const nextDirections = (step: Step): Step['directions'] => NEXT[step.directions];
