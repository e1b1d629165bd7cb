import type { PlacedBreak } from '../model';
import type { Counter } from './counters';

/** A way to reach a minute: with this run, this much of the gap still to wait, and these counts so far. */
export interface State {
  run: number;
  gap: number;
  counts: number;
  over: number;
  cost: number;
  from: Trail | null;
}
export interface Trail {
  placed: PlacedBreak;
  before: Trail | null;
}

/** Room for runs and gaps of up to a day in the key of a state. */
const STRIDE = 2048;
/** So many different counts a key has room for; no rule that a person would write comes near. */
export const MOST_COUNTS = 2 ** 30;

/** Fewer minutes over the limit come first, then the lower cost. */
export const better = (a: State, b: State): boolean =>
  a.over < b.over || (a.over === b.over && a.cost < b.cost);

/**
 * Which of two counts leaves more open, when all else is the same: with nothing but a most the smaller one, with
 * nothing but a least the larger one; otherwise neither can be said.
 */
export type CountsOrder = 'fewer' | 'more' | 'neither';

export const countsOrder = (counters: readonly Counter[]): CountsOrder => {
  const [only, ...others] = counters;
  if (!only || others.length > 0) return 'neither';
  if (only.least === 0) return 'fewer';
  return only.most === null ? 'more' : 'neither';
};

/** Whether one of some states is at least as good as a state in every respect; its counts are no worse already. */
const beaten = (state: State, by: readonly State[]): boolean => {
  for (let i = by.length - 1; i >= 0; i--) {
    const f = by[i] as State;
    if (f.run <= state.run && f.gap <= state.gap && !better(state, f)) return true;
  }
  return false;
};

/**
 * Drops every state that another one beats in every respect: no longer a run, no longer to wait, no worse so
 * far, with counts that leave no less open. A longer run never costs less later, so what is dropped can never win.
 */
const prune = (states: Iterable<State>, order: CountsOrder): State[] => {
  const sign = order === 'more' ? -1 : 1;
  const ordered = Array.from(states).sort(
    (a, b) =>
      sign * (a.counts - b.counts) || a.gap - b.gap || a.run - b.run || a.over - b.over || a.cost - b.cost,
  );
  const kept: State[] = [];
  let front: State[] = []; // the states kept so far that a newcomer is compared with
  let counts = -1;
  for (const state of ordered) {
    if (order === 'neither' && state.counts !== counts) {
      counts = state.counts;
      front = [];
    }
    if (beaten(state, front)) continue;
    front.push(state);
    kept.push(state);
  }
  return kept;
};

/** The states that may stand at one minute, the best one for each run, gap and counts. */
export class Frontier {
  private readonly best = new Map<number, State>();

  add(state: State): void {
    const key = (state.counts * STRIDE + state.gap) * STRIDE + state.run;
    const held = this.best.get(key);
    if (!held || better(state, held)) this.best.set(key, state);
  }

  states(order: CountsOrder): State[] {
    return prune(this.best.values(), order);
  }
}
