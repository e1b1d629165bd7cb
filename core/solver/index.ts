import type { Highs } from 'highs';

/** A mixed-integer program: make the sum of cost * value as large as possible. */
export interface Program {
  columns: readonly Column[];
  rows: readonly Row[];
  /** Values of the columns that keep to all rows, where some are known: the search starts with them. */
  start?: readonly number[];
}
export interface Column {
  name: string;
  cost: number;
  lower: number;
  upper: number;
  whole: boolean;
}
/** lower <= sum of factor * column <= upper; columns by their place. */
export interface Row {
  lower: number;
  upper: number;
  terms: readonly (readonly [column: number, factor: number])[];
}

/** What a solver found. */
export type Solution =
  | {
      status: 'best' | 'cut off';
      values: readonly number[];
      objective: number;
      /** How much better the best could still be, as a share of what was found; near 0 when this is the best. */
      gap: number;
      /** How much work it was: steps of the simplex method, the same on every machine. */
      iterations: number;
      /**
       * What a unit more of each row's bound would add, where no column has to be whole: near the price of a second, of a
       * place, of whatever the row shares out.
       */
      prices?: readonly number[];
    }
  | {
      status: 'none';
      /** It was given up before it was sure that there is none. */
      isCut?: boolean;
    };

/** Where to stop. By nodes and never by the clock, so that the answer is the same on a busy machine. */
export interface SolveLimits {
  nodes: number;
  /** Near enough: the search ends when the best can be no more than this share better. */
  gap: number;
}

/** A mixed-integer solver, passed in. `progress` is told the gap from time to time. */
export type Solve = (program: Program, limits: SolveLimits, progress?: (gap: number) => void) => Solution;

/**
 * How it searches: no second start after the first bounds, no smaller programs on the side, cuts only before the first branch,
 * and few trials before a branch is trusted. Measured on programs of some hundred columns, where these cost most of the time
 * and gain nothing; the answer is as good, its gap is the same. Round an answer that is known already it does look (RINS): nothing
 * else makes that one better.
 */
const SEARCH = {
  mip_allow_restart: false,
  mip_heuristic_run_rens: false,
  mip_heuristic_run_feasibility_jump: false,
  mip_heuristic_run_zi_round: true,
  mip_allow_cut_separation_at_nodes: false,
} as const;

/** HiGHS as such a solver. */
export const highsSolver =
  (highs: Highs): Solve =>
  ({ columns, rows, start }, limits, progress) =>
    highs.withModel((model): Solution => {
      const inf = highs.infinity;
      const bound = (n: number): number => (Number.isFinite(n) ? n : n > 0 ? inf : -inf);
      const starts = [0];
      const index: number[] = [];
      const value: number[] = [];
      for (const { terms } of rows) {
        for (const [column, factor] of terms) {
          index.push(column);
          value.push(factor);
        }
        starts.push(index.length);
      }
      model.options.set({
        output_flag: false,
        random_seed: 1,
        mip_rel_gap: limits.gap,
        mip_max_nodes: limits.nodes,
        ...SEARCH,
        mip_heuristic_run_rins: start !== undefined,
      });
      model.passModel({
        numCols: columns.length,
        numRows: rows.length,
        sense: highs.constants.objectiveSense.maximize,
        colCost: columns.map((c) => c.cost),
        colLower: columns.map((c) => bound(c.lower)),
        colUpper: columns.map((c) => bound(c.upper)),
        rowLower: rows.map((r) => bound(r.lower)),
        rowUpper: rows.map((r) => bound(r.upper)),
        matrix: {
          format: 'csr',
          numRows: rows.length,
          numCols: columns.length,
          starts,
          indices: index,
          values: value,
        },
        integrality: columns.map((c) => (c.whole ? 1 : 0)),
      });
      if (start) model.setSolution({ colValue: [...start] });
      const { modelStatus } = model.run(
        progress && {
          [highs.constants.callbackType.mipLogging]: (event: { data: { mip_gap?: number } }) => {
            if (event.data.mip_gap !== undefined) progress(event.data.mip_gap);
            return undefined;
          },
        },
      );
      const status = highs.constants.modelStatus;
      const best = modelStatus === status.optimal;
      const gap = Number(model.info.get('mip_gap'));
      if (!best && !Number.isFinite(gap))
        return {
          status: 'none',
          isCut: modelStatus !== status.infeasible && modelStatus !== status.unboundedOrInfeasible,
        };
      const objective = Number(model.info.get('objective_function_value'));
      const { colValue, rowDual } = model.getSolution();
      return {
        status: best ? 'best' : 'cut off',
        values: [...colValue],
        objective,
        gap,
        iterations: Math.max(0, Number(model.info.get('simplex_iteration_count'))),
        ...(!columns.some((c) => c.whole) && { prices: [...rowDual] }),
      };
    });
