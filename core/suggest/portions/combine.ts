import type { Column, Program, Row } from '../../solver';
import type { SuggestProgram } from '../program';
import { inLink, type Link } from './links';
import type { AreaBlock, Portion } from './portion';

/** Portions to choose one of for each area, in the order of the areas. */
export type Portions = readonly (readonly Portion[])[];

/** The program of choosing one portion for each area, and how to read its columns. */
export interface Combined extends Program {
  /** Columns of the portions of each area. */
  portionColumns: readonly (readonly number[])[];
  /** Which columns of the whole program follow, from the first on. */
  others: readonly number[];
}

/** Columns that belong to no area, and to none of its gains. */
export const otherColumns = ({ columns, areas, gains, leastColumn }: SuggestProgram): number[] => {
  const inside = new Set([
    ...areas.flatMap((a) => [...a.doses.flat(), ...(a.letGo === null ? [] : [a.letGo])]),
    ...gains.flatMap((g) => g.pieces),
    ...(leastColumn === null ? [] : [leastColumn]),
  ]);
  return columns.flatMap((_, x) => (inside.has(x) ? [] : [x]));
};

/**
 * One portion for each area, and everything that belongs to no area. Rows: those of the links in their order, then one for each
 * area. With `missing` an area may have none, and what a row asks for may be wanting, at that cost: then there is always something to start
 * from.
 */
export const combined = (
  program: SuggestProgram,
  blocks: readonly AreaBlock[],
  links: readonly Link[],
  portions: Portions,
  { whole, missing }: { whole: boolean; missing?: number },
): Combined => {
  const others = otherColumns(program);
  const at = new Map(others.map((x, k) => [x, k]));
  const columns: Column[] = others.map((x) => {
    const c = program.columns[x] as Column;
    return whole ? c : { ...c, whole: false };
  });
  const terms = links.map((l) => l.others.map(([x, f]) => [at.get(x) as number, f] as const));
  // That one is chosen is said by its row: a bound of its own would take a part of its price.
  const upper = whole ? 1 : Number.POSITIVE_INFINITY;
  const ones: Row[] = [];
  const portionColumns = blocks.map(({ letGo }, b) => {
    const own = (portions[b] ?? []).map((portion) => {
      const column = columns.push({ name: '', cost: portion.worth, lower: 0, upper, whole }) - 1;
      links.forEach((link, k) => {
        const adds = inLink(link, portion, letGo);
        if (adds !== 0) terms[k]?.push([column, adds]);
      });
      return column;
    });
    const none =
      missing === undefined ? [] : [columns.push({ name: '', cost: -missing, lower: 0, upper, whole }) - 1];
    ones.push({ lower: 1, upper: 1, terms: [...own, ...none].map((x) => [x, 1] as const) });
    return own;
  });
  // What has to be there though no portion that is known has it.
  if (missing !== undefined)
    links.forEach((link, k) => {
      const lacks = link.lower > 0 ? 1 : link.upper < 0 ? -1 : 0;
      if (lacks === 0) return;
      const column = columns.push({ name: '', cost: -missing, lower: 0, upper, whole }) - 1;
      terms[k]?.push([column, lacks]);
    });
  const rows = [...links.map(({ lower, upper }, k) => ({ lower, upper, terms: terms[k] ?? [] })), ...ones];
  return { columns, rows, portionColumns, others };
};
