import type { Area, Move, Muscle, Seconds, Side } from '../model';
import { isWork, type ResolvedBreak, stepMoves, type Timeline } from '../timing';

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

const add = <K>(map: Map<K, BySide>, key: K, felt: Side | 'both', sec: Seconds): void => {
  const sum = map.get(key) ?? { left: 0, right: 0 };
  if (felt !== 'right') sum.left += sec;
  if (felt !== 'left') sum.right += sec;
  map.set(key, sum);
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
  let strong = false;
  for (const part of parts.filter(isWork)) {
    const { felt, lengthMs, stepId } = part;
    const move = moveOf(stepId);
    const area = move?.areas[0];
    if (!move || !area) continue;
    if (move.kind === 'activate' || move.asks.includes('effort')) strong = true;
    const sec = lengthMs / 1000;
    if (KINDS_THAT_MOVE.includes(move.kind)) add(movedAreas, area, felt, sec);
    if (move.kind !== 'stretch') continue;
    add(heldAreas, area, felt, sec);
    for (const muscle of move.muscles) add(held, muscle, felt, sec);
    const [first] = move.muscles;
    if (first && !main.has(first)) main.set(first, area);
  }
  return { held, heldAreas, movedAreas, main, totalSec: totals.totalMs / 1000, strong };
};
