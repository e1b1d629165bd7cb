import type { Chain, Move, Position, Step } from '../model';
import { isResolvedChain, type PlacedStep, type ResolvedBreak } from '../timing';
import { placedSteps } from './facts';
import type { Finding, ReviewInput, ReviewRule } from './finding';

/** What was worked out for a step, one place for each work, and everything that could have changed it. */
interface Known {
  move: Move;
  meanwhile: Move | undefined;
  position: Position;
  owner: Step | Chain | undefined;
  around: Around;
  values: unknown[];
}

/** What the whole break and its audience say for every step. */
export type Around = readonly unknown[];
let last: Around = [];
const known = new WeakMap<ReviewInput, Around>();
/** The same list for as long as nothing in it is another one than before, so that one look tells. */
export const aroundIn = (input: ReviewInput): Around => {
  const before = known.get(input);
  if (before) return before;
  const { resolved, audience, lookup, library } = input;
  const { pace, firstSide, wholeBreaths, onCall, calm } = resolved.brk;
  const now = [resolved.approach, pace, firstSide, wholeBreaths, onCall, calm, audience, lookup, library];
  if (last.length === 0 || now.some((one, i) => one !== last[i])) last = now;
  known.set(input, last);
  return last;
};

const owners = new WeakMap<ResolvedBreak, (Step | Chain | undefined)[]>();
/** What each step is laid out as a part of: itself or its series, whose sides and place it shares. */
const ownersIn = (resolved: ResolvedBreak): (Step | Chain | undefined)[] => {
  const before = owners.get(resolved);
  if (before) return before;
  const map = new Map<string, Step | Chain>();
  for (const item of resolved.items)
    if (isResolvedChain(item))
      for (const { step } of [...item.links, ...item.between]) map.set(step.id, item.chain);
    else map.set(item.step.id, item.step);
  const list = placedSteps(resolved).map(({ step }) => map.get(step.id));
  owners.set(resolved, list);
  return list;
};

const before = new WeakMap<Step, Known>();
const ofBreak = new WeakMap<ReviewInput, Known[]>();
/** What is known of each step of a break, looked up once for all works; nothing yet where an edit could have changed it. */
const knownIn = (input: ReviewInput): Known[] => {
  const done = ofBreak.get(input);
  if (done) return done;
  const owners = ownersIn(input.resolved);
  const around = aroundIn(input);
  const list = placedSteps(input.resolved).map(({ step, move, meanwhile, position }, i): Known => {
    const owner = owners[i];
    const kept = before.get(step);
    if (
      kept &&
      kept.around === around &&
      kept.move === move &&
      kept.meanwhile === meanwhile &&
      kept.position === position &&
      kept.owner === owner
    )
      return kept;
    const fresh = { move, meanwhile, position, owner, around, values: [] };
    before.set(step, fresh);
    return fresh;
  });
  ofBreak.set(input, list);
  return list;
};

let works = 0;
/**
 * Works something out for each step of a break by itself. What an edit cannot have changed is kept: a step is looked
 * at again only when it, its move, its place, its series or what the whole break says for it is another one than before.
 * Such work must not look at other steps, nor at when a step begins.
 */
export const forEachStep = <T extends object>(
  work: (at: PlacedStep, input: ReviewInput) => T,
): ((input: ReviewInput) => T[]) => {
  const place = works++;
  return (input) => {
    const steps = placedSteps(input.resolved);
    return knownIn(input).map(({ values }, i) => {
      values[place] ??= work(steps[i] as PlacedStep, input);
      return values[place] as T;
    });
  };
};

const single = new WeakSet<ReviewRule>();
/** True for a rule that looks at each step by itself: what it finds of a step it finds of that step alone in a break, too. */
export const looksAtSteps = (rule: ReviewRule): boolean => single.has(rule);

/** Makes a rule of a break out of one that looks at single steps; see `forEachStep`. */
export const eachStep = (rule: (at: PlacedStep, input: ReviewInput) => Finding[]): ReviewRule => {
  const each = forEachStep(rule);
  const ofBreak: ReviewRule = (input) => {
    const all: Finding[] = [];
    for (const found of each(input)) for (const finding of found) all.push(finding);
    return all;
  };
  single.add(ofBreak);
  return ofBreak;
};
