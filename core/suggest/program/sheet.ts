import type { Area } from '../../model';
import type { Column, Row } from '../../solver';
import type { Candidate, CandidateDose } from '../candidate';

export type Terms = Row['terms'];

/** Each column once, its factors added up. */
export const merged = (terms: Terms): Terms => {
  const sums = new Map<number, number>();
  for (const [x, factor] of terms) sums.set(x, (sums.get(x) ?? 0) + factor);
  return [...sums];
};

/**
 * What an area is given, and what that is worth: the pieces are filled one after the other, the one with the most worth a unit
 * first, until everything that is given is used up.
 */
export interface Gain {
  area: Area;
  /** A side's seconds toward what it is due, a hold on each side, or a muscle's seconds. */
  of: 'side' | 'hold' | 'muscle';
  /** The columns of its pieces, in units of what is given. */
  pieces: readonly number[];
  /** What each dose gives. */
  given: Terms;
  /** What a side is due, in the same units; 0 for the others. */
  due: number;
}

type Passes = (c: Candidate, dose: CandidateDose) => boolean;
const any = (): boolean => true;

/**
 * The program while it is being written: a column of 0 or 1 for each dose of each candidate, further columns and rows by
 * those who know what they are for.
 */
export class Sheet {
  readonly columns: Column[] = [];
  readonly rows: Row[] = [];
  /** Columns of each candidate, one a dose, in the order of its doses. */
  readonly doseColumns: readonly (readonly number[])[];
  readonly gains: Gain[] = [];
  /** How often something is let go between the holds of an area, a column for each. */
  readonly letGoColumns = new Map<Area, number>();
  /** A column that is always 0: what has to be there though there is nothing to choose from cannot be kept. */
  private readonly nothing: number;

  constructor(
    readonly candidates: readonly Candidate[],
    worthOf: (c: Candidate, dose: CandidateDose) => number,
  ) {
    this.nothing = this.column({ name: 'nothing', cost: 0, lower: 0, upper: 0, whole: false });
    this.doseColumns = candidates.map((c) =>
      c.doses.map((dose) => this.flag(`${c.move.id} ${dose.amount}`, worthOf(c, dose))),
    );
    // Each move once, in one dose.
    for (const own of this.doseColumns)
      this.most(
        1,
        own.map((x) => [x, 1] as const),
      );
  }

  column(c: Column): number {
    return this.columns.push(c) - 1;
  }

  /** A column of 0 or 1. */
  flag(name: string, cost: number): number {
    return this.column({ name, cost, lower: 0, upper: 1, whole: true });
  }

  /** Writes down a gain; answers its pieces. */
  gain(gain: Omit<Gain, 'pieces'>, pieces: readonly Column[]): readonly number[] {
    const own = pieces.map((p) => this.column(p));
    this.gains.push({ ...gain, pieces: own });
    this.most(0, [...own.map((x) => [x, 1] as const), ...minus(gain.given)]);
    return own;
  }

  between(lower: number, upper: number, terms: Terms): void {
    if (terms.length > 0) this.rows.push({ lower, upper, terms: merged(terms) });
    else if (lower > 0) this.rows.push({ lower, upper, terms: [[this.nothing, 1]] });
  }

  most(upper: number, terms: Terms): void {
    this.between(Number.NEGATIVE_INFINITY, upper, terms);
  }

  least(lower: number, terms: Terms): void {
    this.between(lower, Number.POSITIVE_INFINITY, terms);
  }

  /** The columns of the candidates and doses that pass, each with a factor. */
  those(passes: Passes, factor: (c: Candidate, dose: CandidateDose) => number = () => 1): Terms {
    return this.candidates.flatMap((c, i) =>
      c.doses.flatMap((dose, k) =>
        passes(c, dose) ? [[this.doseColumns[i]?.[k] as number, factor(c, dose)] as const] : [],
      ),
    );
  }

  /**
   * The first only where the second is: each candidate that passes needs one of the others. All doses of a candidate stand
   * in one row, which bounds the search closer than a row for each dose.
   */
  needs(passes: Passes, others: (c: Candidate) => Terms): void {
    for (const [i, c] of this.candidates.entries()) {
      const own = c.doses.flatMap((dose, k) =>
        passes(c, dose) ? [[this.doseColumns[i]?.[k] as number, 1] as const] : [],
      );
      if (own.length > 0) this.most(0, [...own, ...minus(others(c))]);
    }
  }

  /** All columns with a factor. */
  all(factor: (c: Candidate, dose: CandidateDose) => number): Terms {
    return this.those(any, factor);
  }
}

/** The same terms on the other side of a row. */
export const minus = (terms: Terms): Terms => terms.map(([x, factor]) => [x, -factor] as const);
