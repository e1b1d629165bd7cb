import { inLink, type Link } from './links';
import { NEARLY, type Portion } from './portion';

/**
 * What each portion takes of the rows that tie areas together, so that less of each is better: the other way round where a row
 * asks for at least so much, both ways where it asks for both. Rows that all of them take alike tell none apart.
 */
const takenBy = (portions: readonly Portion[], links: readonly Link[], letGo: number | null) => {
  const columns = links.flatMap((link) => {
    const own = portions.map((p) => inLink(link, p, letGo));
    if (own.every((value) => value === own[0])) return [];
    return [
      ...(link.upper === Number.POSITIVE_INFINITY ? [] : [own]),
      ...(link.lower === Number.NEGATIVE_INFINITY ? [] : [own.map((value) => -value)]),
    ];
  });
  return portions.map((_, i) => Float64Array.from(columns, (column) => column[i] as number));
};

/** Whether one takes no more of anything than another. */
const isNoWorse = (one: Float64Array, other: Float64Array): boolean => {
  for (let k = 0; k < one.length; k++) if ((one[k] as number) > (other[k] as number) + NEARLY) return false;
  return true;
};

/**
 * The portions of an area without those that another could take the place of in any break: one that is worth as much and is no
 * worse in any row that ties areas together. Of two that are alike the first stays.
 */
export const undominated = (
  portions: readonly Portion[],
  links: readonly Link[],
  letGo: number | null,
): Portion[] => {
  const sorted = [...portions].sort((a, b) => b.worth - a.worth);
  const taken = takenBy(sorted, links, letGo);
  const kept: Float64Array[] = [];
  return sorted.filter((_, i) => {
    const own = taken[i] as Float64Array;
    if (kept.some((better) => isNoWorse(better, own))) return false;
    kept.push(own);
    return true;
  });
};
