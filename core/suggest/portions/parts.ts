import type { SuggestProgram } from '../program';
import type { Asked, Known } from './asked';
import { undominated } from './dominated';
import { NEARLY } from './portion';
import { type Priced, price } from './prices';
import { bestPortions } from './search';

/** So many portions of an area are weighed at first, when all that could be in a better break are looked for; then twice as many. */
const MOST_PORTIONS = 250;
/** So often at most, and with so much work, in steps of the solver. */
const MOST_ROUNDS = 3;
const MUCH_WORK = 3000;
/** Where the bound is further off than this, as a share, once more is enough: there are too many. */
const NEARBY = 0.05;
const FAR_ROUNDS = 2;
/** Unless it is easily done: with so little work, so few portions. Then it is done more often. */
const EASY = { iterations: 200, portions: 1300, rounds: 5 };
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

/**
 * All portions that a better break of a part could have are looked for, and the best of these is the best there is, unless there
 * are too many. Answers what no break of the part is worth more than.
 */
const exhausted = ({ program, priced }: Part, asked: Asked, known: Known): number => {
  const { blocks, links, level } = asked;
  let open = priced.bound;
  let work = 0;
  for (let round = 0; round < EASY.rounds; round++) {
    const { target } = known;
    let left = target;
    const weighed = blocks.map((block, b) => {
      const { prices, best } = priced.areas[b] as Priced['areas'][number];
      // A break that is worth so much has no portion that brings less than its area's best by more than what the bound is above that.
      const floor = best - (priced.bound - target);
      const searched = bestPortions(block, program, prices, {
        level,
        floor,
        most: MOST_PORTIONS * 2 ** round,
      });
      left = Math.max(left, priced.bound - best + searched.left);
      const all = [...searched.found.map((f) => f.portion), ...(priced.portions[b] ?? [])];
      return undominated(all, links, block.letGo);
    });
    const tried = known.tries(program, weighed);
    // Better than this is neither what was left out nor what the last search left open.
    open = Math.min(open, Math.max(left, tried));
    if (known.isEnough || open <= known.target + NEARLY) break;
    work += known.iterations;
    const isFar = open > known.target + NEARBY * Math.abs(known.found?.objective ?? 0);
    const isEasy =
      known.iterations < EASY.iterations && weighed.reduce((sum, own) => sum + own.length, 0) < EASY.portions;
    if (!isEasy && (work > MUCH_WORK || round + 1 >= (isFar ? FAR_ROUNDS : MOST_ROUNDS))) break;
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
