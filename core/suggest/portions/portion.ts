import type { Row } from '../../solver';
import type { AreaColumns, SuggestProgram } from '../program';
import type { Gain, Terms } from '../program/sheet';

/** What one area gets in a break: some of its moves, each in one dose. */
export interface Portion {
  /** The columns of its doses. */
  doses: readonly number[];
  /** How often something is let go between its holds. */
  letGoes: number;
  /** What it is worth by itself. */
  worth: number;
}

/** One dose of a move, as the search for portions sees it. */
export interface Option {
  column: number;
  /** What it adds to each row of the area, and to each gain, by their places. */
  inRow: readonly number[];
  inGain: readonly number[];
}

/** A row that looks at the moves of one area alone: their sum is at most this, and a little more each time something is let go. */
export interface OwnRow {
  upper: number;
  /** What one letting go allows beyond that. */
  eachLetGo: number;
  /** Adding a move never makes it easier to keep. */
  onlyAdds: boolean;
}

/** How a search for portions made its bound closer: at other prices the same is nearly as good. */
export interface Sharpening {
  /** What a unit beyond a row costs. */
  charges: number[];
  /** What a second of a muscle counts, as a share of its worth. */
  shares: number[];
}

/** All there is to choose from for an area. */
export interface AreaBlock {
  area: AreaColumns['area'];
  /** The doses of each move, or of several of which only one may be there: one of them at most. */
  choices: readonly (readonly Option[])[];
  letGo: number | null;
  mostLetGoes: number;
  rows: readonly OwnRow[];
  gains: readonly Gain[];
  /** What the search has learned of its rows and muscles so far. */
  sharpening: Sharpening;
}

/** To within rounding. */
export const NEARLY = 1e-9;

/** What a gain is worth where so much is given: the pieces with the most worth are filled first. */
export const gainWorth = ({ pieces }: Gain, given: number, { columns }: SuggestProgram): number => {
  let left = given;
  let worth = 0;
  for (const x of pieces) {
    const { cost, upper } = columns[x] as SuggestProgram['columns'][number];
    const part = Math.min(left, upper);
    worth += cost * part;
    left -= part;
  }
  return worth;
};

/** Columns an area chooses from. */
export const columnsOf = ({ doses, letGo }: AreaColumns): number[] => [
  ...doses.flat(),
  ...(letGo === null ? [] : [letGo]),
];

/** A row that nothing but the moves of an area stands in, and that only bounds them from above. */
export const isOwn = (row: Row, own: ReadonlySet<number>): boolean =>
  row.lower === Number.NEGATIVE_INFINITY && row.terms.every(([x]) => own.has(x));

/** Moves of which only one may be there are one choice; each row of that kind is kept by that, and not looked at again. */
const choicesOf = (
  moves: AreaColumns['doses'],
  rows: readonly Row[],
): { choices: number[][]; rows: Row[] } => {
  const choices: (number[] | null)[] = moves.map((m) => [...m]);
  const at = new Map(moves.flatMap((list, i) => list.map((x) => [x, i] as const)));
  const merged = new Set<number>();
  const left = rows.filter(({ upper, terms }) => {
    const among = new Set(terms.map(([x]) => at.get(x) ?? -1));
    const oneOf = upper === 1 && terms.every(([x, f]) => f === 1 && at.has(x));
    if (!oneOf) return true;
    if (among.size === 1) return false;
    const isWhole = [...among].every((i) => (moves[i] ?? []).every((x) => terms.some(([y]) => x === y)));
    if (!isWhole || [...among].some((i) => merged.has(i))) return true;
    const [first, ...others] = [...among];
    for (const i of others) {
      choices[first as number]?.push(...(moves[i] ?? []));
      choices[i] = null;
    }
    for (const i of among) merged.add(i);
    return false;
  });
  return { choices: choices.flatMap((c) => (c ? [c] : [])), rows: left };
};

/** The moves of an area with what bounds and rewards them. */
export const areaBlock = (area: AreaColumns, program: SuggestProgram): AreaBlock => {
  const own = new Set(columnsOf(area));
  const { choices, rows: inside } = choicesOf(
    area.doses,
    program.rows.filter((r) => isOwn(r, own)),
  );
  const gains = program.gains.filter((g) => g.area === area.area);
  const lookups = (lists: readonly Terms[]) => lists.map((terms) => new Map(terms));
  const inRows = lookups(inside.map((r) => r.terms));
  const inGains = lookups(gains.map((g) => g.given));
  const factor = (at: ReadonlyMap<number, number>, x: number | null): number =>
    x === null ? 0 : (at.get(x) ?? 0);
  return {
    area: area.area,
    choices: choices.map((list) =>
      list.map((column) => ({
        column,
        inRow: inRows.map((at) => factor(at, column)),
        inGain: inGains.map((at) => factor(at, column)),
      })),
    ),
    letGo: area.letGo,
    mostLetGoes: area.letGo === null ? 0 : (program.columns[area.letGo]?.upper ?? 0),
    rows: inside.map(({ upper, terms }) => ({
      upper,
      eachLetGo: -factor(new Map(terms), area.letGo),
      onlyAdds: terms.every(([, f]) => f >= 0),
    })),
    gains,
    sharpening: { charges: [], shares: [] },
  };
};

/** The portion of an area in an answer of the whole program. */
export const portionIn = (
  { choices, gains, letGo }: AreaBlock,
  program: SuggestProgram,
  values: readonly number[],
): Portion => {
  const taken = choices.flatMap((m) => m.filter((o) => (values[o.column] ?? 0) > 0.5));
  const letGoes = letGo === null ? 0 : Math.round(values[letGo] ?? 0);
  const costOf = (x: number | null): number => (x === null ? 0 : (program.columns[x]?.cost ?? 0));
  const gained = gains.reduce(
    (s, g, k) =>
      s +
      gainWorth(
        g,
        taken.reduce((sum, o) => sum + (o.inGain[k] ?? 0), 0),
        program,
      ),
    0,
  );
  const worth = taken.reduce((s, o) => s + costOf(o.column), gained + costOf(letGo) * letGoes);
  return { doses: taken.map((o) => o.column), letGoes, worth };
};
