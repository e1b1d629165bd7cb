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
  /** Any of these adds 1, and so do several. */
  any: ReadonlySet<number>;
  /** The rows it stands for, by their places. */
  rows: readonly number[];
}

/** What a portion adds to a link. */
export const inLink = ({ sum, any }: Link, { doses, letGoes }: Portion, letGo: number | null): number =>
  doses.reduce((s, x) => s + (sum.get(x) ?? 0), 0) +
  (letGo === null ? 0 : (sum.get(letGo) ?? 0) * letGoes) +
  (doses.some((x) => any.has(x)) ? 1 : 0);

/**
 * The rows that tie portions together. Rows that say the same of each move of an area ("needs the edge of the seat") become one:
 * only one portion of an area is chosen, so that any of its moves may speak for all of them, which bounds the search much closer.
 */
export const linksOf = (program: SuggestProgram, rows: readonly Row[]): Link[] => {
  const { areas, gains, leastColumn } = program;
  const areaAt = new Map(areas.flatMap((a) => columnsOf(a).map((x) => [x, a.area] as const)));
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
    const plus = terms.filter(([x, f]) => areaAt.has(x) && f > 0);
    const [area] = new Set(plus.map(([x]) => areaAt.get(x)));
    const rest = terms.filter(([x]) => areaAt.get(x) !== area);
    const same =
      lower === Number.NEGATIVE_INFINITY &&
      plus.length > 0 &&
      plus.every(([x, f]) => f === 1 && areaAt.get(x) === area) &&
      areas.some((a) => a.doses.some((list) => plus.every(([x]) => list.includes(x)))) &&
      rest.length + plus.length === terms.length;
    if (!same) {
      const [inAreas, others] = [true, false].map((is) => terms.filter(([x]) => areaAt.has(x) === is));
      links.push({ lower, upper, others: others ?? [], sum: new Map(inAreas), any: new Set(), rows: [at] });
      continue;
    }
    const key = JSON.stringify([area, upper, [...rest].sort(([a], [b]) => a - b)]);
    const known = alike.get(key);
    if (known) {
      for (const [x] of plus) known.any.add(x);
      known.rows.push(at);
      continue;
    }
    const one = { any: new Set(plus.map(([x]) => x)), rows: [at] };
    alike.set(key, one);
    links.push({
      lower,
      upper,
      others: rest.filter(([x]) => !areaAt.has(x)),
      sum: new Map(rest.filter(([x]) => areaAt.has(x))),
      ...one,
    });
  }
  return links;
};
