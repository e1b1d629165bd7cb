import { AIM_SEC } from '../ledger';
import { type Break, defaultPace, goesByBreath, type Thing } from '../model';
import { holdsRound, opensAny, opensChest, roundsBack } from '../review/rules/order/chest-and-back';
import { SHORT_SLOT_SEC } from '../review/rules/order/frame';
import { SHORT_HOLD_MS } from '../review/rules/order/mobilised';
import { STANDING_WORDS } from '../review/rules/room/announced';
import { announcement } from '../review/rules/room/things';
import { bendOf, wantsOther } from '../review/rules/sides/wrists';
import { SLACK_MS, SLACK_SHARE } from '../review/rules/slot/slot';
import type { Column, Program, Row } from '../solver';
import { fetchMs, positionMs, sayMs } from '../timing';
import type { Candidate, Setting } from './candidates';
import type { SuggestRequest } from './request';

/** About so much of a slot is work; the rest is said, changed and come back from. Common practice, no source. */
export const WORK_SHARE = 0.5;
/** What the least served side of a wanted area is worth when it has all it is due: more than everything else together. */
export const LEAST_WORTH = 3;
/** What each further quarter of what a side is due is worth: the first one most, so that none starves for another. */
export const QUARTER_WORTH = [1, 0.6, 0.35, 0.2] as const;
/** What is beyond a fair share counts little against it. */
export const PLAIN_WORTH = 0.25;

/** What a change of position and a repeated move cost, in full targets. Common practice, no source. */
export const CHANGE_COST = 0.03;
export const REPEAT_COST = 0.06;
/** A second for an area that was not asked for, so that time that is left over is not wasted. */
export const FILL_WORTH = 0.0004;
/** Moving counts a quarter of holding: it readies an area rather than lengthening it. */
export const MOVING = 0.25;
/** Doses far from the usual ones cost a little, so that of equals the usual ones are chosen. */
export const OFF_COST = 0.1;
/** A second of a slot left empty beyond what is usual. */
export const EMPTY_COST = 0.02;
/** From such a slot on a muscle may be held by two moves. */
export const LONG_SLOT_SEC = 900;
/** From such a slot on there is a breathing move of its own, not only a movement led by the breath. */
export const BREATHE_SLOT_SEC = 180;

/** The program of a request, and how to read its columns. */
export interface SuggestProgram extends Program {
  /** Columns of each candidate, one a dose, in the order of its doses. */
  doseColumns: readonly (readonly number[])[];
  edgeColumn: number;
  standColumn: number;
  thingColumns: ReadonlyMap<Thing, number>;
}

const leadsBreath = ({ move, step }: Candidate): boolean =>
  move.kind === 'breathe' || step.dose.measure === 'breaths' || goesByBreath(step.dose);

/** Seconds a side of a wanted area is due: its weight's part of the work there is time for, at most enough. */
export const dueSec = (
  { targets, slotSec }: Pick<SuggestRequest, 'targets' | 'slotSec'>,
  weight: number,
): number => {
  const all = targets.reduce((sum, t) => sum + t.weight, 0);
  return Math.min(AIM_SEC, (weight / all) * slotSec * WORK_SHARE);
};

/** What a second of a candidate counts toward its area. */
const worth = ({ move }: Candidate): number =>
  move.kind === 'stretch' || move.kind === 'breathe' ? 1 : MOVING;

/**
 * Choosing moves and doses as a mixed-integer program. Each dose of each move is a column of 0 or 1; for each area
 * and side a column counts its seconds up to 60. The time of a thing that is fetched is charged for each move that
 * needs it, which is never too little.
 */
