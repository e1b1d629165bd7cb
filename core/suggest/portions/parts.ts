import type { SuggestProgram } from '../program';
import type { Asked, Known } from './asked';
import { undominated } from './dominated';
import { NEARLY, type Portion } from './portion';
import { type Priced, price } from './prices';
import { bestPortions } from './search';

/** So many portions of an area are looked for at first, when all that could be in a better break are; then twice as many. */
const MOST_PORTIONS = 250;
/** So often at most. */
const MOST_ROUNDS = 5;
/** Where the bound is further off than this, as a share, once more is enough: there are too many. */
const NEARBY = 0.05;
const FAR_ROUNDS = 2;
/** All breaks are divided into so many parts at most. */
const MOST_PARTS = 16;
/** To within rounding. */
const ROUNDING = 1e-6;

/** Some of all breaks: those that keep to closer bounds of what decides over much else. */
export interface Part {
  program: SuggestProgram;
  priced: Priced;
}

/** Of what decides over much else, that which is furthest from whole at the prices of a part; null where all is decided. */
const undecided = ({ program, priced }: Part): number | null => {
  const off = (x: number): number =>
    Math.abs((priced.taken.get(x) ?? 0) - Math.round(priced.taken.get(x) ?? 0));
  const [first] = [...program.deciding].sort((a, b) => off(b) - off(a));
  return first !== undefined && off(first) > ROUNDING ? first : null;
};

/** The two parts of a part in which a column is at most, and at least, the whole number next to what it is now. */
const halves = ({ program, priced }: Part, x: number): SuggestProgram[] => {
  const now = priced.taken.get(x) ?? 0;
  const within = (bounds: { lower?: number; upper?: number }): SuggestProgram => ({
    ...program,
    columns: program.columns.map((c, k) => (k === x ? { ...c, ...bounds } : c)),
  });
  return [within({ upper: Math.floor(now) }), within({ lower: Math.ceil(now) })];
};

/** The portions that a break of a part better than what is known could have, and what no break with any other is worth more than. */
const couldBe = (
  { program, priced }: Part,
  { blocks, links, level }: Asked,
  target: number,
  most: number,
): { weighed: Portion[][]; left: number } => {
  let left = target;
  const weighed = blocks.map((block, b) => {
    const { prices, best } = priced.areas[b] as Priced['areas'][number];
    // A break that is worth so much has no portion that brings less than its area's best by more than what the bound is above that.
    const floor = best - (priced.bound - target);
    const searched = bestPortions(block, program, prices, { level, floor, most });
    left = Math.max(left, priced.bound - best + searched.left);
    const all = [...searched.found.map((f) => f.portion), ...(priced.portions[b] ?? [])];
    return undominated(all, links, block.letGo);
  });
  return { weighed, left };
};

/**
 * All portions that a better break of a part could have are looked for, and the best of these is the best there is, unless there
 * are too many. The first of them are weighed for a better break to start from; the others only when they are all there. Answers
 * what no break of the part is worth more than.
 */
const exhausted = (part: Part, asked: Asked, known: Known): number => {
  const { program, priced } = part;
  let open = priced.bound;
  let before = 0;
  for (let round = 0; round < MOST_ROUNDS; round++) {
    const { weighed, left } = couldBe(part, asked, known.target, MOST_PORTIONS * 2 ** round);
    const isAll = left <= known.target + NEARLY;
    if (round === 0 || isAll) {
      const tried = round === 0 ? known.tries(program, weighed) : known.triesForBetter(program, weighed);
      // Better than this is neither what was left out nor what the last search left open.
      open = Math.min(open, Math.max(left, tried));
      if (isAll || known.isEnough || open <= known.target + NEARLY) break;
    }
    const isFar = left > known.target + NEARBY * Math.abs(known.found?.objective ?? 0);
    const count = weighed.reduce((sum, own) => sum + own.length, 0);
    // Where no more came of looking for twice as many, more are not found so.
    if ((isFar && round + 1 >= FAR_ROUNDS) || count === before) break;
    before = count;
  }
  return open;
};

/**
 * The best break of all parts (branch and bound): where the prices leave it open what is decided, each half is priced by itself,
 * which bounds it closer; where they do not, its portions are exhausted. Answers what no break is worth more than.
 */
export const divided = (whole: Part, asked: Asked, known: Known): number => {
  let open = [whole];
  let closed = Number.NEGATIVE_INFINITY;
  const better = (): Part[] =>
    open
      .filter(({ priced }) => priced.bound > known.target + NEARLY)
      .sort((a, b) => b.priced.bound - a.priced.bound);
  for (let count = 0; count < MOST_PARTS && !known.isEnough; count++) {
    const [part, ...others] = better();
    open = others;
    if (!part) return Math.min(whole.priced.bound, Math.max(closed, known.target));
    const x = undecided(part);
    if (x === null) {
      closed = Math.max(closed, exhausted(part, asked, known));
      continue;
    }
    for (const program of halves(part, x)) {
      const { portions, bound } = part.priced;
      const priced = price(program, asked, { start: portions, atLeast: known.target });
      if (!priced || priced.bound <= known.target) continue;
      known.tries(program, priced.portions);
      open.push({ program, priced: { ...priced, bound: Math.min(bound, priced.bound) } });
    }
  }
  return Math.min(whole.priced.bound, Math.max(closed, known.target, ...open.map((p) => p.priced.bound)));
};
