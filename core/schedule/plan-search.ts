import type { BreakKind, DayInput, MinuteOfDay, Minutes } from '../model';
import type { Counter, Tally } from './counters';
import { countsOrder, Frontier, type State } from './frontier';
import { breakCost, overlaps, runAfterBreak, useOf } from './run';

/** Where a kind of break may start: on the grid, in its time of day, clear of what is in the way. */
const starts = (day: DayInput, kindOf: (id: string) => BreakKind) => {
  const gapOf = (kind: BreakKind): Minutes => kind.minGapMin ?? day.minGapMin;
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
  return { gapOf, mayStart };
};

/** Sum of what the next minutes at the desk cost: each max(0, run - target), the run counted after the minute. */
const costOfRun = (run: Minutes, minutes: Minutes, target: Minutes): number => {
  const first = Math.max(run, target);
  const above = run + minutes - first;
  return above <= 0 ? 0 : above * (first - target) + (above * (above + 1)) / 2;
};

/** A state after so many minutes in which nothing is begun. */
const later = (state: State, minutes: Minutes, atDesk: boolean, day: DayInput): State => {
  const run = atDesk ? state.run + minutes : 0;
  return {
    run,
    gap: Math.max(0, state.gap - minutes),
    counts: state.counts,
    over: atDesk ? state.over + Math.max(0, run - Math.max(day.limitMin, state.run)) : state.over,
    cost: atDesk ? state.cost + costOfRun(state.run, minutes, day.targetMin) : state.cost,
    from: state.from,
  };
};

/**
 * So many ways are looked at, some ten seconds of one core: a day of five-minute steps with three kinds that each have a
 * least and a most needs a quarter of them. Counted, and not timed, so that the same day always gets the same answer.
 */
export const MOST_STATES = 4_000_000;

/** The states in which a day can end, and a count that kept all others from it, with how far it came. */
export interface SearchResult {
  ends: State[];
  short: { counter: Counter; possible: number } | null;
}

/** There are more ways than can be looked at. */
export class TooManyWays extends Error {}

/**
 * Every way to spend a day that could be the best: dynamic programming over minute, run, remaining gap and counts.
 * Only minutes at which something can begin, or at which time off the desk begins or ends, are looked at; what lies
 * between them follows by arithmetic.
 */
export const searchDay = (
  day: DayInput,
  tally: Tally,
  kindOf: (id: string) => BreakKind,
  mostStates = MOST_STATES,
): SearchResult => {
  const { counters } = tally;
  const { gapOf, mayStart } = starts(day, kindOf);
  const order = countsOrder(counters);
  const lockedAt = new Map(day.locked.map((l) => [l.startMin, kindOf(l.kindId)]));
  const longestGap = Math.max(...day.kinds.map(gapOf));
  const length = day.endMin - day.startMin;

  const open: (readonly BreakKind[])[] = Array.from({ length }, (_, i) => {
    const minute = day.startMin + i;
    return lockedAt.has(minute) ? [] : day.kinds.filter((kind) => mayStart(minute, kind));
  });
  const turns = new Set(day.offDesk.flatMap((o) => [o.startMin, o.endMin]));
  /** For each minute the next one at which there is something to decide, or the end of the day. */
  const nextStop: MinuteOfDay[] = new Array(length);
  for (let i = length - 1, stop = day.endMin; i >= 0; i--) {
    nextStop[i] = stop;
    const minute = day.startMin + i;
    if ((open[i]?.length ?? 0) > 0 || lockedAt.has(minute) || turns.has(minute)) stop = minute;
  }

  const frontiers: (Frontier | undefined)[] = new Array(length + 1);
  const at = (minute: MinuteOfDay): Frontier => {
    const i = minute - day.startMin;
    const frontier = frontiers[i] ?? new Frontier();
    frontiers[i] = frontier;
    return frontier;
  };
  at(day.startMin).add({ run: 0, gap: 0, counts: 0, over: 0, cost: 0, from: null });

  let short: SearchResult['short'] = null;
  let looked = 0;
  // Counts that end within the day; those of the whole day are looked at in the end, all together.
  const someEndWithin = counters.some((c) => c.until < day.endMin);
  /** Lets a state reach a minute, unless a count that ends on the way has not come to its least. */
  const reach = (state: State, before: MinuteOfDay, minute: MinuteOfDay): void => {
    let { counts } = state;
    if (someEndWithin)
      for (const counter of tally.ending(before, minute)) {
        if (counter.until >= day.endMin) continue;
        const possible = tally.reached(counts, counter);
        if (possible < counter.least) {
          if (short === null || short.possible < possible) short = { counter, possible };
          return;
        }
        counts = tally.without(counts, counter);
      }
    at(minute).add(counts === state.counts ? state : { ...state, counts });
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
    const i = minute - day.startMin;
    const frontier = frontiers[i];
    if (!frontier) continue;
    frontiers[i] = undefined; // no longer needed; its states live on in their trails
    const locked = lockedAt.get(minute);
    const kinds = open[i] ?? [];
    const stop = nextStop[i] ?? day.endMin;
    const atDesk = useOf(day, minute) !== 'off desk';
    for (const state of frontier.states(order)) {
      if (++looked > mostStates) throw new TooManyWays();
      if (locked) {
        place(state, minute, locked);
        continue;
      }
      // `gap` is what is left of the longest gap; a kind with a shorter one may start sooner.
      for (const kind of kinds) if (state.gap <= longestGap - gapOf(kind)) place(state, minute, kind);
      reach(later(state, stop - minute, atDesk, day), minute, stop);
    }
  }
  return { ends: at(day.endMin).states('neither'), short };
};
