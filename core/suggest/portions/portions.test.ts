import { beforeAll, describe, expect, it } from 'vitest';
import { library, moveLookup } from '../../library/all';
import { type Area, defaultApproach } from '../../model';
import type { Row, Solve } from '../../solver';
import { highsSolver } from '../../solver';
import { everything } from '../../testing/all';
import { seeded } from '../../testing/random';
import { loadSolver } from '../../testing/solver-planner';
import { candidatesFor, emptyBreak } from '../candidates';
import { LEVEL, solveFairly } from '../fairest';
import { lettingGo } from '../let-go';
import { SUGGEST_LIMITS } from '../limits';
import { type SuggestProgram, suggestProgram } from '../program';
import { SuggestRequest } from '../request';
import { gapTo, solveByPortions } from '.';
import { undominated } from './dominated';
import { inLink, linksOf } from './links';
import { type AreaBlock, areaBlock, gainWorth, type Option, type Portion } from './portion';
import { bestPortions } from './search';
import { type Sharpened, sharpened } from './sharpen';
import type { Prices } from './walk';

let solve: Solve;
beforeAll(async () => {
  solve = highsSolver(await loadSolver());
});

const programOf = (slotSec: number, areas: readonly Area[], more: object = {}): SuggestProgram => {
  const request = SuggestRequest.parse({ slotSec, targets: areas.map((area) => ({ area })), ...more });
  const setting = {
    request,
    moves: library,
    lookup: moveLookup(),
    approach: defaultApproach,
    audience: null,
  };
  const empty = emptyBreak(setting);
  return suggestProgram(candidatesFor(setting), setting, empty, lettingGo(empty, setting));
};
const sumOf = ({ terms }: Pick<Row, 'terms'>, values: readonly number[]): number =>
  terms.reduce((s, [x, f]) => s + f * (values[x] ?? 0), 0);

describe('a break put together from portions', () => {
  const asked: [number, Area[], object?][] = [
    [420, ['shoulder', 'upper arm'], { things: ['strap'] }],
    [600, ['neck', 'chest', 'hip'], { seatedOnly: false }],
    ...(everything
      ? ([
          [120, ['hand']],
          [180, ['neck', 'shoulder', 'low back']],
          [300, ['neck', 'forearm']],
          [240, ['chest', 'upper back', 'neck']],
          [300, ['neck', 'shoulder', 'low back', 'forearm', 'hip']],
          [300, ['neck'], { moreSide: 'left' }],
          [900, ['neck', 'chest', 'upper back', 'hip', 'low back'], { seatedOnly: false }],
        ] as [number, Area[], object?][])
      : []),
  ];
  it.each(asked)(
    'in %i s for %j keeps to every row, and nothing the whole program finds is better',
    (slotSec, areas, more) => {
      const program = programOf(slotSec, areas, more);
      const fair = solveFairly(program, program.rows, solve, SUGGEST_LIMITS, { highest: 1 / LEVEL });
      if (!fair) throw new Error('nothing fits');
      const { values, objective, gap } = fair.solution;
      expect(gap).toBeLessThanOrEqual(SUGGEST_LIMITS.gap);
      program.columns.forEach(({ name, lower, upper, whole }, x) => {
        const value = values[x] ?? 0;
        expect(value, name).toBeGreaterThanOrEqual(lower - 1e-6);
        expect(value, name).toBeLessThanOrEqual(upper + 1e-6);
        if (whole) expect(Math.abs(value - Math.round(value)), name).toBeLessThan(1e-6);
      });
      for (const row of program.rows) {
        expect(sumOf(row, values)).toBeGreaterThanOrEqual(row.lower - 1e-6);
        expect(sumOf(row, values)).toBeLessThanOrEqual(row.upper + 1e-6);
      }
      expect(program.columns.reduce((s, c, x) => s + c.cost * (values[x] ?? 0), 0)).toBeCloseTo(objective, 6);
      // The whole program at that level, by the solver alone; and one level more, which cannot be served.
      const at = (level: number) => ({
        columns: program.columns.map((c, x) =>
          x === program.leastColumn ? { ...c, lower: level * LEVEL - 1e-6 } : c,
        ),
        rows: program.rows,
      });
      const whole = solve(at(fair.level), { ...SUGGEST_LIMITS, nodes: 200 });
      if (whole.status !== 'none')
        expect(whole.objective).toBeLessThanOrEqual(objective * (1 + SUGGEST_LIMITS.gap) + 1e-6);
      if (fair.level < 1 / LEVEL) expect(solve(at(fair.level + 1), SUGGEST_LIMITS).status).toBe('none');
    },
  );

  it('says what no break can be worth more than', () => {
    const program = programOf(300, ['neck', 'shoulder']);
    const { found, bound } = solveByPortions(program, program.rows, 0.3, solve, SUGGEST_LIMITS);
    if (!found) throw new Error('nothing fits');
    expect(bound).toBeGreaterThanOrEqual(found.objective - 1e-9);
    expect(gapTo(bound, found)).toBeLessThanOrEqual(SUGGEST_LIMITS.gap);
    const whole = solve({ columns: program.columns, rows: program.rows }, { nodes: 60, gap: 0 });
    if (whole.status !== 'none') expect(whole.objective).toBeLessThanOrEqual(bound * 1.0001 + 1);
    // More than can be served in that time.
    const none = solveByPortions(program, program.rows, 1, solve, SUGGEST_LIMITS, { enough: -10 });
    expect(none.bound).toBeLessThan(-10);
  });
});

