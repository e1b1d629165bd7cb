import createSolver from 'highs';
import type { DayInput } from '../model';
import { type Judged, judgeSlowly } from './slow-planner';

type Solver = Awaited<ReturnType<typeof createSolver>>;

/** Loads the mixed-integer solver once for a test file. */
export const loadSolver = (): Promise<Solver> => createSolver();

interface Arc {
  from: number;
  to: number;
  overMin: number;
  cost: number;
  breakArc: boolean;
}

/**
 * The day as a path from its start to its end, for breaks that take the whole run away: an arc goes from the
 * end of one break (or the start of the day) to the end of the next one (or the end of the day). The solver
 * picks the arcs: flow is kept at each node, counts are a side condition. Solved twice, first for the minutes
 * over the limit, then for the cost.
 */
export const planBySolver = (solver: Solver, day: DayInput): Judged | null => {
  const kind = day.kinds[0];
  const empty = { ...day, minCount: 0, maxCount: null };
  const ends: number[] = [];
  for (let m = day.startMin; m < day.endMin; m++)
    if (judgeSlowly(empty, [{ startMin: m, kindId: kind!.id }])) ends.push(m + kind!.lengthMin);
  const arcs: Arc[] = [];
  const minutes = (from: number, until: number): Judged => {
    if (until <= from) return { overMin: 0, cost: 0 };
    const stretch = { ...empty, startMin: from, endMin: until };
    return judgeSlowly(stretch, []) as Judged;
  };
  for (const from of [day.startMin, ...ends]) {
    for (const to of ends) {
      const start = to - kind!.lengthMin;
      if (start < from || (from !== day.startMin && start - from < day.minGapMin)) continue;
      const { overMin, cost } = minutes(from, start);
      arcs.push({ from, to, overMin, cost: cost + day.lambda * kind!.lengthMin, breakArc: true });
    }
    arcs.push({ from, to: Number.POSITIVE_INFINITY, ...minutes(from, day.endMin), breakArc: false });
  }
  const sum = (terms: [number, number][]) =>
    terms.map(([factor, i]) => `${factor < 0 ? '-' : '+'} ${Math.abs(factor)} x${i}`).join(' ');
  const rows: string[] = [];
  for (const node of [day.startMin, ...ends]) {
    const terms: [number, number][] = [];
    arcs.forEach((a, i) => {
      if (a.from === node) terms.push([1, i]);
      if (a.to === node) terms.push([-1, i]);
    });
    rows.push(`n${node}: ${sum(terms)} = ${node === day.startMin ? 1 : 0}`);
  }
  const breaks = arcs.flatMap((a, i): [number, number][] => (a.breakArc ? [[1, i]] : []));
  if (breaks.length > 0 && day.minCount > 0) rows.push(`least: ${sum(breaks)} >= ${day.minCount}`);
  if (breaks.length > 0 && day.maxCount !== null) rows.push(`most: ${sum(breaks)} <= ${day.maxCount}`);
  if (breaks.length === 0 && day.minCount > 0) return null;
  const over = sum(arcs.map((a, i): [number, number] => [a.overMin, i]));
  const cost = sum(arcs.map((a, i): [number, number] => [a.cost, i]));
  const solve = (goal: string, extra: string[]): number | null => {
    const names = arcs.map((_, i) => `x${i}`).join('\n');
    const problem = `Minimize\nobj: ${goal}\nSubject To\n${[...rows, ...extra].join('\n')}\nBinary\n${names}\nEnd\n`;
    const answer = solver.solve(problem, { mip_rel_gap: 0, output_flag: false });
    if (answer.Status === 'Infeasible') return null;
    if (answer.Status !== 'Optimal') throw new Error(`solver: ${answer.Status}`);
    return Math.round(answer.ObjectiveValue);
  };
  const overMin = solve(over, []);
  if (overMin === null) return null;
  return { overMin, cost: solve(cost, [`over: ${over} <= ${overMin}`]) as number };
};

/**
 * The same for breaks that leave something of a run: every state a day can be in (minute, run, gap still to wait)
 * is a node, every grid step without a break and every break an arc. All lengths must be whole grid steps.
 */
