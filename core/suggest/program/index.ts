import type { Area, Break, Thing } from '../../model';
import type { Program, Row } from '../../solver';
import type { Candidate } from '../candidate';
import type { Setting } from '../candidates';
import type { LettingGo } from '../let-go';
import { WORKS } from '../weighed';
import { frame } from './frame';
import { holdRules } from './holds';
import { places } from './places';
import { serve, worth } from './served';
import { type Gain, Sheet, type Terms } from './sheet';
import { time } from './time';

/** What a repeated move costs, in full targets. Common practice, no source. */
export const REPEAT_COST = 0.06;
/** A second for an area that was not asked for, so that time that is left over is not wasted. */
export const FILL_WORTH = 0.0004;
/** What is not even near what was asked for counts so much of that: nobody fills a break for the legs with finger holds. */
export const FAR_SHARE = 0.2;
/** Doses far from the usual ones cost a little, so that of equals the usual ones are chosen. */
export const OFF_COST = 0.1;

/** The program of a request, and how to read its columns. */
export interface SuggestProgram extends Program {
  /** Columns of each candidate, one a dose, in the order of its doses. */
  doseColumns: readonly (readonly number[])[];
  /** How well the least served side of what is wanted is served; null where nothing serves it. */
  leastColumn: number | null;
  edgeColumn: number;
  standColumn: number;
  thingColumns: ReadonlyMap<Thing, number>;
  /** The columns that decide over much else: the seat, things, how often something is let go. */
  deciding: readonly number[];
  /** The seconds that each column takes of the slot. */
  seconds: Terms;
  /** The row that keeps them within the slot. */
  room: Row;
  /** What the areas that are wanted are given, and what that is worth. */
  gains: readonly Gain[];
  /** Columns that only look at one area: the doses of each of its moves, and how often it is let go of. */
  areas: readonly AreaColumns[];
}

export interface AreaColumns {
  area: Area;
  /** One dose of each move at most. */
  doses: readonly (readonly number[])[];
  letGo: number | null;
}

/** Choosing moves and doses as a mixed-integer program. */
export const suggestProgram = (
  candidates: readonly Candidate[],
  setting: Pick<Setting, 'request' | 'approach'>,
  brk: Break,
  letGo: LettingGo,
): SuggestProgram => {
  const { request, approach } = setting;
  const lately = new Set(request.lately);
  const wanted = new Set(request.targets.map((t) => t.area));
  const fills = (c: Candidate): boolean =>
    !wanted.has(c.area) && (c.move.kind === 'stretch' || c.move.kind === 'mobilise');
  const near = new Set(candidates.filter((c) => wanted.has(c.area)).map((c) => c.move.region));
  const fillWorth = (c: Candidate): number =>
    fills(c) ? FILL_WORTH * worth(c) * (near.has(c.move.region) ? 1 : FAR_SHARE) : 0;
  const sheet = new Sheet(
    candidates,
    (c, { leftSec, rightSec, off }) =>
      fillWorth(c) * (leftSec + rightSec) - OFF_COST * off - (lately.has(c.move.id) ? REPEAT_COST : 0),
  );
  frame(sheet, request);
  const { edge, stand, things } = places(sheet, request, approach);
  const lettingGo = holdRules(sheet, request, approach, letGo);
  const leastColumn = serve(sheet, request);
  const { seconds, room } = time(sheet, request, { edge, stand, things }, lettingGo, brk);
  const { columns, rows, doseColumns, gains, letGoColumns } = sheet;
  // The frame of a break is of no area, unless that area is wanted.
  const isOf = (c: Candidate | undefined, area: Area): boolean =>
    c?.area === area && (wanted.has(area) || WORKS.includes(c.move.kind));
  const worked = candidates.filter((c) => isOf(c, c.area)).map((c) => c.area);
  const areas = [...new Set([...gains.map((g) => g.area), ...worked])].map((area) => ({
    area,
    doses: doseColumns.filter((_, i) => isOf(candidates[i], area)),
    letGo: letGoColumns.get(area) ?? null,
  }));
  return {
    columns,
    rows,
    doseColumns,
    leastColumn,
    edgeColumn: edge,
    standColumn: stand,
    thingColumns: things,
    deciding: [edge, stand, ...things.values(), ...lettingGo.map(([x]) => x)],
    gains,
    areas,
    seconds,
    room,
  };
};
