import { inLink, type Link } from './links';
import { NEARLY, type Portion } from './portion';

/** Whether one portion is at least as good as another in every row that ties areas together. */
const isNoWorse = (one: readonly number[], other: readonly number[], links: readonly Link[]): boolean =>
  links.every(({ lower, upper }, k) => {
    const [a, b] = [one[k] ?? 0, other[k] ?? 0];
    if (a < b - NEARLY) return lower === Number.NEGATIVE_INFINITY;
    if (a > b + NEARLY) return upper === Number.POSITIVE_INFINITY;
    return true;
  });

/**
 * The portions of an area without those that another could take the place of in any break: one that is worth as much and is no
 * worse in any row that ties areas together. Of two that are alike the first stays.
 */
export const undominated = (
  portions: readonly Portion[],
  links: readonly Link[],
  letGo: number | null,
): Portion[] => {
  const all = [...portions]
    .sort((a, b) => b.worth - a.worth)
    .map((portion) => ({ portion, adds: links.map((l) => inLink(l, portion, letGo)) }));
  const kept: typeof all = [];
  for (const one of all) if (!kept.some((k) => isNoWorse(k.adds, one.adds, links))) kept.push(one);
  return kept.map((k) => k.portion);
};
