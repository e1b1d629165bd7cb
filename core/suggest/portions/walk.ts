import type { SuggestProgram } from '../program';
import { type AreaBlock, gainWorth, NEARLY, type Option, type Portion } from './portion';
import { readyAfter } from './readying';
import type { MuscleGain, SharpBound, Sharpened } from './sharpen';
import type { Serving } from './table';

/** What a dose costs or brings beyond what the area gains by it, and what is paid once for any of some doses. */
export interface Prices {
  /** Worth of a column less what the rows it shares charge for it. */
  of: (column: number) => number;
  /** What is charged once where any of these is done and none of `unless`; where it is less than 0, it is paid out. */
  once: readonly { any: ReadonlySet<number>; unless: ReadonlySet<number>; charge: number }[];
}

/** A portion and what it brings at the prices. */
export interface Found {
  portion: Portion;
  value: number;
}

/** What a search found, the best first, and what nothing that it did not find brings more than. */
export interface Searched {
  found: Found[];
  left: number;
}

/** What is looked for. */
export interface Wanted {
  /** Each side is served with at least so much of what it is due. */
  level: number;
  /** What brings less is of no use. */
  floor: number;
  /** So many of the best are enough. */
  most: number;
  /** It is given up after so many visits. */
  visits?: number;
}

/** A dose as the search takes it up: rows and gains it adds to, by their places. */
export interface Line extends Sharpened {
  option: Option;
  price: number;
  sides: readonly number[];
  /** What is charged once that it causes, and what it spares. */
  causes: readonly number[];
  spares: readonly number[];
}

/** What one walk found, and whether it was given up. */
export interface Walked extends Searched {
  isCut: boolean;
}

/** Where something of a value goes among what was found, the best first: behind what is as good. */
const placeIn = (found: readonly Found[], value: number): number => {
  let [from, to] = [0, found.length];
  while (from < to) {
    const middle = (from + to) >> 1;
    if ((found[middle] as Found).value >= value) from = middle + 1;
    else to = middle;
  }
  return from;
};

/**
 * One walk through the choices, each dose of each or none: depth first, the dose that can still bring most before the others, and
 * no further where what can still come is less than what is looked for.
 */