/** A block with fewer moves, so that all of its portions can be counted out. */
const few = (block: AreaBlock, random: ReturnType<typeof seeded>): AreaBlock => {
  const choices = block.choices.flatMap((list) => {
    const some = list.filter(() => random.int(0, 2) === 0).slice(0, 2);
    return some.length > 0 && random.int(0, 1) === 0 ? [some] : [];
  });
  return { ...block, choices: choices.slice(0, 9) };
};

/** Every portion of a block, judged from its rows and gains as they are written: no bound, no table. */
const everyPortion = (block: AreaBlock, program: SuggestProgram, prices: Prices, level: number) => {
  let all: Option[][] = [[]];
  for (const list of block.choices) all = all.flatMap((some) => [some, ...list.map((o) => [...some, o])]);
  return all.flatMap((options) => {
    const inRow = block.rows.map((_, k) => options.reduce((s, o) => s + (o.inRow[k] ?? 0), 0));
    const letGoes = Math.max(
      0,
      ...block.rows.map((r, k) =>
        r.eachLetGo > 0 ? Math.ceil(((inRow[k] ?? 0) - r.upper) / r.eachLetGo - 1e-9) : 0,
      ),
    );
    if (letGoes > block.mostLetGoes) return [];
    if (block.rows.some((r, k) => (inRow[k] ?? 0) > r.upper + r.eachLetGo * letGoes + 1e-9)) return [];
    const given = block.gains.map((_, k) => options.reduce((s, o) => s + (o.inGain[k] ?? 0), 0));
    if (block.gains.some((g, k) => g.of === 'side' && (given[k] ?? 0) < level * g.due - 1e-9)) return [];
    const doses = options.map((o) => o.column);
    const has = (set: ReadonlySet<number>): boolean => doses.some((x) => set.has(x));
    const value =
      doses.reduce((s, x) => s + prices.of(x), 0) +
      block.gains.reduce((s, g, k) => s + gainWorth(g, given[k] ?? 0, program), 0) +
      (block.letGo === null ? 0 : prices.of(block.letGo) * letGoes) -
      prices.once.reduce((s, o) => s + (has(o.any) && !has(o.unless) ? o.charge : 0), 0);
    return [{ name: [...doses].sort((a, b) => a - b).join(' '), value }];
  });
};

describe('the search for portions, against every portion there is', () => {
  const program = () => programOf(480, ['neck', 'shoulder', 'upper back']);
  it.each(Array.from({ length: everything ? 60 : 12 }, (_, i) => i + 1))('seed %i', (seed) => {
    const random = seeded(seed);
    const whole = program();
    const area = whole.areas[seed % whole.areas.length];
    if (!area) throw new Error('no area');
    const block = few(areaBlock(area, whole), random);
    const doses = block.choices.flat().map((o) => o.column);
    const some = (): Set<number> => new Set(doses.filter(() => random.int(0, 2) === 0));
    const cost = new Map(doses.map((x) => [x, random.int(-300, 60) / 1000]));
    const prices: Prices = {
      of: (x) => cost.get(x) ?? random.int(-50, -50) / 1000,
      once: [
        { any: some(), unless: new Set(), charge: random.int(1, 80) / 1000 },
        { any: some(), unless: some(), charge: random.int(1, 80) / 1000 },
        { any: some(), unless: new Set(), charge: -random.int(1, 80) / 1000 },
      ],
    };
    const level = random.int(0, 4) / 10;
    const all = everyPortion(block, whole, prices, level).sort((a, b) => b.value - a.value);
    const best = all[0]?.value ?? 0;
    const floor = best - random.int(0, 200) / 1000;
    const { found, left } = bestPortions(block, whole, prices, { level, floor, most: 10_000 });
    const names = found.map((f) => [...f.portion.doses].sort((a, b) => a - b).join(' '));
    const expected = all.filter((one) => one.value > floor + 1e-6);
    expect(names).toEqual(expect.arrayContaining(expected.map((one) => one.name)));
    for (const [k, { value }] of found.entries())
      expect(value).toBeCloseTo(all.find((one) => one.name === names[k])?.value ?? Number.NaN, 6);
    expect(left).toBeCloseTo(floor, 6);
    // Only the best few: none that is left out brings more than is said.
    const three = bestPortions(block, whole, prices, { level, floor: -100, most: 3 });
    expect(three.found.map((f) => f.value)).toEqual(
      all.slice(0, 3).map((one) => expect.closeTo(one.value, 6)),
    );
    const fourth = all[3]?.value;
    if (fourth !== undefined) expect(three.left).toBeGreaterThanOrEqual(fourth - 1e-6);
  });
});

