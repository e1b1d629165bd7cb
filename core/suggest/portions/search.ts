import type { SuggestProgram } from '../program';
import { type AreaBlock, gainWorth, NEARLY, type Option, type Portion } from './portion';
import { readyAfter, readyingOf } from './readying';
import { type MuscleGain, type SharpBound, type Sharpened, sharpened } from './sharpen';
import { boundTable, type Serving } from './table';

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
}

/** Where a search is given up: the same on every machine. What is left open then is what its table cannot rule out. */
const MOST_VISITS = 50_000;
/** After so many visits a closer bound is looked for. */
const FEW_VISITS = 2000;
/** So many of the dearest charges are settled before a search. */
const MOST_SETTLED = 3;

/** A dose as the search takes it up: rows and gains it adds to, by their places. */
interface Line extends Sharpened {
  option: Option;
  price: number;
  sides: readonly number[];
  /** What is charged once that it causes, and what it spares. */
  causes: readonly number[];
  spares: readonly number[];
}

/**
 * The portions of an area that bring at least `floor` at the prices: all of them, or so many of the best. The search goes through
 * the choices one by one, those that ready others first, and leaves a branch where the best it could still bring is too little.
 * Whether the dearest charges are paid is settled first, so that the bound knows what they cost.
 */
export const bestPortions = (
  block: AreaBlock,
  program: SuggestProgram,
  prices: Prices,
  wanted: Wanted,
): Searched => {
  const plain = prices.once.filter((o) => o.charge > 0 && o.unless.size === 0);
  const dearest = plain.sort((a, b) => b.charge - a.charge).slice(0, MOST_SETTLED);
  const once = prices.once.filter((o) => !dearest.includes(o));
  let settled: { paid: number; without: ReadonlySet<number> }[] = [{ paid: 0, without: new Set() }];
  for (const { any, charge } of dearest)
    settled = settled.flatMap((s) => [
      { ...s, without: new Set([...s.without, ...any]) },
      { ...s, paid: s.paid + charge },
    ]);
  const { floor, most } = wanted;
  let found: Found[] = [];
  let left = floor;
  for (const { paid, without } of settled) {
    const last = found.length === most ? (found.at(-1)?.value ?? floor) : floor;
    const searched = searchSettled(
      { ...block, choices: block.choices.map((list) => list.filter((o) => !without.has(o.column))) },
      program,
      { of: prices.of, once },
      { ...wanted, floor: last },
      paid,
    );
    left = Math.max(left, searched.left);
    // What does without one of the charges is found again where it is paid, and then brings less.
    const byName = new Map<string, Found>();
    for (const one of [...found, ...searched.found].sort((a, b) => a.value - b.value))
      byName.set(String(one.portion.doses), one);
    found = [...byName.values()].sort((a, b) => b.value - a.value);
    if (found.length > most) {
      left = Math.max(left, found[most]?.value ?? left);
      found.length = most;
    }
  }
  return { found, left };
};

/** The doses of a block at the prices, those that ready others first. */
const linesOf = (block: AreaBlock, program: SuggestProgram, prices: Prices): Line[][] => {
  const { gains, rows, letGo } = block;
  const readying = readyingOf(block);
  const worthOf = (k: number, given: number): number =>
    gainWorth(gains[k] as (typeof gains)[number], given, program);
  const places = (of: string): number[] => gains.flatMap((g, k) => (g.of === of ? [k] : []));
  const [sides, holds, muscles] = [places('side'), places('hold'), places('muscle')];
  // Where letting go brings something by itself, a hold may bring its part of that.
  const letGoBrings = letGo === null ? 0 : Math.max(0, prices.of(letGo));
  const letGoes = (o: Option): number =>
    Math.max(0, ...rows.map((r, k) => (r.eachLetGo > 0 ? (o.inRow[k] ?? 0) / r.eachLetGo : 0)));
  const line = (option: Option): Line => {
    const price = prices.of(option.column);
    const given = (k: number): number => option.inGain[k] ?? 0;
    return {
      option,
      price,
      ...readying(option),
      alone: price + letGoBrings * letGoes(option),
      brings: price + letGoBrings * letGoes(option) + muscles.reduce((s, k) => s + worthOf(k, given(k)), 0),
      sec: Math.max(0, ...sides.map(given)),
      holds: holds.some((k) => given(k) > 0),
      rows: option.inRow.flatMap((f, k) => (f === 0 ? [] : [[k, f] as const])),
      sides: sides.map(given),
      muscles: muscles.flatMap((k, at) => (given(k) === 0 ? [] : [[at, given(k)] as const])),
      causes: prices.once.flatMap(({ any }, k) => (any.has(option.column) ? [k] : [])),
      spares: prices.once.flatMap(({ unless }, k) => (unless.has(option.column) ? [k] : [])),
    };
  };
  return block.choices
    .map((options) => options.map(line))
    .sort((a, b) => (a[0]?.takes ?? 0) - (b[0]?.takes ?? 0));
};