export const walk = (
  { rows, gains, letGo, mostLetGoes }: AreaBlock,
  program: SuggestProgram,
  prices: Prices,
  { floor, most }: Wanted,
  {
    choices,
    table,
    always,
    serving: { need, hold },
    muscles,
    paid,
    visits: mostVisits,
  }: SharpBound<Line> & { serving: Serving; muscles: readonly MuscleGain[]; paid: number; visits: number },
): Walked => {
  const sides = gains.filter((g) => g.of === 'side');
  const letGoPrice = letGo === null ? 0 : prices.of(letGo);
  const found: Found[] = [];
  let threshold = floor;
  let visits = 0;
  // What is chosen so far, and what it adds up to.
  const chosen: Line[] = [];
  const inRow = new Float64Array(rows.length);
  const inSide = new Float64Array(sides.length);
  const inMuscle = new Float64Array(muscles.length);
  const caused = prices.once.map(() => 0);
  const spared = prices.once.map(() => 0);
  let holding = 0;
  // What is charged in any case from here on, and what may still be paid out.
  let charges = prices.once.reduce((s, o) => s + Math.min(0, o.charge), 0);
  /** What is certain to be charged where a dose causes it; 0 for what another dose may spare, or what is paid out. */
  const certain = prices.once.map(({ charge, unless }) => (unless.size === 0 ? Math.max(0, charge) : 0));
  /** What a row allows however many times something is let go, where adding a move never makes it easier to keep. */
  const allows = rows.map((r) => (r.onlyAdds ? r.upper + NEARLY : Number.POSITIVE_INFINITY));

  /** Takes up a dose, or puts it back. */
  const take = (line: Line, sign: 1 | -1): void => {
    for (const row of line.rows) inRow[row[0]] = (inRow[row[0]] as number) + sign * row[1];
    for (let k = 0; k < inSide.length; k++)
      inSide[k] = (inSide[k] as number) + sign * (line.sides[k] as number);
    for (const [k, sec] of line.muscles) inMuscle[k] = (inMuscle[k] as number) + sign * sec;
    for (const k of line.causes) {
      const times = (caused[k] as number) + sign;
      caused[k] = times;
      if (times === (sign > 0 ? 1 : 0)) charges += sign * (certain[k] as number);
    }
    for (const k of line.spares) spared[k] = (spared[k] as number) + sign;
    if (line.holds) holding += sign;
    if (sign > 0) chosen.push(line);
    else chosen.pop();
  };
  const letGoesAsked = (): number =>
    rows.reduce(
      (times, { upper, eachLetGo }, k) =>
        eachLetGo > 0
          ? Math.max(times, Math.ceil(((inRow[k] as number) - upper) / eachLetGo - NEARLY))
          : times,
      0,
    );

  /** The portion that is chosen now, if it keeps to all rows and brings enough. */
  const keep = (): void => {
    const letGoes = letGoesAsked();
    if (letGoes > mostLetGoes || inSide.some((sec) => sec < need - NEARLY)) return;
    if (rows.some((r, k) => (inRow[k] as number) > r.upper + r.eachLetGo * letGoes + NEARLY)) return;
    const gained =
      muscles.reduce((s, m, k) => s + m.cost * Math.min(m.enoughSec, inMuscle[k] as number), 0) +
      (holding > 0 ? hold : 0) +
      sides.reduce((s, g, k) => s + gainWorth(g, inSide[k] as number, program), 0);
    const brought = chosen.reduce((s, l) => s + l.price, -paid);
    const chargedOnce = prices.once.reduce(
      (s, { charge }, k) => s + ((caused[k] as number) > 0 && spared[k] === 0 ? charge : 0),
      0,
    );
    const value = brought + gained + letGoPrice * letGoes - chargedOnce;
    if (value < threshold) return;
    const doses = chosen.map((l) => l.option.column);
    const worth = doses.reduce((s, x) => s + (program.columns[x]?.cost ?? 0), gained);
    const cost = letGo === null ? 0 : (program.columns[letGo]?.cost ?? 0) * letGoes;
    found.splice(placeIn(found, value), 0, { portion: { doses, letGoes, worth: worth + cost }, value });
    if (found.length < most) return;
    found.length = most;
    // What brings no more than the last of them is not looked for.
    threshold = Math.max(threshold, (found.at(-1)?.value ?? floor) + NEARLY);
  };

  /** The most that can still come of what is chosen and one dose more, from a choice on; `promised` is what the doses bring at most. */
  const still = (choice: number, promised: number, ready: number, more: Line | null): number => {
    let charged = charges;
    let served = 0;
    if (more) {
      for (const row of more.rows)
        if ((inRow[row[0]] as number) + row[1] > (allows[row[0]] as number)) return Number.NEGATIVE_INFINITY;
      for (const k of more.causes) if (caused[k] === 0) charged += certain[k] as number;
    }
    for (let k = 0; k < inSide.length; k++) {
      const sec = (inSide[k] as number) + (more ? (more.sides[k] as number) : 0);
      if (sec > served) served = sec;
    }
    return promised - charged + table.still(choice, served, holding > 0 || more?.holds === true, ready);
  };

  // The ways on from each choice, the one that can still bring most first: place 0 is none of its doses. Kept for all visits.
  const orders = choices.map((here) => new Int16Array(here.length + 1));
  const reaches = choices.map((here) => new Float64Array(here.length + 1));

  /** From a choice on. */
  const from = (choice: number, promised: number, ready: number): void => {
    if (++visits > mostVisits) return;
    const here = choices[choice];
    if (!here) {
      keep();
      return;
    }
    const [order, reach] = [orders[choice] as Int16Array, reaches[choice] as Float64Array];
    let ways = 0;
    for (let place = 0; place <= here.length; place++) {
      const line = here[place - 1] ?? null;
      const then = line ? readyAfter(ready, line) : ready;
      if (then < 0) continue;
      const most = still(choice + 1, promised + (line?.brings ?? 0), then, line);
      if (most < threshold) continue;
      let at = ways++;
      for (; at > 0 && (reach[at - 1] as number) < most; at--) {
        reach[at] = reach[at - 1] as number;
        order[at] = order[at - 1] as number;
      }
      reach[at] = most;
      order[at] = place;
    }
    for (let at = 0; at < ways; at++) {
      if ((reach[at] as number) < threshold) return;
      const line = here[(order[at] as number) - 1] ?? null;
      if (line) take(line, 1);
      from(choice + 1, promised + (line?.brings ?? 0), line ? readyAfter(ready, line) : ready);
      if (line) take(line, -1);
    }
  };
  const start = always - paid;
  const atMost = still(0, start, 0, null);
  from(0, start, 0);
  const isCut = visits > mostVisits;
  return { found, left: isCut ? atMost : Math.max(floor, found.length < most ? floor : threshold), isCut };
};
