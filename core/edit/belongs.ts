import { regionOrder } from '../approach/order';
import type { Approach, Break, Item, Kind, Move, MoveLookup, Step } from '../model';

/** The phases of a break in the order in which they follow each other. Common practice, no source. */
export const PHASES: readonly Kind[] = [
  'settle',
  'breathe',
  'mobilise',
  'massage',
  'stretch',
  'activate',
  'release',
  'close',
];

const HOLDS = PHASES.indexOf('stretch');
const LETS_GO = PHASES.indexOf('release');

/** What a move was put beside, and why there. */
export type Beside =
  | { code: 'sameArea'; afterId: string }
  | { code: 'samePhase'; afterId: string }
  | { code: 'phaseBefore'; beforeId: string }
  | { code: 'first' }
  | { code: 'last' };

/** What stands for an item when it is compared: its first step that is no pause. */
const leading = (item: Item, lookup: MoveLookup): { move: Move; step: Step } | null => {
  for (const link of item.type === 'step' ? [item] : item.links) {
    if (link.type !== 'step') continue;
    const move = lookup(link.moveId);
    if (move && move.kind !== 'pause') return { move, step: link };
  }
  return null;
};

/** Standing comes after everything on the seat, before letting go and closing. */
const phaseOf = (move: Move, standing: boolean): number => {
  const phase = PHASES.indexOf(move.kind);
  const ends = move.kind === 'release' || move.kind === 'close';
  return standing && !ends ? LETS_GO - 0.5 : phase;
};

/**
 * Where a move belongs in a break as it stands: behind the last step of its kind for its area, else among those of its kind in
 * the order of the body, else before what comes in a later phase.
 */
export const besideOf = (
  { items }: Pick<Break, 'items'>,
  move: Move,
  lookup: MoveLookup,
  approach: Approach,
): Beside => {
  const order = regionOrder(approach);
  const place = (m: Move): number => order.indexOf(m.region);
  const own = phaseOf(move, move.position === 'standing');
  const led = items.flatMap((item) => {
    const at = leading(item, lookup);
    if (!at) return [];
    const standing = (at.step.position ?? at.move.position) === 'standing';
    return [{ item, move: at.move, phase: phaseOf(at.move, standing) }];
  });
  // What moves or breathes behind the last hold lets go: nothing is put behind it but what ends a break.
  const lastHold = led.findLastIndex((k) => k.move.kind === 'stretch');
  const known = led.map((k, i) =>
    lastHold >= 0 && i > lastHold && k.phase < HOLDS ? { ...k, phase: LETS_GO } : k,
  );
  const alike = known.filter((k) => k.phase === own && k.move.kind === move.kind);
  const sameArea = alike.filter((k) => k.move.areas[0] === move.areas[0]).at(-1);
  if (sameArea) return { code: 'sameArea', afterId: sameArea.item.id };
  const before = alike.filter((k) => place(k.move) <= place(move)).at(-1);
  if (before) return { code: 'samePhase', afterId: before.item.id };
  const [next] = alike;
  const later = next ?? known.find((k) => k.phase > own);
  if (later) return { code: 'phaseBefore', beforeId: later.item.id };
  // A rest at the end is an end: only what ends a break as well is put behind it.
  const end = items.at(-1);
  if (end?.type === 'step' && end.moveId === 'pause-rest' && own < LETS_GO)
    return { code: 'phaseBefore', beforeId: end.id };
  return items.length === 0 ? { code: 'first' } : { code: 'last' };
};

/** Puts a step where it belongs; answers what it was put beside. */
export const insertWhereItBelongs = (
  draft: Pick<Break, 'items'>,
  step: Step,
  move: Move,
  lookup: MoveLookup,
  approach: Approach,
): Beside => {
  const beside = besideOf(draft, move, lookup, approach);
  const indexOf = (id: string): number => draft.items.findIndex((it) => it.id === id);
  const at =
    'afterId' in beside
      ? indexOf(beside.afterId) + 1
      : 'beforeId' in beside
        ? indexOf(beside.beforeId)
        : draft.items.length;
  draft.items.splice(at, 0, step);
  return beside;
};