/** The portions where it is settled which of the dearest charges are paid. */
const searchSettled = (
  block: AreaBlock,
  program: SuggestProgram,
  prices: Prices,
  wanted: Wanted,
  paid: number,
): Searched => {
  const { gains, rows } = block;
  const ofKind = (of: string) => gains.filter((g) => g.of === of);
  const [sides, muscles] = [ofKind('side'), ofKind('muscle')];
  const due = Math.max(0, ...sides.map((g) => g.due));
  const serving = {
    due,
    need: wanted.level * due,
    worth: (sec: number): number => sides.reduce((s, g) => s + gainWorth(g, sec, program), 0),
    hold: ofKind('hold').reduce((s, g) => s + gainWorth(g, 1, program), 0),
  };
  const lines = linesOf(block, program, prices);
  const muscleGains = muscles.map((g): MuscleGain => {
    const { cost = 0, upper = 0 } = program.columns[g.pieces[0] as number] ?? {};
    return { cost, enoughSec: upper };
  });
  const plain = { choices: lines, table: boundTable(lines, serving), always: 0 };
  const search = (bound: SharpBound<Line>, floor: number, visits: number): Walked =>
    walk(
      block,
      program,
      prices,
      { ...wanted, floor },
      { ...bound, serving, muscles: muscleGains, paid, visits },
    );
  const first = search(plain, wanted.floor, FEW_VISITS);
  if (!first.isCut) return first;
  // Not done soon: it is worth the while to look for a closer bound.
  const [best] = first.found;
  const known = Math.max(wanted.floor, best?.value ?? wanted.floor);
  return search(
    sharpened(lines, rows, muscleGains, serving, known, block.sharpening),
    wanted.floor,
    MOST_VISITS,
  );
};

interface Walked extends Searched {
  isCut: boolean;
}

/** One walk through the choices. */
const walk = (
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

  /** Takes up a dose, or puts it back. */
  const take = (line: Line, sign: 1 | -1): void => {
    for (const [k, f] of line.rows) inRow[k] = (inRow[k] as number) + sign * f;
    for (let k = 0; k < inSide.length; k++)
      inSide[k] = (inSide[k] as number) + sign * (line.sides[k] as number);
    for (const [k, sec] of line.muscles) inMuscle[k] = (inMuscle[k] as number) + sign * sec;
    for (const k of line.causes) {
      const times = (caused[k] as number) + sign;
      caused[k] = times;
      const { charge, unless } = prices.once[k] as Prices['once'][number];
      if (charge > 0 && unless.size === 0 && times === (sign > 0 ? 1 : 0)) charges += sign * charge;
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
    found.push({ portion: { doses, letGoes, worth: worth + cost }, value });
    if (found.length < most) return;
    found.sort((a, b) => b.value - a.value);
    found.length = most;
    // What brings no more than the last of them is not looked for.
    threshold = Math.max(threshold, (found.at(-1)?.value ?? floor) + NEARLY);
  };

  /** The most that can still come of what is chosen, from a choice on; `promised` is what the doses before it bring at most. */
  const still = (choice: number, promised: number, ready: number): number => {
    let served = 0;
    for (const sec of inSide) served = Math.max(served, sec);
    return promised - charges + table.still(choice, served, holding > 0, ready);
  };

  /** From a choice on: the dose that can still bring most comes first. */
  const from = (choice: number, promised: number, ready: number): void => {
    if (++visits > mostVisits) return;
    const here = choices[choice];
    if (!here) {
      keep();
      return;
    }
    const ways = [{ line: null as Line | null, ready, still: still(choice + 1, promised, ready) }];
    for (const line of here) {
      const then = readyAfter(ready, line);
      if (then < 0) continue;
      take(line, 1);
      const fits = line.rows.every(([k]) => {
        const row = rows[k];
        return !row?.onlyAdds || (inRow[k] as number) <= row.upper + NEARLY;
      });
      const reach = fits ? still(choice + 1, promised + line.brings, then) : Number.NEGATIVE_INFINITY;
      take(line, -1);
      if (reach >= threshold) ways.push({ line, ready: then, still: reach });
    }
    ways.sort((a, b) => b.still - a.still);
    for (const way of ways) {
      if (way.still < threshold) return;
      if (way.line) take(way.line, 1);
      from(choice + 1, promised + (way.line?.brings ?? 0), way.ready);
      if (way.line) take(way.line, -1);
    }
  };
  const start = always - paid;
  const atMost = still(0, start, 0);
  from(0, start, 0);
  found.sort((a, b) => b.value - a.value);
  const isCut = visits > mostVisits;
  return { found, left: isCut ? atMost : Math.max(floor, found.length < most ? floor : threshold), isCut };
};