export const suggestProgram = (
  candidates: readonly Candidate[],
  { request, approach }: Pick<Setting, 'request' | 'approach'>,
  brk: Break,
): SuggestProgram => {
  const columns: Column[] = [];
  const rows: Row[] = [];
  const column = (c: Column): number => columns.push(c) - 1;
  const flag = (name: string, cost: number): number =>
    column({ name, cost, lower: 0, upper: 1, whole: true });
  const row = (lower: number, upper: number, terms: Row['terms']): void => {
    if (terms.length > 0) rows.push({ lower, upper, terms });
    // Something has to be there and there is nothing to choose from: a row that cannot be kept.
    else if (lower > 0) rows.push({ lower, upper, terms: [[nothing, 1]] });
  };
  const inf = Number.POSITIVE_INFINITY;

  const nothing = column({ name: 'nothing', cost: 0, lower: 0, upper: 0, whole: false });
  const lately = new Set(request.lately);
  const wanted = new Set(request.targets.map((t) => t.area));
  const fills = (c: Candidate): boolean =>
    !wanted.has(c.area) && (c.move.kind === 'stretch' || c.move.kind === 'mobilise');
  const doseColumns = candidates.map((c) =>
    c.doses.map(({ amount, off, leftSec, rightSec }) =>
      flag(
        `${c.move.id} ${amount}`,
        (fills(c) ? FILL_WORTH * worth(c) * (leftSec + rightSec) : 0) -
          OFF_COST * off -
          (lately.has(c.move.id) ? REPEAT_COST : 0),
      ),
    ),
  );
  const edgeColumn = flag('edge', -CHANGE_COST);
  const standColumn = flag('stand', -CHANGE_COST);
  const endsStanding = !request.seatedOnly && approach.ending === 'last moves standing';
  const thingColumns = new Map(
    [...new Set(candidates.flatMap((c) => c.things))].map((t) => [t, flag(`announce ${t}`, 0)] as const),
  );
  /** The columns of the candidates that pass, each with a factor. */
  const those = (
    passes: (c: Candidate, dose: Candidate['doses'][number]) => boolean,
    factor: (c: Candidate, dose: Candidate['doses'][number]) => number = () => 1,
  ): (readonly [number, number])[] =>
    candidates.flatMap((c, i) =>
      c.doses.flatMap((dose, k) =>
        passes(c, dose) ? [[doseColumns[i]?.[k] as number, factor(c, dose)] as const] : [],
      ),
    );
  const any = () => true;

  // Each move once, in one dose.
  for (const own of doseColumns)
    row(
      0,
      1,
      own.map((x) => [x, 1] as const),
    );

  // Settle, a breath and a close are always there; in a minute or less a breath is enough.
  const kind = (k: string) => those((c) => c.move.kind === k);
  const framed = request.slotSec > SHORT_SLOT_SEC;
  row(framed ? 1 : 0, 1, kind('settle'));
  row(framed ? 1 : 0, 1, kind('close'));
  row(request.slotSec >= BREATHE_SLOT_SEC ? 1 : 0, 1, kind('breathe'));
  if (framed) row(1, inf, those(leadsBreath));
  // Massage is a change now and then, not what a break is made of.
  row(0, wanted.has('face') ? 2 : 1, kind('massage'));
  row(framed ? 1 : 0, 2, kind('release'));
  row(
    1,
    inf,
    those((c) => !['settle', 'breathe', 'close', 'release'].includes(c.move.kind)),
  );

  // On one kind of seat throughout; standing only at the end, and then the end is led standing.
  for (const [i, c] of candidates.entries())
    for (const x of doseColumns[i] ?? []) {
      if (c.stands)
        row(-inf, 0, [
          [x, 1],
          [standColumn, -1],
        ]);
      else if (!c.canSit.includes('back'))
        row(-inf, 0, [
          [x, 1],
          [edgeColumn, -1],
        ]);
      else if (!c.canSit.includes('edge'))
        row(-inf, 1, [
          [x, 1],
          [edgeColumn, 1],
        ]);
      const closing = c.move.kind === 'close' || c.move.kind === 'release';
      if (closing && !c.stands && !c.move.alsoIn.includes('standing'))
        row(-inf, 1, [
          [x, 1],
          [standColumn, 1],
        ]);
      for (const t of c.things)
        row(-inf, 0, [
          [x, 1],
          [thingColumns.get(t) as number, -1],
        ]);
    }
  row(-inf, 0, [
    [standColumn, 1],
    ...those((c) => c.stands && c.move.kind === 'stretch').map(([x]) => [x, -1] as const),
  ]);

  // Where one always ends standing, the end is standing, if anything can be done there.
  if (framed && endsStanding && candidates.some((c) => c.stands && c.move.kind === 'stretch'))
    row(1, 1, [[standColumn, 1]]);

  // What is held for long is moved first; what is done standing can be readied on the seat, not the other way.
  if (approach.warmUp !== 'none')
    for (const [i, c] of candidates.entries())
      c.doses.forEach((dose, k) => {
        if (c.move.kind !== 'stretch' || dose.holdMs <= SHORT_HOLD_MS) return;
        const movers = those(
          (m) => m.move.kind === 'mobilise' && m.move.areas.includes(c.area) && (c.stands || !m.stands),
        );
        row(-inf, 0, [[doseColumns[i]?.[k] as number, 1], ...movers.map(([x]) => [x, -1] as const)]);
      });

  // Chest opened and upper back rounded go together.
  for (const [first, second] of [
    [opensChest, (c: Candidate) => roundsBack(c.move, c.step.rung)],
    [holdsRound, (c: Candidate) => opensAny(c.move)],
  ] as const)
    for (const [x] of those((c) => first(c.move)))
      row(-inf, 0, [[x, 1], ...those(second).map(([y]) => [y, -1] as const)]);

  // Wrists that are held one way are bent the other way as well.
  for (const way of ['up', 'down'] as const) {
    const other = way === 'up' ? 'down' : 'up';
    const balances = those((c) => c.move.region === 'wrist' && bendOf(c)[other]);
    for (const [x] of those((c) => wantsOther(c) && bendOf(c)[way] && !bendOf(c)[other]))
      row(-inf, 0, [[x, 1], ...balances.map(([y]) => [y, -1] as const)]);
  }

  // One hold for a muscle, so that none is held twice running.
  const muscles = new Set(candidates.flatMap((c) => c.move.muscles[0] ?? []));
  for (const muscle of muscles)
    row(
      0,
      request.slotSec > LONG_SLOT_SEC ? 2 : 1,
      those((c) => c.move.kind === 'stretch' && c.move.muscles[0] === muscle),
    );

  // Time.
  const slotSec = request.slotSec;
  const emptyColumn = column({ name: 'empty', cost: -EMPTY_COST, lower: 0, upper: slotSec, whole: false });
  const placing = (c: Candidate): number => fetchMs([], c.things) / 1000;
  const time: (readonly [number, number])[] = [
    ...those(any, (c, dose) => dose.lengthMs / 1000 + placing(c)),
    [edgeColumn, positionMs('back', 'edge') / 1000],
    [standColumn, (positionMs('back', 'standing') + sayMs(STANDING_WORDS, brk.pace ?? defaultPace)) / 1000],
    ...[...thingColumns].map(
      ([t, x]) => [x, sayMs(announcement(t), brk.pace ?? defaultPace) / 1000] as const,
    ),
  ];
  row(0, slotSec, time);
  const slack = Math.max(SLACK_MS / 1000, slotSec * SLACK_SHARE) / 2;
  row(slotSec - slack, inf, [...time, [emptyColumn, 1]]);

  // First the least served side of a wanted area, then quarter by quarter of what each is due.
  const served = request.targets.filter(({ area }) => candidates.some((c) => c.area === area));
  const least = column({ name: 'least served', cost: LEAST_WORTH, lower: 0, upper: 1, whole: false });
  for (const { area, weight } of served)
    for (const side of ['leftSec', 'rightSec'] as const) {
      const due = dueSec(request, weight);
      const quarters = QUARTER_WORTH.map((worthIt, i) =>
        column({
          name: `${area} ${side} ${i}`,
          cost: worthIt / served.length,
          lower: 0,
          upper: 1 / QUARTER_WORTH.length,
          whole: false,
        }),
      );
      const given = those(
        (c) => c.area === area,
        (c, dose) => -worth(c) * dose[side],
      );
      row(-inf, 0, [...quarters.map((q) => [q, due] as const), ...given]);
      row(-inf, 0, [[least, 1], ...quarters.map((q) => [q, -1] as const)]);
    }
  if (served.length === 0) row(0, 0, [[least, 1]]);

  // What each side of each wanted muscle gets, up to enough. An area stands for the muscles its moves are for.
  for (const { area, weight } of request.targets)
    for (const muscle of new Set(
      candidates.flatMap((c) => (c.area === area ? (c.move.muscles[0] ?? []) : [])),
    ))
      for (const side of ['leftSec', 'rightSec'] as const) {
        const cost = (PLAIN_WORTH * weight) / 2 / AIM_SEC;
        const y = column({ name: `${muscle} ${side}`, cost, lower: 0, upper: AIM_SEC, whole: false });
        const serve = those(
          (c) => c.area === area && c.move.muscles[0] === muscle,
          (c, dose) => -worth(c) * dose[side],
        );
        row(-inf, 0, [[y, 1], ...serve]);
      }

  return { columns, rows, doseColumns, edgeColumn, standColumn, thingColumns };
};
