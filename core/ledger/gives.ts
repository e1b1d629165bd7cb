import type { Area, DonePart, Move, Muscle, Seconds, Side } from '../model';
import {
  feltBy,
  isWork,
  type Part,
  type ResolvedBreak,
  resolvedSteps,
  stepMoves,
  type Timeline,
} from '../timing';

/** Seconds by side. What is felt on both sides counts whole for each. */
export type BySide = Record<Side, Seconds>;

/** What one break gives: seconds held for each muscle and area, and seconds moved or worked, kept apart. */
export interface Gives {
  held: ReadonlyMap<Muscle, BySide>;
  heldAreas: ReadonlyMap<Area, BySide>;
  movedAreas: ReadonlyMap<Area, BySide>;
  /** The main muscle of each stretch, with the area it is for. */
  main: ReadonlyMap<Muscle, Area>;
  totalSec: Seconds;
  /** It holds work against resistance. */
  strong: boolean;
}

const KINDS_THAT_MOVE: readonly Move['kind'][] = ['mobilise', 'activate'];

/** What the work of a move counts as: held, moved, or neither (breath, settling, massage). */
export const countsOf = ({ kind }: Pick<Move, 'kind'>): 'held' | 'moved' | null =>
  kind === 'stretch' ? 'held' : KINDS_THAT_MOVE.includes(kind) ? 'moved' : null;

const add = <K>(map: Map<K, BySide>, key: K, felt: Side | 'both', sec: Seconds): void => {
  const sum = map.get(key) ?? { left: 0, right: 0 };
  if (felt !== 'right') sum.left += sec;
  if (felt !== 'left') sum.right += sec;
  map.set(key, sum);
};

/** Parts by what they count for; what was moved at the same time counts beside them. */
export const countedIn = (parts: readonly DonePart[]): DonePart[] =>
  parts.flatMap((part) =>
    part.beside ? [part, { ...part, ...part.beside, counts: 'moved' as const, muscles: [] }] : [part],
  );

/** What moves beside a step: the area it is for, the side that feels it, and its name; null where nothing does, or it counts for nothing. */
export const besideOf = (part: Part, second: Move | undefined): DonePart['beside'] | null => {
  const [area] = second?.areas ?? [];
  if (part.kind !== 'work' || !part.meanwhile || !second || !area || countsOf(second) !== 'moved')
    return null;
  return { area, felt: feltBy(second, part.meanwhile.side), moveName: second.name };
};

/** What was really done of a break, in the way of what it gives; parts of which nothing is known count for nothing. */
export const givesOfRecord = (parts: readonly DonePart[]): Gives => {
  const held = new Map<Muscle, BySide>();
  const heldAreas = new Map<Area, BySide>();
  const movedAreas = new Map<Area, BySide>();
  const main = new Map<Muscle, Area>();
  for (const { felt, doneMs, area, counts, muscles } of countedIn(parts)) {
    if (!felt || !area || doneMs === 0) continue;
    const sec = doneMs / 1000;
    if (counts === 'moved') add(movedAreas, area, felt, sec);
    if (counts !== 'held') continue;
    add(heldAreas, area, felt, sec);
    for (const muscle of muscles) add(held, muscle, felt, sec);
    const [first] = muscles;
    if (first && !main.has(first)) main.set(first, area);
  }
  const totalSec = parts.reduce((sum, p) => sum + p.doneMs, 0) / 1000;
  return { held, heldAreas, movedAreas, main, totalSec, strong: false };
};

/**
 * Reads what a break gives from its timeline. A stretch counts for every muscle it lengthens and for the area it
 * is for, on the side that feels it; moving and activating are listed apart. Breath, settling and massage count
 * for neither.
 */
export const givesOf = (resolved: ResolvedBreak, { parts, totals }: Timeline): Gives => {
  const held = new Map<Muscle, BySide>();
  const heldAreas = new Map<Area, BySide>();
  const movedAreas = new Map<Area, BySide>();
  const main = new Map<Muscle, Area>();
  const moveOf = stepMoves(resolved);
  const beside = new Map(resolvedSteps(resolved).map(({ step, meanwhile }) => [step.id, meanwhile]));
  let strong = false;
  for (const part of parts.filter(isWork)) {
    const { felt, lengthMs, stepId } = part;
    const move = moveOf(stepId);
    const area = move?.areas[0];
    if (!move || !area) continue;
    if (move.kind === 'activate' || move.asks.includes('effort')) strong = true;
    const sec = lengthMs / 1000;
    const counts = countsOf(move);
    if (counts === 'moved') add(movedAreas, area, felt, sec);
    const second = beside.get(stepId);
    const moved = besideOf(part, second);
    if (moved) add(movedAreas, moved.area, moved.felt, sec);
    if (second?.kind === 'activate') strong = true;
    if (counts !== 'held') continue;
    add(heldAreas, area, felt, sec);
    for (const muscle of move.muscles) add(held, muscle, felt, sec);
    const [first] = move.muscles;
    if (first && !main.has(first)) main.set(first, area);
  }
  return { held, heldAreas, movedAreas, main, totalSec: totals.totalMs / 1000, strong };
};
