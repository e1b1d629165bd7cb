import type { BreakKind, DayInput, MinuteOfDay, PlacedBreak } from '../model';
import { type Counter, type CountOf, countersOf, Tally } from './counters';
import { better, countsOrder, Frontier, MOST_COUNTS, type State, type Trail } from './frontier';
import { breakCost, type DayReading, overlaps, readDay, runAfterBreak, useOf } from './run';

/** A day with its breaks placed, and what it comes to. */
export interface DayPlan extends Omit<DayReading, 'run' | 'use'> {
  breaks: PlacedBreak[];
}

/** Why a day cannot be planned. Without a kind or a stretch of the day a count is that of the whole day. */
export type PlanFailure =
  | ({ code: 'tooFewFit'; minCount: number; possible: number } & CountOf)
  | { code: 'lockedDoesNotFit'; startMin: MinuteOfDay; why: 'outside' | 'blocked' | 'off desk' | 'overlap' }
  | ({ code: 'tooManyLocked'; maxCount: number; locked: number } & CountOf)
  | { code: 'tooManyCounts'; most: number };

export type PlanResult = { ok: true; plan: DayPlan } | { ok: false; failure: PlanFailure };

const spanOf = (counter: Counter): CountOf => ({
  ...(counter.kindId !== undefined && { kindId: counter.kindId }),
  ...(counter.fromMin !== undefined && { fromMin: counter.fromMin }),
  ...(counter.untilMin !== undefined && { untilMin: counter.untilMin }),
});

const checkLocked = (
  day: DayInput,
  counters: readonly Counter[],
  kindOf: (id: string) => BreakKind,
): PlanFailure | null => {
  const sorted = [...day.locked].sort((a, b) => a.startMin - b.startMin);
  let until = day.startMin;
  for (const { startMin, kindId } of sorted) {
    const { lengthMin, discreet } = kindOf(kindId);
    const endMin = startMin + lengthMin;
    const fail = (why: 'outside' | 'blocked' | 'off desk' | 'overlap'): PlanFailure => ({
      code: 'lockedDoesNotFit',
      startMin,
      why,
    });
    if (startMin < day.startMin || endMin > day.endMin) return fail('outside');
    if (startMin < until) return fail('overlap');
    if (overlaps(day.offDesk, startMin, endMin)) return fail('off desk');
    if (overlaps(day.blocked, startMin, endMin)) return fail('blocked');
    if (!discreet && overlaps(day.listening, startMin, endMin)) return fail('blocked');
    until = endMin;
  }
  for (const counter of counters) {
    const { kinds, from, until: end, most } = counter;
    const count = sorted.filter(
      (l) => l.startMin >= from && l.startMin < end && (!kinds || kinds.has(l.kindId)),
    ).length;
    if (most !== null && count > most)
      return { code: 'tooManyLocked', maxCount: most, locked: count, ...spanOf(counter) };
  }
  return null;
};

/**
 * Places breaks on a day exactly: first as few minutes over the limit as possible, then the least cost
 * (dynamic programming over minute, run, remaining gap and counts). Breaks start on the grid, counted from
 * midnight, overlap neither meetings nor time off the desk, and keep the gap from the end of the one before;
 * minutes off the desk count into the gap and the day starts with it satisfied. A kind may have a gap, a
 * time of day and counts of its own, and discreet kinds may be in meetings in which one listens. Locked breaks
 * stay where they are and may be closer to each other; all others keep the rule's gap to them. The same input
 * gives the same plan.
 */
