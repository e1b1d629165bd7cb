import type { SuggestProgram } from '../program';
import { type AreaBlock, gainWorth, type Option } from './portion';
import { readyingOf } from './readying';
import { type MuscleGain, type SharpBound, sharpened } from './sharpen';
import { boundTable } from './table';
import { type Found, type Line, type Prices, type Searched, type Walked, type Wanted, walk } from './walk';

/** Where a search is given up: the same on every machine. What is left open then is what its table cannot rule out. */
export const MOST_VISITS = 50_000;
/** After so many visits a closer bound is looked for. */
const FEW_VISITS = 2000;
/** So many of the dearest charges are settled before a search. */
const MOST_SETTLED = 3;

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
    // What does without one of the charges is found again where it is paid, maybe in another order, and then brings less.
    const byName = new Map<string, Found>();
    for (const one of [...found, ...searched.found].sort((a, b) => a.value - b.value))
      byName.set(String([...one.portion.doses].sort((x, y) => x - y)), one);
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
    wanted.visits ?? MOST_VISITS,
  );
};
