import type { Move } from '../model';
import { type Candidate, emptyBreak, type Setting } from '../suggest';
import { arrange } from '../suggest/arrange';
import { compileTimeline, resolveBreak } from '../timing';
import { lookupIn } from './build';

/** A choice of doses, one place for each candidate, -1 where it is left out. */
type Choice = readonly number[];

const every = (candidates: readonly Candidate[]): Choice[] => {
  let all: Choice[] = [[]];
  for (const { doses } of candidates) all = all.flatMap((c) => [-1, ...doses.keys()].map((k) => [...c, k]));
  return all;
};

/** How well the least served side is served, in twentieths of what it is due, and what the rest is worth. */
export interface SlowAnswer {
  level: number;
  worth: number;
}

/**
 * The best of all choices of a small library on the back of the seat with nothing that lets go between holds, each arranged
 * and compiled as the break it would be, and judged by what its timeline says. Written from the rules, not from the program
 * that is solved: first the least served side of a wanted area, in twentieths of what it is due; then each quarter of what a
 * side is due (1, 0.6, 0.35, 0.2, among the areas) and 0.6, among the areas, for a hold on each side; then a quarter of
 * weight * min(seconds, 60) / 60 by muscle and half of it for each side, holds whole and movement a quarter; less a tenth of
 * the squared share each dose is off the usual. Settle, close and a breath always there; what is held moved first, and
 * two holds at most for each movement; no more than two holds of an area and three in all; at most three moves of the head;
 * talk no longer than work; never over 97 % of the slot, and 0.02 for each second left empty beyond half the usual slack.
 */
