import { isOffered, isSeated } from '../approach/propose';
import { applyFix } from '../edit';
import { stepOf } from '../library';
import {
  type Approach,
  type Break,
  type Milliseconds,
  type Move,
  type MoveLookup,
  type Muscle,
  type Step,
  stepsOf,
} from '../model';
import { answerFor } from '../needs';
import { type Audience, canAllDo, type Finding, reviewed } from '../review';

/** A move that would serve instead, with what changes. */
export interface Swap {
  move: Move;
  /** The step it would be. */
  step: Step;
  /** Change of the whole break, ms. */
  byMs: Milliseconds;
  shared: Muscle[];
  gained: Muscle[];
  lost: Muscle[];
  /** People who can do it as it is, and who can do the present one. */
  served: number;
  servedNow: number;
  /** How many findings there would be more (or fewer) than now. */
  findings: number;
  score: number;
}

/** What counts how much in the order. Common practice, no source. */
export const WORTH = {
  area: 3,
  kind: 2,
  muscle: 2,
  named: 2,
  served: 1.5,
  finding: 1,
  second: 0.01,
  place: 1,
} as const;

/** A finding that is graver than a look counts as so many. Common practice, no source. */
export const GRAVE = 3;
const graveOf = (findings: readonly Finding[]): number =>
  findings.reduce((sum, f) => sum + (f.weight === 'look' ? 1 : GRAVE), 0);

const SAME_WORK: Partial<Record<Move['kind'], readonly Move['kind'][]>> = {
  stretch: ['stretch', 'massage'],
  massage: ['massage', 'stretch'],
  mobilise: ['mobilise', 'activate'],
  activate: ['activate', 'mobilise'],
};

interface Context {
  moves: readonly Move[];
  lookup: MoveLookup;
  approach: Approach;
  audience: Audience | null;
  /** In a room without seats: what is done seated may become what is done standing. */
  upright?: boolean;
}

/**
 * The moves that would serve instead of one step, the best first: for the same area, of the same kind, for the same
 * muscles, done by as many people, of about the same length, and with no more findings. At most `count`.
 */
export const swapsFor = (brk: Break, step: Step, context: Context, count = 8): Swap[] => {
  const { lookup, approach, audience, moves, upright = false } = context;
  const shelf = { library: moves, lookup };
  const now = lookup(step.moveId);
  const before = reviewed(brk, shelf, approach, audience);
  if (!now || !before.ok) return [];
  const kinds = SAME_WORK[now.kind] ?? [now.kind];
  const used = new Set(
    before.resolved.items.flatMap((it) => ('links' in it ? it.links : [it])).map((s) => s.move.id),
  );
  const chained = brk.items.some((it) => it.type === 'chain' && it.links.some((l) => l.id === step.id));
  const room = audience?.room ?? { limits: [], things: [] };
  const served = (move: Move, { rung, position, dose }: Step): number =>
    (audience?.people ?? []).filter(
      (p) => answerFor({ move, rung, position, dose }, p, room, lookup).verdict === 'fine',
    ).length;
  const servedNow = served(now, step);
  const fits = (m: Move): boolean =>
    m.id !== now.id &&
    !used.has(m.id) &&
    kinds.includes(m.kind) &&
    isOffered(m, approach) &&
    (!brk.onCall || m.discreet.call) &&
    m.areas.some((a) => now.areas.includes(a)) &&
    (isSeated(m) || !isSeated(now) || upright) &&
    !(chained && m.ways.pattern === 'together') &&
    canAllDo(m, stepOf(m, step.id, approach), audience);
  const swap = (move: Move): Swap[] => {
    const fresh = stepOf(move, step.id, approach);
    const draft: Break = JSON.parse(JSON.stringify(brk));
    const fix = { do: 'swap', stepId: step.id, moveId: move.id, name: move.name } as const;
    applyFix(draft, fix, { lookup, approach, newId: () => step.id });
    const after = reviewed(draft, shelf, approach, audience);
    if (!after.ok) return [];
    const byMs = after.timeline.totals.totalMs - before.timeline.totals.totalMs;
    const shared = now.muscles.filter((m) => move.muscles.includes(m));
    const size = audience?.people.length ?? 0;
    const swapped = stepsOf(draft).find((s) => s.id === step.id) ?? fresh;
    const can = served(move, swapped);
    const findings = after.findings.length - before.findings.length;
    const score =
      (move.areas[0] === now.areas[0] ? WORTH.area : 0) +
      (move.kind === now.kind ? WORTH.kind : 0) +
      (WORTH.muscle * shared.length) / Math.max(1, now.muscles.length) +
      (now.instead.includes(move.id) ? WORTH.named : 0) +
      (size > 0 ? (WORTH.served * (can - servedNow)) / size : 0) +
      (move.position === now.position ? WORTH.place : 0) -
      WORTH.finding * Math.max(0, graveOf(after.findings) - graveOf(before.findings)) -
      (WORTH.second * Math.abs(byMs)) / 1000;
    return [
      {
        move,
        step: swapped,
        byMs,
        shared,
        gained: move.muscles.filter((m) => !now.muscles.includes(m)),
        lost: now.muscles.filter((m) => !move.muscles.includes(m)),
        served: can,
        servedNow,
        findings,
        score,
      },
    ];
  };
  return moves
    .filter(fits)
    .flatMap(swap)
    .sort((a, b) => b.score - a.score || (a.move.name < b.move.name ? -1 : 1))
    .slice(0, count);
};
