import type { Chain, Step } from '../model';
import { isResolvedChain, type PlacedStep, type ResolvedBreak } from '../timing';
import { placedSteps } from './facts';
import type { Finding, ReviewInput, ReviewRule } from './finding';

/** What was worked out for a step, and everything that could have changed it. */
interface Known<T> {
  from: readonly unknown[];
  value: T;
}

const owners = new WeakMap<ResolvedBreak, Map<string, Step | Chain>>();
/** What a step is laid out as a part of: itself or its series, whose sides and place it shares. */
const ownersIn = (resolved: ResolvedBreak): Map<string, Step | Chain> => {
  const known = owners.get(resolved);
  if (known) return known;
  const map = new Map<string, Step | Chain>();
  for (const item of resolved.items)
    if (isResolvedChain(item)) for (const { step } of item.links) map.set(step.id, item.chain);
    else map.set(item.step.id, item.step);
  owners.set(resolved, map);
  return map;
};

/**
 * Works something out for each step of a break by itself. What an edit cannot have changed is kept: a step is looked
 * at again only when it, its move, its series or what the whole break says for it is another one than before. Such
 * work must not look at other steps, nor at when a step begins.
 */
export const forEachStep = <T>(
  work: (at: PlacedStep, input: ReviewInput) => T,
): ((input: ReviewInput) => T[]) => {
  const before = new WeakMap<Step, Known<T>>();
  return (input) => {
    const { resolved, audience, lookup, library } = input;
    const { pace, firstSide, wholeBreaths, onCall, calm } = resolved.brk;
    const owner = ownersIn(resolved);
    const all = [resolved.approach, pace, firstSide, wholeBreaths, onCall, calm, audience, lookup, library];
    return placedSteps(resolved).map((at) => {
      const own = owner.get(at.step.id);
      const known = before.get(at.step);
      if (known && same(known.from, at, own, all)) return known.value;
      const value = work(at, input);
      before.set(at.step, { from: [at.move, own, ...all], value });
      return value;
    });
  };
};

const same = (from: readonly unknown[], at: PlacedStep, own: unknown, all: readonly unknown[]): boolean => {
  if (from[0] !== at.move || from[1] !== own) return false;
  for (let i = 0; i < all.length; i++) if (from[i + 2] !== all[i]) return false;
  return true;
};

/** Makes a rule of a break out of one that looks at single steps; see `forEachStep`. */
export const eachStep = (rule: (at: PlacedStep, input: ReviewInput) => Finding[]): ReviewRule => {
  const each = forEachStep(rule);
  return (input) => {
    const all: Finding[] = [];
    for (const found of each(input)) for (const finding of found) all.push(finding);
    return all;
  };
};