describe('a sharpened bound', () => {
  it('is never under what rows and muscles allow, and gets closer than the table alone', () => {
    const random = seeded(7);
    let closer = 0;
    for (let round = 0; round < 30; round++) {
      const muscles = [{ cost: 0.01, enoughSec: 30 }];
      const rows = [{ upper: 2, eachLetGo: 0, onlyAdds: true }];
      const choices = Array.from({ length: 7 }, () =>
        [10, 20].map((sec): Sharpened => {
          const alone = random.int(-20, 30) / 100;
          return {
            takes: 0,
            needs: false,
            holds: false,
            sec: 0,
            alone,
            brings: alone + 0.01 * sec,
            rows: [[0, 1]],
            muscles: [[0, sec]],
          };
        }),
      );
      let most = Number.NEGATIVE_INFINITY;
      let plain = 0;
      let all: Sharpened[][] = [[]];
      for (const list of choices) all = all.flatMap((some) => [some, ...list.map((one) => [...some, one])]);
      for (const some of all) {
        const sec = some.reduce((s, one) => s + (one.muscles[0]?.[1] ?? 0), 0);
        const value = some.reduce((s, one) => s + one.alone, 0) + 0.01 * Math.min(30, sec);
        plain = Math.max(
          plain,
          some.reduce((s, one) => s + one.brings, 0),
        );
        if (some.length <= 2) most = Math.max(most, value);
      }
      const serving = { due: 0, need: 0, worth: () => 0, hold: 0 };
      const bound = sharpened(choices, rows, muscles, serving, most, { charges: [], shares: [] });
      const atMost = bound.always + bound.table.still(0, 0, false, 0);
      expect(atMost).toBeGreaterThanOrEqual(most - 1e-9);
      if (atMost < plain - 1e-6) closer++;
    }
    expect(closer).toBeGreaterThan(20);
  });
});

describe('portions that another could take the place of', () => {
  it('are left out, and no break loses by it', () => {
    const program = programOf(300, ['neck', 'shoulder']);
    const links = linksOf(program, program.rows);
    const block = areaBlock(program.areas[0] as (typeof program.areas)[number], program);
    const prices: Prices = { of: (x) => program.columns[x]?.cost ?? 0, once: [] };
    const { found } = bestPortions(block, program, prices, { level: 0, floor: -10, most: 120 });
    const all = found.map((f) => f.portion);
    const kept = undominated(all, links, block.letGo);
    expect(kept.length).toBeLessThan(all.length);
    expect(undominated(kept, links, block.letGo)).toHaveLength(kept.length);
    for (const portion of all.filter((p) => !kept.includes(p))) {
      const better = kept.find(
        (k) =>
          k.worth >= portion.worth - 1e-9 &&
          links.every((link) => {
            const [one, other] = [inLink(link, k, block.letGo), inLink(link, portion, block.letGo)];
            if (link.lower === Number.NEGATIVE_INFINITY) return one <= other + 1e-9;
            if (link.upper === Number.POSITIVE_INFINITY) return one >= other - 1e-9;
            return Math.abs(one - other) < 1e-9;
          }),
      );
      expect(better, String(portion.doses)).toBeDefined();
    }
  });
});

describe('links between portions', () => {
  it('add up to what the rows say of the doses, or less where one of several is enough', () => {
    const random = seeded(3);
    const program = programOf(300, ['neck', 'shoulder', 'chest']);
    const links = linksOf(program, program.rows);
    expect(links.some((l) => l.any.size > 0)).toBe(true);
    for (let round = 0; round < 200; round++) {
      const portions = program.areas.map((a): Portion & { letGo: number | null } => ({
        doses: a.doses.flatMap((m) => (random.int(0, 4) === 0 ? [random.pick(m)] : [])),
        letGoes: a.letGo === null ? 0 : random.int(0, 2),
        worth: 0,
        letGo: a.letGo,
      }));
      const values = program.columns.map(() => 0);
      for (const { doses, letGo, letGoes } of portions) {
        for (const x of doses) values[x] = 1;
        if (letGo !== null) values[letGo] = letGoes;
      }
      for (const link of links) {
        const together = portions.reduce((s, p) => s + inLink(link, p, p.letGo), 0);
        const sums = link.rows.map((r) => sumOf(program.rows[r] as Row, values));
        // Without what belongs to no area the row is kept just where the link is.
        if (link.any.size === 0) expect(together).toBeCloseTo(sums[0] ?? Number.NaN, 9);
        else expect(together <= link.upper, String(sums)).toBe(sums.every((s) => s <= link.upper + 1e-9));
      }
    }
  });
});
