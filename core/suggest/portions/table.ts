import { NEARLY } from './portion';
import { MOST_READY, type Readying, readyAfter } from './readying';

/** How closely the bound tells apart what a side was given, seconds. */
const FINE_SEC = 0.5;
/** So much in those steps, rounded up. */
const stepsOf = (sec: number): number => Math.ceil(sec / FINE_SEC - NEARLY);

/** A dose as the table sees it. */
export interface Entry extends Readying {
  /** What it brings at most beside what the sides gain by it. */
  brings: number;
  /** The most it gives to one side, seconds. */
  sec: number;
  /** A hold on each side. */
  holds: boolean;
}

/** What the sides gain. */
export interface Serving {
  /** What a side is due, and what it needs, seconds. */
  due: number;
  need: number;
  /** What all sides together gain where each is given so much. */
  worth: (sec: number) => number;
  /** What a hold on each side is worth. */
  hold: number;
}

/** What can still be brought at most, and by what. */
export interface BoundTable {
  /** The most that the choices from one on can bring. */
  still: (choice: number, sec: number, held: boolean, ready: number) => number;
  /** What is taken of each choice to bring the most of all, as far as the table knows; null where nothing is. */
  best: () => (Entry | null)[];
}

/**
 * What the choices that are left can bring at most, by how much the best served side was given, whether one is held, and how many
 * moves may be let in: worked out from the last choice to the first. It knows of no other row, so that it is never too little.
 */
export const boundTable = (
  choices: readonly (readonly Entry[])[],
  { due, need, worth, hold }: Serving,
): BoundTable => {
  const most = stepsOf(due);
  const wide = most + 1;
  const at = (held: number, ready: number): number => (ready * 2 + held) * wide;
  const size = at(0, MOST_READY + 1);
  const last = new Float64Array(size);
  for (let t = 0; t <= most; t++) {
    const given = t * FINE_SEC;
    const served = given >= need - NEARLY ? worth(given) : Number.NEGATIVE_INFINITY;
    for (let ready = 0; ready <= MOST_READY; ready++) {
      last[at(0, ready) + t] = served;
      last[at(1, ready) + t] = served + hold;
    }
  }
  const tables = [last];
  for (const entries of [...choices].reverse()) {
    const next = tables.at(-1) as Float64Array;
    const own = next.slice();
    for (const entry of entries) {
      const steps = Math.min(most, stepsOf(entry.sec));
      for (let ready = 0; ready <= MOST_READY; ready++) {
        const then = readyAfter(ready, entry);
        if (then < 0) continue;
        for (let held = 0; held < 2; held++) {
          const here = at(held, ready);
          const there = at(entry.holds ? 1 : held, then);
          const full = entry.brings + (next[there + most] as number);
          for (let t = 0; t <= most; t++) {
            const brought = t + steps < most ? entry.brings + (next[there + t + steps] as number) : full;
            if (brought > (own[here + t] as number)) own[here + t] = brought;
          }
        }
      }
    }
    tables.push(own);
  }
  tables.reverse();
  const value = (choice: number, steps: number, held: number, ready: number): number =>
    (tables[choice] as Float64Array)[at(held, ready) + steps] as number;
  return {
    still: (choice, sec, held, ready) => value(choice, Math.min(most, stepsOf(sec)), held ? 1 : 0, ready),
    best: () => {
      let [steps, held, ready] = [0, 0, 0];
      return choices.map((entries, k) => {
        const skipped = value(k + 1, steps, held, ready);
        let taken: { entry: Entry; steps: number; held: number; ready: number; value: number } | null = null;
        for (const entry of entries) {
          const then = readyAfter(ready, entry);
          if (then < 0) continue;
          const next = {
            entry,
            steps: Math.min(most, steps + stepsOf(entry.sec)),
            held: entry.holds ? 1 : held,
            ready: then,
          };
          const brought = entry.brings + value(k + 1, next.steps, next.held, then);
          if (brought > Math.max(skipped, taken?.value ?? skipped)) taken = { ...next, value: brought };
        }
        if (!taken) return null;
        ({ steps, held, ready } = taken);
        return taken.entry;
      });
    },
  };
};