export const planStatesBySolver = (solver: Solver, day: DayInput): Judged | null => {
  const step = day.gridMin;
  const inside = (spans: { startMin: number; endMin: number }[], m: number) =>
    spans.some((s) => m >= s.startMin && m < s.endMin);
  const nodes = new Map<string, number>();
  const arcs: { from: number; to: number; overMin: number; cost: number; breakArc: boolean }[] = [];
  const open: { minute: number; run: number; gap: number }[] = [];
  const nodeOf = (minute: number, run: number, gap: number): number => {
    // At the end of the day nothing depends on the run any more.
    const key = minute >= day.endMin ? 'end' : `${minute} ${run} ${gap}`;
    const known = nodes.get(key);
    if (known !== undefined) return known;
    nodes.set(key, nodes.size);
    if (key !== 'end') open.push({ minute, run, gap });
    return nodes.size - 1;
  };
  nodeOf(day.startMin, 0, 0);
  for (let at = open.shift(); at; at = open.shift()) {
    const { minute, run, gap } = at;
    const from = nodeOf(minute, run, gap);
    let [r, overMin, cost] = [run, 0, 0];
    for (let m = minute; m < minute + step; m++) {
      r = inside(day.offDesk, m) ? 0 : r + 1;
      if (r > day.limitMin) overMin++;
      cost += Math.max(0, r - day.targetMin);
    }
    arcs.push({
      from,
      to: nodeOf(minute + step, r, Math.max(0, gap - step)),
      overMin,
      cost,
      breakArc: false,
    });
    for (const kind of day.kinds) {
      const end = minute + kind.lengthMin;
      const free = Array.from({ length: kind.lengthMin }, (_, i) => minute + i).every(
        (m) => !inside(day.offDesk, m) && !inside(day.blocked, m),
      );
      if (gap > 0 || end > day.endMin || !free) continue;
      const left = Math.round(run * (1 - kind.relief));
      const breakCost = day.lambda * kind.lengthMin;
      arcs.push({ from, to: nodeOf(end, left, day.minGapMin), overMin: 0, cost: breakCost, breakArc: true });
    }
  }
  const end = nodes.get('end') as number;
  const sum = (terms: [number, number][]) =>
    terms.map(([factor, i]) => `${factor < 0 ? '-' : '+'} ${Math.abs(factor)} x${i}`).join(' ');
  const terms = Array.from({ length: nodes.size }, (): [number, number][] => []);
  for (const [i, a] of arcs.entries()) {
    terms[a.from]?.push([1, i]);
    terms[a.to]?.push([-1, i]);
  }
  const rows = terms.flatMap((t, n) => (n === end ? [] : [`n${n}: ${sum(t)} = ${n === 0 ? 1 : 0}`]));
  const breaks = arcs.flatMap((a, i): [number, number][] => (a.breakArc ? [[1, i]] : []));
  if (breaks.length === 0 && day.minCount > 0) return null;
  if (breaks.length > 0 && day.minCount > 0) rows.push(`least: ${sum(breaks)} >= ${day.minCount}`);
  if (breaks.length > 0 && day.maxCount !== null) rows.push(`most: ${sum(breaks)} <= ${day.maxCount}`);
  const over = sum(arcs.map((a, i): [number, number] => [a.overMin, i]));
  const cost = sum(arcs.map((a, i): [number, number] => [a.cost, i]));
  const solve = (goal: string, extra: string[]): number | null => {
    const names = arcs.map((_, i) => `x${i}`).join('\n');
    const problem = `Minimize\nobj: ${goal}\nSubject To\n${[...rows, ...extra].join('\n')}\nBinary\n${names}\nEnd\n`;
    const answer = solver.solve(problem, { mip_rel_gap: 0, output_flag: false });
    if (answer.Status === 'Infeasible') return null;
    if (answer.Status !== 'Optimal') throw new Error(`solver: ${answer.Status}`);
    return Math.round(answer.ObjectiveValue);
  };
  const overMin = solve(over, []);
  if (overMin === null) return null;
  return { overMin, cost: solve(cost, [`over: ${over} <= ${overMin}`]) as number };
};
