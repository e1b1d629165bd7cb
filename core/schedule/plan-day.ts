import type { BreakKind, DayInput, MinuteOfDay, PlacedBreak } from '../model';
import { type DayReading, overlaps, readDay, runAfterBreak, useOf } from './run';

/** A day with its breaks placed, and what it comes to. */
export interface DayPlan extends Omit<DayReading, 'run' | 'use'> {
  breaks: PlacedBreak[];
}

/** Why a day cannot be planned. */
export type PlanFailure =
  | { code: 'tooFewFit'; minCount: number; possible: number }
  | { code: 'lockedDoesNotFit'; startMin: MinuteOfDay; why: 'outside' | 'blocked' | 'off desk' | 'overlap' }
  | { code: 'tooManyLocked'; maxCount: number; locked: number };

export type PlanResult = { ok: true; plan: DayPlan } | { ok: false; failure: PlanFailure };

/** A way to reach a minute: with this run, this much of the gap still to wait, and so many breaks so far. */
interface State {
  run: number;
  gap: number;
  count: number;
  over: number;
  cost: number;
  from: Trail | null;
}
interface Trail {
  placed: PlacedBreak;
  before: Trail | null;
}

const better = (a: State, b: State): boolean => a.over < b.over || (a.over === b.over && a.cost < b.cost);

/**
 * Drops every state that another one beats in every respect: no longer a run, no longer to wait, no worse so
 * far, with the same count. A longer run never costs less later, so what is dropped can never win.
 */
const prune = (states: Iterable<State>): State[] => {
  const ordered = [...states].sort(
    (a, b) => a.count - b.count || a.gap - b.gap || a.run - b.run || a.over - b.over || a.cost - b.cost,
  );
  const kept: State[] = [];
  let front: State[] = []; // the states kept of this count, the ones a newcomer is compared with
  let count = -1;
  for (const state of ordered) {
    if (state.count !== count) {
      count = state.count;
      front = [];
    }
    if (front.some((f) => f.run <= state.run && !better(state, f))) continue;
    front = front.filter((f) => f.run < state.run || better(f, state));
    front.push(state);
    kept.push(state);
  }
  return kept;
};

/** The states that may stand at one minute, the best one for each run, gap and count. */
class Frontier {
  private readonly best = new Map<number, State>();

  add(state: State): void {
    const key = (state.count * 2048 + state.gap) * 2048 + state.run;
    const held = this.best.get(key);
    if (!held || better(state, held)) this.best.set(key, state);
  }

  states(): State[] {
    return prune(this.best.values());
  }
}

const checkLocked = (day: DayInput, kindOf: (id: string) => BreakKind): PlanFailure | null => {
  const sorted = [...day.locked].sort((a, b) => a.startMin - b.startMin);
  let until = day.startMin;
  for (const { startMin, kindId } of sorted) {
    const endMin = startMin + kindOf(kindId).lengthMin;
    const fail = (why: 'outside' | 'blocked' | 'off desk' | 'overlap'): PlanFailure => ({
      code: 'lockedDoesNotFit',
      startMin,
      why,
    });
    if (startMin < day.startMin || endMin > day.endMin) return fail('outside');
    if (startMin < until) return fail('overlap');
    if (overlaps(day.offDesk, startMin, endMin)) return fail('off desk');
    if (overlaps(day.blocked, startMin, endMin)) return fail('blocked');
    until = endMin;
  }
  if (day.maxCount !== null && sorted.length > day.maxCount)
    return { code: 'tooManyLocked', maxCount: day.maxCount, locked: sorted.length };
  return null;
};

/**
 * Places breaks on a day exactly: first as few minutes over the limit as possible, then the least cost
 * (dynamic programming over minute, run, remaining gap and count). Breaks start on the grid, counted from
 * midnight, overlap neither meetings nor time off the desk, and keep the gap from the end of the one before;
 * minutes off the desk count into the gap and the day starts with it satisfied. Locked breaks stay where they
 * are and may be closer to each other; all others keep the gap to them. The same input gives the same plan.
 */