export const suggestSlowly = (candidates: readonly Candidate[], setting: Setting): SlowAnswer | null => {
  const { request, approach } = setting;
  const lookup = lookupIn(candidates.map((c) => c.move) as Move[]);
  const empty = emptyBreak(setting);
  const framed = request.slotSec > 60;
  let best: SlowAnswer | null = null;
  const movable = new Set(candidates.filter((c) => c.move.kind === 'mobilise').flatMap((c) => c.move.areas));
  for (const choice of every(candidates)) {
    const chosen = candidates.flatMap((candidate, i) =>
      choice[i]! < 0 ? [] : [{ candidate, dose: candidate.doses[choice[i]!]! }],
    );
    const count = (kind: string) => chosen.filter((c) => c.candidate.move.kind === kind).length;
    if (framed && (count('settle') !== 1 || count('close') !== 1 || count('release') < 1)) continue;
    if (count('settle') > 1 || count('close') > 1 || count('release') > 2) continue;
    if (count('breathe') > 1 || (request.slotSec >= 180 && count('breathe') !== 1)) continue;
    if (chosen.length === count('settle') + count('close') + count('release') + count('breathe')) continue;
    const breath = chosen.some(
      ({ candidate: { move, step } }) =>
        move.kind === 'breathe' ||
        step.dose.measure === 'breaths' ||
        (step.dose.measure === 'reps' && step.dose.repSec === 'breath'),
    );
    if (framed && !breath) continue;
    const moved = new Set(
      chosen.filter((c) => c.candidate.move.kind === 'mobilise').flatMap((c) => c.candidate.move.areas),
    );
    const brk = arrange(
      empty,
      chosen,
      { edge: false, stand: false, things: [] },
      approach,
      lookup,
      () => null,
    );
    const resolved = resolveBreak(brk, lookup, approach);
    if (!resolved.ok) throw new Error('broken reference');
    const { parts, totals } = compileTimeline(resolved.value);
    if (totals.totalMs > request.slotSec * 970) continue;
    const said = parts.filter((p) => p.kind === 'say' || p.kind === 'change');
    const lasting = (list: readonly { lengthMs: number }[]) => list.reduce((ms, p) => ms + p.lengthMs, 0);
    if (lasting(said) > lasting(parts.filter((p) => p.kind === 'work'))) continue;
    const holds = chosen.filter((c) => c.candidate.move.kind === 'stretch');
    const movers = chosen.filter((c) => c.candidate.move.kind === 'mobilise');
    if (holds.length > 3 || movers.filter((c) => c.candidate.move.region === 'neck').length > 3) continue;
    const tooMany = holds.some(({ candidate: { area } }) => {
      const own = holds.filter((c) => c.candidate.area === area).length;
      const moving = movers.filter((c) => c.candidate.move.areas.includes(area)).length;
      return own > 2 || (movable.has(area) && own > 2 * moving);
    });
    if (tooMany) continue;
    const work = parts.filter((p) => p.kind === 'work');
    const cold = chosen.some(
      ({ candidate: { move } }) =>
        move.kind === 'stretch' &&
        !moved.has(move.areas[0]!) &&
        (movable.has(move.areas[0]!) || work.some((p) => p.stepId === move.id && p.lengthMs > 10_000)),
    );
    if (cold) continue;
    const held = chosen
      .filter((c) => c.candidate.move.kind === 'stretch')
      .map((c) => c.candidate.move.muscles[0]);
    if (new Set(held).size < held.length) continue;
    let worth = 0;
    for (const { area, weight } of request.targets)
      for (const muscle of new Set(chosen.map((c) => c.candidate.move.muscles[0])))
        for (const side of ['left', 'right'] as const) {
          const seconds = chosen
            .filter((c) => c.candidate.move.areas[0] === area && c.candidate.move.muscles[0] === muscle)
            .reduce((sum, { candidate: { move } }) => {
              const own = work.filter((p) => p.stepId === move.id && (p.felt === side || p.felt === 'both'));
              const share = move.kind === 'stretch' || move.kind === 'breathe' ? 1 : 0.25;
              return sum + (share * own.reduce((ms, p) => ms + p.lengthMs, 0)) / 1000;
            }, 0);
          if (muscle) worth += (0.25 * ((weight / 2) * Math.min(60, seconds))) / 60;
        }
    const wanted = request.targets.filter((t) => candidates.some((c) => c.area === t.area));
    const shares = wanted.flatMap(({ area, weight }) =>
      (['left', 'right'] as const).map((side) => {
        const all = request.targets.reduce((sum, t) => sum + t.weight, 0);
        const due = Math.min(60, (weight / all) * request.slotSec * 0.5);
        const seconds = chosen
          .filter((c) => c.candidate.move.areas[0] === area)
          .reduce((sum, { candidate: { move } }) => {
            const own = work.filter((p) => p.stepId === move.id && (p.felt === side || p.felt === 'both'));
            const part = move.kind === 'stretch' || move.kind === 'breathe' ? 1 : 0.25;
            return sum + (part * own.reduce((ms, p) => ms + p.lengthMs, 0)) / 1000;
          }, 0);
        return Math.min(1, seconds / due);
      }),
    );
    const level = shares.length > 0 ? Math.floor(Math.min(...shares) * 20 + 1e-6) : 0;
    if (request.slotSec >= 180)
      for (const { area } of wanted) {
        const sided = holds.some(
          ({ candidate: c }) =>
            c.area === area && c.move.ways.pattern === 'each' && c.move.ways.pair === 'side',
        );
        if (sided) worth += 0.6 / wanted.length;
      }
    for (const share of shares)
      [1, 0.6, 0.35, 0.2].forEach((each, i) => {
        worth += (each * Math.min(0.25, Math.max(0, share - i * 0.25))) / wanted.length;
      });
    for (const { candidate, dose } of chosen) {
      worth -= 0.1 * dose.off;
      if (request.lately.includes(candidate.move.id)) worth -= 0.06;
    }
    const slack = Math.max(30, request.slotSec * 0.15) / 2;
    worth -= 0.02 * Math.max(0, request.slotSec - slack - totals.totalMs / 1000);
    if (best === null || level > best.level || (level === best.level && worth > best.worth))
      best = { level, worth };
  }
  return best;
};
