import type { Row, Solve } from '../../solver';
import type { SuggestProgram } from '../program';
import { combined } from './combine';
import type { Link } from './links';
import { type AreaBlock, type Portion, portionIn } from './portion';
import { bestPortions } from './search';
import type { Found, Prices } from './walk';

/** So many new portions of an area are taken up at once. */
const NEW_PORTIONS = 4;
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

/** What the rows charge where moves may be done in part: a first guess. Null where even that does not fit. */
const guess = (
  program: SuggestProgram,
  rows: readonly Row[],
  links: readonly Link[],
  level: number,
  solve: Solve,
): number[] | null => {
  const columns = program.columns.map((c, x) => ({
    ...c,
    whole: false,
    lower: x === program.leastColumn ? level : c.lower,
  }));
  const { prices } = { prices: undefined, ...solve({ columns, rows }, { nodes: 1, gap: 0 }) };
  return prices ? links.map((l) => l.rows.reduce((s, r) => s + (prices[r] ?? 0), 0)) : null;
};

/**
 * Column generation (Dantzig and Wolfe, 1960): what the portions that are known can be worth together tells what a second, the
 * edge of the seat or a rest between areas is worth; at these prices each area is asked for better portions, until none has
 * any. What the best portions bring at such prices bounds what any break can be worth, and closely. Where it
 * turns out to be less than `enough` it goes no further. With an answer to `start` from there is always one to find. Null where
 * nothing fits.
 */
export const price = (
  program: SuggestProgram,
  rows: readonly Row[],
  blocks: readonly AreaBlock[],
  links: readonly Link[],
  level: number,
  solve: Solve,
  { start, enough = Number.NEGATIVE_INFINITY }: { start?: readonly number[]; enough?: number },
): Priced | null => {
  const portions = blocks.map((block) => (start ? [portionIn(block, program, start)] : []));
  const known = portions.map((own) => new Set(own.map((p) => String(p.doses))));
  /** Takes up portions that were not known; true where there was one. */
  const add = (b: number, found: readonly Found[]): boolean => {
    const fresh = found.filter(({ portion }) => !known[b]?.has(String(portion.doses)));
    for (const { portion } of fresh) {
      known[b]?.add(String(portion.doses));
      portions[b]?.push(portion);
    }
    return fresh.length > 0;
  };
  const missing = missingCost(program);
  const first = guess(program, rows, links, level, solve);
  if (!first) return null;
  for (const [b, block] of blocks.entries()) {
    const prices = pricesAt(program, links, first, block);
    add(b, bestPortions(block, program, prices, { level, floor: -missing, most: NEW_PORTIONS }).found);
  }
  let best: Omit<Priced, 'portions'> | null = null;
  for (let round = 0; round < ROUNDS; round++) {
    const together = combined(program, blocks, links, portions, { whole: false, missing });
    const now = solve(together, { nodes: 1, gap: 0 });
    if (now.status === 'none' || !now.prices) return null;
    const charges = now.prices;
    let bound = now.objective;
    let isNew = false;
    const areas = blocks.map((block, b) => {
      const own = charges[links.length + b] ?? 0;
      const prices = pricesAt(program, links, charges, block);
      const { found, left } = bestPortions(block, program, prices, {
        level,
        floor: own + LITTLE,
        most: NEW_PORTIONS,
      });
      if (add(b, found)) isNew = true;
      const most = Math.max(own, found[0]?.value ?? own, left - LITTLE);
      bound += most - own;
      return { prices, best: most };
    });
    if (!best || bound < best.bound) best = { bound, areas };
    if (!isNew || best.bound < enough || best.bound - now.objective < CLOSE * Math.abs(best.bound)) break;
  }
  return best && { ...best, portions };
};
