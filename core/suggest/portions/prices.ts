import type { SuggestProgram } from '../program';
import type { Asked } from './asked';
import { combined, type Portions } from './combine';
import type { Link } from './links';
import type { AreaBlock, Portion } from './portion';
import { bestPortions, MOST_VISITS } from './search';
import type { Found, Prices } from './walk';

/** So many new portions of an area are taken up at once. */
const NEW_PORTIONS = 4;
/** A glance for new portions goes no further than so many visits. */
const GLANCE_VISITS = 4000;
/** So often the prices are mended at most. Few need half of it. */
const ROUNDS = 40;
/** So near, as a share, what is known and what is possible may be when the prices are settled. */
const CLOSE = 0.0005;
/** What is gained by less is not looked for. */
const LITTLE = 1e-6;

/** Prices at which the portions that are known and all others agree what a break can be worth. */
export interface Priced {
  /** No break is worth more. */
  bound: number;
  /** For each area: its prices, and the most that one of its portions brings at them. */
  areas: readonly { prices: Prices; best: number }[];
  portions: readonly (readonly Portion[])[];
  /** What of the columns that belong to no area is taken at these prices, where everything may be done in part; by their place. */
  taken: ReadonlyMap<number, number>;
}

/** What the rows charge, as prices of the columns of an area. */
const pricesAt = (
  program: SuggestProgram,
  links: readonly Link[],
  charges: readonly number[],
  block: AreaBlock,
): Prices => {
  const charge = new Map<number, number>();
  const own = new Set(block.choices.flatMap((m) => m.map((o) => o.column)));
  const once: Prices['once'][number][] = [];
  links.forEach(({ sum, any, unless, covers }, k) => {
    const price = charges[k] ?? 0;
    if (price === 0) return;
    for (const [x, f] of sum) charge.set(x, (charge.get(x) ?? 0) + price * f);
    // Rows of these kinds have no lower bound, so that it never pays to be in them.
    const [one] = any;
    if (one !== undefined && own.has(one)) once.push({ any, unless, charge: price });
    const covering = new Set([...covers].filter((x) => own.has(x)));
    if (covering.size > 0) once.push({ any: covering, unless: new Set(), charge: -price });
  });
  return { of: (x) => (program.columns[x]?.cost ?? 0) - (charge.get(x) ?? 0), once };
};

/** More than all that a break can be worth: what an area without a portion costs. */
const missingCost = ({ columns }: SuggestProgram): number =>
  columns.reduce((sum, c) => sum + Math.abs(c.cost) * c.upper, 1);

/** What the rows charge where moves may be done in part: a first guess. Null where even that does not fit, or is not worth `atLeast`. */
const guess = (
  program: SuggestProgram,
  { rows, links, level, solve }: Asked,
  atLeast: number,
): number[] | null => {
  const columns = program.columns.map((c, x) => ({
    ...c,
    whole: false,
    lower: x === program.leastColumn ? level : c.lower,
  }));
  const answer = solve({ columns, rows }, { nodes: 1, gap: 0 });
  if (answer.status === 'none' || answer.objective < atLeast) return null;
  const { prices } = answer;
  return prices ? links.map((l) => l.rows.reduce((s, r) => s + (prices[r] ?? 0), 0)) : null;
};

/** The portions that are known, each once. */
const collected = (start: Portions) => {
  const portions = start.map((own) => [...own]);
  const names = portions.map((own) => new Set(own.map((p) => String(p.doses))));
  /** Takes up portions of an area that were not known; true where there was one. */
  const add = (b: number, found: readonly Found[]): boolean => {
    const fresh = found.filter(({ portion }) => !names[b]?.has(String(portion.doses)));
    for (const { portion } of fresh) {
      names[b]?.add(String(portion.doses));
      portions[b]?.push(portion);
    }
    return fresh.length > 0;
  };
  return { portions, add };
};

/**
 * Column generation (Dantzig and Wolfe, 1960): what the portions that are known can be worth together tells what a second, the
 * edge of the seat or a rest between areas is worth; at these prices each area is asked for better portions, until none has
 * any: at a glance first, and thoroughly where that finds none. What the best portions bring at such prices bounds what any
 * break can be worth, and closely. Where it turns out to be less than `atLeast` it goes no further. With portions of a break to
 * `start` from there is always one to find. Null where nothing fits, or nothing is worth so much.
 */
export const price = (
  program: SuggestProgram,
  asked: Asked,
  { start, atLeast }: { start: Portions; atLeast: number },
): Priced | null => {
  const { blocks, links, level, solve } = asked;
  const { portions, add } = collected(start);
  const missing = missingCost(program);
  const first = guess(program, asked, atLeast);
  if (!first) return null;
  if (portions.some((own) => own.length < 2))
    for (const [b, block] of blocks.entries()) {
      const prices = pricesAt(program, links, first, block);
      add(b, bestPortions(block, program, prices, { level, floor: -missing, most: NEW_PORTIONS }).found);
    }
  let best: Omit<Priced, 'portions'> | null = null;
  let isThorough = false;
  for (let round = 0; round < ROUNDS; round++) {
    const together = combined(program, blocks, links, portions, { whole: false, missing });
    const now = solve(together, { nodes: 1, gap: 0 });
    if (now.status === 'none' || !now.prices) return null;
    const charges = now.prices;
    let bound = now.objective;
    let isNew = false;
    let isOpen = false;
    const areas = blocks.map((block, b) => {
      const own = charges[links.length + b] ?? 0;
      const prices = pricesAt(program, links, charges, block);
      const floor = own + LITTLE;
      const visits = isThorough ? MOST_VISITS : GLANCE_VISITS;
      const { found, left } = bestPortions(block, program, prices, {
        level,
        floor,
        most: NEW_PORTIONS,
        visits,
      });
      if (add(b, found)) isNew = true;
      if (left > floor + LITTLE && found.length === 0) isOpen = true;
      const most = Math.max(own, found[0]?.value ?? own, left - LITTLE);
      bound += most - own;
      return { prices, best: most };
    });
    const taken = new Map(together.others.map((x, k) => [x, now.values[k] ?? 0]));
    if (!best || bound < best.bound) best = { bound, areas, taken };
    const isClose = best.bound < atLeast || best.bound - now.objective < CLOSE * Math.abs(best.bound);
    if (isClose || (!isNew && (isThorough || !isOpen))) break;
    isThorough = !isNew && isOpen;
  }
  return best && { ...best, portions };
};
