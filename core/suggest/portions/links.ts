import type { Row } from '../../solver';
import type { SuggestProgram } from '../program';
import type { Terms } from '../program/sheet';
import { columnsOf, isOwn, type Portion } from './portion';

/**
 * A row that ties areas to each other, or to the seat, to things, to time: what each portion adds to it, and the columns that
 * belong to no area.
 */
export interface Link {
  lower: number;
  upper: number;
  /** Columns that belong to no area. */
  others: Terms;
  /** What each dose and letting go of an area adds. */
  sum: ReadonlyMap<number, number>;
  /** A portion with any of these adds 1, however many it has, if it has none of `unless`. */
  any: ReadonlySet<number>;
  unless: ReadonlySet<number>;
  /** A portion with any of these takes 1 away, however many it has. */
  covers: ReadonlySet<number>;
  /** The rows it stands for, by their places. */
  rows: readonly number[];
}

const NONE: ReadonlySet<number> = new Set();

/** What a portion adds to a link. */
export const inLink = (
  { sum, any, unless, covers }: Link,
  { doses, letGoes }: Portion,
  letGo: number | null,
): number => {
  const has = (set: ReadonlySet<number>): boolean => doses.some((x) => set.has(x));
  return (
    doses.reduce((s, x) => s + (sum.get(x) ?? 0), 0) +
    (letGo === null ? 0 : (sum.get(letGo) ?? 0) * letGoes) +
    (has(any) && !has(unless) ? 1 : 0) -
    (has(covers) ? 1 : 0)
  );
};

/** A row as it asks something of one move: its doses only where something else is; null where it says something else. */
const asked = (
  { lower, upper, terms }: Row,
  { areas }: SuggestProgram,
  areaAt: ReadonlyMap<number, string>,
): { area: string; doses: number[]; rest: Terms } | null => {
  const plus = terms.filter(([x, f]) => areaAt.has(x) && f > 0);
  const doses = plus.map(([x]) => x);
  const area = areaAt.get(doses[0] ?? -1);
  const rest = terms.filter(([x, f]) => !(areaAt.has(x) && f > 0));
  const isOneMove =
    plus.every(([, f]) => f === 1) &&
    areas.some((a) => a.doses.some((m) => doses.every((x) => m.includes(x))));
  // Where others of the areas let it in, one of them is enough.
  const isLetIn = rest.every(([x, f]) => !areaAt.has(x) || (f === -1 && upper === 0));
  const isAsked = lower === Number.NEGATIVE_INFINITY && isOneMove && isLetIn;
  return isAsked && area !== undefined ? { area, doses, rest } : null;
};

/**
 * The rows that tie portions together. Rows that ask the same of each move of an area ("the edge of the seat", "something that
 * moved it before") become one: only one portion of an area is chosen, so that any of its moves may speak for all of them, and
 * what lets them in is there or not, which bounds the search much closer.
 */
export const linksOf = (program: SuggestProgram, rows: readonly Row[]): Link[] => {
  const { areas, gains, leastColumn } = program;
  const areaAt = new Map(areas.flatMap((a) => columnsOf(a).map((x) => [x, a.area as string] as const)));
  const own = areas.map((a) => new Set(columnsOf(a)));
  const pieces = new Set(gains.flatMap((g) => g.pieces));
  const links: Link[] = [];
  const alike = new Map<string, { any: Set<number>; rows: number[] }>();
  for (const [at, row] of rows.entries()) {
    // What a portion gains is its own, and so is whether it serves each side enough.
    if (row.terms.some(([x]) => pieces.has(x) || x === leastColumn)) continue;
    // What is asked for beyond the program (not the same again) is charged for, also where it looks at one area alone.
    if (program.rows.includes(row) && own.some((o) => isOwn(row, o))) continue;
    const { lower, upper, terms } = row;
    const others = terms.filter(([x]) => !areaAt.has(x));
    const one = asked(row, program, areaAt);
    if (!one) {
      const sum = new Map(terms.filter(([x]) => areaAt.has(x)));
      links.push({ lower, upper, others, sum, any: NONE, unless: NONE, covers: NONE, rows: [at] });
      continue;
    }
    const key = JSON.stringify([one.area, upper, [...one.rest].sort(([a], [b]) => a - b)]);
    const known = alike.get(key);
    for (const x of one.doses) known?.any.add(x);
    known?.rows.push(at);
    if (known) continue;
    const first = { any: new Set(one.doses), rows: [at] };
    alike.set(key, first);
    const letIn = one.rest.flatMap(([x]) => (areaAt.has(x) ? [x] : []));
    const [unless, covers] = [true, false].map(
      (isSame) => new Set(letIn.filter((x) => (areaAt.get(x) === one.area) === isSame)),
    );
    links.push({
      lower,
      upper,
      others,
      sum: new Map(),
      unless: unless ?? NONE,
      covers: covers ?? NONE,
      ...first,
    });
  }
  return links;
};