export const planDay = (day: DayInput): PlanResult => {
  const kinds = new Map(day.kinds.map((k) => [k.id, k]));
  const kindOf = (id: string): BreakKind => kinds.get(id) as BreakKind;
  const counters = countersOf(day);
  const failure = checkLocked(day, counters, kindOf);
  if (failure) return { ok: false, failure };
  const tally = new Tally(counters);
  const order = countsOrder(counters);
  const beyond = counters.find((c) => c.least > 0 && c.until <= day.startMin);
  if (beyond)
    return {
      ok: false,
      failure: { code: 'tooFewFit', minCount: beyond.least, possible: 0, ...spanOf(beyond) },
    };
  if (tally.size > MOST_COUNTS) return { ok: false, failure: { code: 'tooManyCounts', most: MOST_COUNTS } };

  const lockedAt = new Map(day.locked.map((l) => [l.startMin, kindOf(l.kindId)]));
  const gapOf = (kind: BreakKind): number => kind.minGapMin ?? day.minGapMin;
  const longestGap = Math.max(...day.kinds.map(gapOf));
  const lockedSpans = (kind: BreakKind) =>
    day.locked.map((l) => ({
      startMin: l.startMin - gapOf(kindOf(l.kindId)),
      endMin: l.startMin + kindOf(l.kindId).lengthMin + gapOf(kind),
    }));
  const spans = new Map(day.kinds.map((k) => [k.id, lockedSpans(k)]));

  const mayStart = (minute: MinuteOfDay, kind: BreakKind): boolean => {
    const end = minute + kind.lengthMin;
    return (
      !kind.onlyByHand &&
      minute % day.gridMin === 0 &&
      minute >= day.startMin + day.edgeMin &&
      end <= day.endMin - day.edgeMin &&
      minute >= (kind.earliestMin ?? 0) &&
      minute <= (kind.latestMin ?? Number.POSITIVE_INFINITY) &&
      !overlaps(day.blocked, minute, end) &&
      !overlaps(day.offDesk, minute, end) &&
      (kind.discreet === true || !overlaps(day.listening, minute, end)) &&
      !overlaps(spans.get(kind.id) ?? [], minute, end)
    );
  };

  const frontiers = Array.from({ length: day.endMin - day.startMin + 1 }, () => new Frontier());
  const at = (minute: MinuteOfDay): Frontier => frontiers[minute - day.startMin] as Frontier;
  at(day.startMin).add({ run: 0, gap: 0, counts: 0, over: 0, cost: 0, from: null });

  let short: PlanFailure | null = null;
  // Counts that end within the day; those of the whole day are looked at in the end, all together.
  const someEndWithin = counters.some((c) => c.until < day.endMin);
  /** Lets a state reach a minute, unless a count that ends on the way has not come to its least. */
  const reach = (state: State, before: MinuteOfDay, minute: MinuteOfDay): void => {
    let { counts } = state;
    if (someEndWithin && minute < day.endMin)
      for (const counter of tally.ending(before, minute)) {
        if (tally.reached(counts, counter) < counter.least) {
          note(counter, tally.reached(counts, counter));
          return;
        }
        counts = tally.without(counts, counter);
      }
    at(minute).add(counts === state.counts ? state : { ...state, counts });
  };
  const note = (counter: Counter, possible: number): void => {
    if (short === null || (short.code === 'tooFewFit' && short.possible < possible))
      short = { code: 'tooFewFit', minCount: counter.least, possible, ...spanOf(counter) };
  };

  const place = (state: State, minute: MinuteOfDay, kind: BreakKind): void => {
    const counts = tally.add(state.counts, minute, kind.id);
    if (counts === null) return;
    reach(
      {
        run: runAfterBreak(state.run, kind.relief),
        gap: longestGap,
        counts,
        over: state.over,
        cost: state.cost + breakCost(day, minute, kind.lengthMin),
        from: { placed: { startMin: minute, kindId: kind.id }, before: state.from },
      },
      minute,
      minute + kind.lengthMin,
    );
  };

  for (let minute = day.startMin; minute < day.endMin; minute++) {
    const use = useOf(day, minute);
    const locked = lockedAt.get(minute);
    const open = locked ? [] : day.kinds.filter((kind) => mayStart(minute, kind));
    const states = at(minute).states(order);
    frontiers[minute - day.startMin] = new Frontier(); // no longer needed; its states live on in their trails
    for (const state of states) {
      if (locked) {
        place(state, minute, locked);
        continue;
      }
      // `gap` is what is left of the longest gap; a kind with a shorter one may start sooner.
      for (const kind of open) if (state.gap <= longestGap - gapOf(kind)) place(state, minute, kind);
      const run = use === 'off desk' ? 0 : state.run + 1;
      reach(
        {
          run,
          gap: state.gap > 0 ? state.gap - 1 : 0,
          counts: state.counts,
          over: run > day.limitMin ? state.over + 1 : state.over,
          cost: run > day.targetMin ? state.cost + run - day.targetMin : state.cost,
          from: state.from,
        },
        minute,
        minute + 1,
      );
    }
  }

  const last = counters.filter((c) => c.until >= day.endMin);
  const ends = at(day.endMin).states('neither');
  const enough = ends.filter((s) => last.every((c) => tally.reached(s.counts, c) >= c.least));
  const [first, ...rest] = enough;
  if (!first) {
    const counter = last.find(
      (c) => ends.length > 0 && ends.every((s) => tally.reached(s.counts, c) < c.least),
    );
    if (counter) {
      const possible = Math.max(...ends.map((s) => tally.reached(s.counts, counter)));
      note(counter, possible);
      short = { code: 'tooFewFit', minCount: counter.least, possible, ...spanOf(counter) };
    } else if (ends.length > 0 && last[0])
      // Each count can be kept, but not all of them at once.
      short = {
        code: 'tooFewFit',
        minCount: last[0].least,
        possible: last[0].least - 1,
        ...spanOf(last[0]),
      };
    return { ok: false, failure: short ?? { code: 'tooFewFit', minCount: day.minCount, possible: 0 } };
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