export const planDay = (day: DayInput): PlanResult => {
  const kinds = new Map(day.kinds.map((k) => [k.id, k]));
  const kindOf = (id: string): BreakKind => kinds.get(id) as BreakKind;
  const failure = checkLocked(day, kindOf);
  if (failure) return { ok: false, failure };

  const lockedAt = new Map(day.locked.map((l) => [l.startMin, kindOf(l.kindId)]));
  const lockedSpans = day.locked.map((l) => ({
    startMin: l.startMin - day.minGapMin,
    endMin: l.startMin + kindOf(l.kindId).lengthMin,
  }));
  const counted = day.minCount > 0 || day.maxCount !== null;
  const maxCount = day.maxCount ?? Number.POSITIVE_INFINITY;

  const mayStart = (minute: MinuteOfDay, { lengthMin }: BreakKind): boolean => {
    const end = minute + lengthMin;
    return (
      minute % day.gridMin === 0 &&
      minute >= day.startMin + day.edgeMin &&
      end <= day.endMin - day.edgeMin &&
      !overlaps(day.blocked, minute, end) &&
      !overlaps(day.offDesk, minute, end) &&
      !overlaps(lockedSpans, minute, end)
    );
  };

  const frontiers = Array.from({ length: day.endMin - day.startMin + 1 }, () => new Frontier());
  const at = (minute: MinuteOfDay): Frontier => frontiers[minute - day.startMin] as Frontier;
  at(day.startMin).add({ run: 0, gap: 0, count: 0, over: 0, cost: 0, from: null });

  const place = (state: State, minute: MinuteOfDay, kind: BreakKind): void => {
    at(minute + kind.lengthMin).add({
      run: runAfterBreak(state.run, kind.relief),
      gap: day.minGapMin,
      count: counted ? state.count + 1 : 0,
      over: state.over,
      cost: state.cost + day.lambda * kind.lengthMin,
      from: { placed: { startMin: minute, kindId: kind.id }, before: state.from },
    });
  };

  for (let minute = day.startMin; minute < day.endMin; minute++) {
    const use = useOf(day, minute);
    const locked = lockedAt.get(minute);
    const open = locked ? [] : day.kinds.filter((kind) => mayStart(minute, kind));
    const states = at(minute).states();
    frontiers[minute - day.startMin] = new Frontier(); // no longer needed; its states live on in their trails
    for (const state of states) {
      if (locked) {
        place(state, minute, locked);
        continue;
      }
      if (state.gap === 0 && state.count < maxCount) for (const kind of open) place(state, minute, kind);
      const run = use === 'off desk' ? 0 : state.run + 1;
      at(minute + 1).add({
        ...state,
        run,
        gap: Math.max(0, state.gap - 1),
        over: state.over + (run > day.limitMin ? 1 : 0),
        cost: state.cost + Math.max(0, use === 'off desk' ? 0 : run - day.targetMin),
      });
    }
  }

  const ends = at(day.endMin).states();
  const enough = ends.filter((s) => s.count >= day.minCount && s.count <= maxCount);
  const [first, ...rest] = enough;
  if (!first) {
    const possible = Math.max(0, ...ends.map((s) => s.count));
    return { ok: false, failure: { code: 'tooFewFit', minCount: day.minCount, possible } };
  }
  const best = rest.reduce((a, b) => (better(b, a) ? b : a), first);
  const breaks = unwind(best.from);
  const { overMin, cost, longestRunMin } = readDay(day, breaks);
  return { ok: true, plan: { breaks, overMin, cost, longestRunMin } };
};

const unwind = (trail: Trail | null): PlacedBreak[] => {
  const breaks: PlacedBreak[] = [];
  for (let t = trail; t; t = t.before) breaks.unshift(t.placed);
  return breaks;
};
