import { type Area, type Break, stepsOf } from '../model';
import { type Finding, reviewed } from '../review';
import { TIMES } from '../review/rules/slot/far-beyond';
import type { Row, Solve, SolveLimits } from '../solver';
import { arrange, type Chosen } from './arrange';
import type { Candidate } from './candidate';
import { candidatesFor, emptyBreak, type Setting } from './candidates';
import { LEVEL, solveFairly } from './fairest';
import { fillBreath } from './fill-breath';
import { lettingGo, shakesWhatWasHeld } from './let-go';
import { SUGGEST_LIMITS } from './limits';
import { type SuggestProgram, suggestProgram } from './program';
import { roomSec } from './program/time';
import { type Reason, reasonsOf } from './reasons';
import { mainKinds } from './weighed';

/** One suggested break. */
export interface Suggestion {
  brk: Break;
  /** Why each step is there, by step id. */
  reasons: Record<string, Reason>;
  /** How well the least served side of what is wanted is served, in steps of `LEVEL` of what it is due. */
  level: number;
  /** What it is worth beyond that. */
  worth: number;
  /** How much better the best could still be, as a share of that; 0 when it is the best. */
  gap: number;
}

export type SuggestResult =
  | { ok: true; suggestions: Suggestion[] }
  /** Nothing fits: too short for what must be there, or no move is left that passes. */
  | { ok: false; code: 'nothingFits'; candidates: number };

/** Where the search is. */
export interface SuggestProgress {
  suggestion: number;
  of: number;
  /** That suggestion, as soon as it is known. */
  found?: Suggestion;
}

/** A suggestion that the review objects to is forbidden and searched again, this often at most. */
const TRIES = 6;

const chosenIn = (
  program: SuggestProgram,
  candidates: readonly Candidate[],
  values: readonly number[],
): Chosen[] =>
  candidates.flatMap((candidate, i): Chosen[] => {
    const k = (program.doseColumns[i] ?? []).findIndex((x) => (values[x] ?? 0) > 0.5);
    const dose = candidate.doses[k];
    return dose ? [{ candidate, dose }] : [];
  });

/** Columns of the moves of a set, and of all the others. */
const columnsOf = (
  program: SuggestProgram,
  candidates: readonly Candidate[],
  ids: ReadonlySet<string>,
  counts: (c: Candidate) => boolean = () => true,
) => {
  const split = { own: [] as number[], other: [] as number[] };
  candidates.forEach((c, i) => {
    if (!counts(c)) return;
    split[ids.has(c.move.id) ? 'own' : 'other'].push(...(program.doseColumns[i] ?? []));
  });
  return split;
};

/** At most half of the main moves are among those of an earlier suggestion: 2 * shared <= all. */
const differs = (own: readonly number[], other: readonly number[]): Row => ({
  lower: Number.NEGATIVE_INFINITY,
  upper: 0,
  terms: [...own.map((x) => [x, 1] as const), ...other.map((x) => [x, -1] as const)],
});

/** Not exactly these moves again. */
const notAgain = (own: readonly number[], other: readonly number[], size: number): Row => ({
  lower: Number.NEGATIVE_INFINITY,
  upper: size - 1,
  terms: [...own.map((x) => [x, 1] as const), ...other.map((x) => [x, -1] as const)],
});

/** So much is left for what lets go between holds, which belongs to an area as well. */
const LEFT_SEC = 20;
/** An area gets no more than so many times what another one has, told by the work of its moves. */
const withinReach = (
  { doseColumns }: SuggestProgram,
  candidates: readonly Candidate[],
  { area, least }: { area: Area; least: Area },
): Row => ({
  lower: Number.NEGATIVE_INFINITY,
  upper: -LEFT_SEC,
  terms: candidates.flatMap(({ move, area: mainly, doses }, i) =>
    doses.flatMap(({ workMs }, k) => {
      const times = (mainly === area ? 1 : 0) - (move.areas.includes(least) ? TIMES : 0);
      const x = doseColumns[i]?.[k];
      return move.kind === 'settle' || times === 0 || x === undefined
        ? []
        : [[x, (times * workMs) / 1000] as const];
    }),
  ),
});

/**
 * What speaks against a break. That an area has hardly anything does not: it is served as well as all of them can be, which may be
 * little where much is wanted in no time.
 */
const objections = (judged: ReturnType<typeof reviewed>): Finding[] | null =>
  judged.ok ? judged.findings.filter((f) => f.code !== 'targetMissed') : null;

/**
 * Suggests up to three breaks that share at most half of their main moves. Each passes the review and serves all that is wanted;
 * where there is no other such break there are fewer. The same setting gives the same answer.
 */
export const suggest = (
  setting: Setting,
  solve: Solve,
  progress: (p: SuggestProgress) => void = () => {},
  limits: SolveLimits = SUGGEST_LIMITS,
): SuggestResult => {
  const { request, lookup, approach, audience } = setting;
  const candidates = candidatesFor(setting);
  const empty = emptyBreak(setting);
  const letGo = lettingGo(empty, setting);
  const program = suggestProgram(candidates, setting, empty, letGo);
  const main = mainKinds(request);
  const suggestions: Suggestion[] = [];
  const rows: Row[] = [...program.rows];
  let highest = Math.round(1 / LEVEL);
  /** So much of the room is kept for what was not reckoned with. */
  let spareSec = 0;
  while (suggestions.length < request.count) {
    let best: { suggestion: Suggestion; open: number } | null = null;
    // Another break that leaves somebody's area out is no choice.
    const least = Math.min(1, suggestions[0]?.level ?? 0);
    for (let attempt = 0; attempt < TRIES; attempt++) {
      progress({ suggestion: suggestions.length + 1, of: request.count });
      const fair = solveFairly(program, rows, solve, limits, { highest, least });
      if (!fair) break;
      const { values, objective, gap } = fair.solution;
      // What is forbidden later can only make it harder to serve everything.
      highest = fair.level;
      const on = (x: number): boolean => (values[x] ?? 0) > 0.5;
      const chosen = chosenIn(program, candidates, values);
      const things = [...program.thingColumns].flatMap(([t, x]) => (on(x) ? [t] : []));
      const placed = { edge: on(program.edgeColumn), stand: on(program.standColumn), things };
      const arranged = arrange(empty, chosen, placed, approach, lookup, letGo);
      const judge = (one: Break) => {
        const judged = reviewed(one, { library: setting.moves, lookup }, approach, audience);
        const against = objections(judged);
        // In the order of the body more may have to be let go than was reckoned with.
        const totalSec = judged.ok ? judged.timeline.totals.totalMs / 1000 : 0;
        const lateSec = Math.max(0, totalSec - roomSec(request.slotSec));
        const open = against === null ? Number.POSITIVE_INFINITY : against.length + (lateSec > 0 ? 1 : 0);
        return { brk: one, against, lateSec, open };
      };
      // What suits it better is taken where the review finds no more in it, and it takes no more time than there is.
      const shaken = shakesWhatWasHeld(arranged, lookup, letGo);
      const ways = (shaken === arranged ? [arranged] : [shaken, arranged]).flatMap((one) => [
        fillBreath(one, request, lookup, approach),
        one,
      ]);
      const { brk, against, lateSec, open } = ways
        .map(judge)
        .reduce((chosen, other) => (other.open < chosen.open ? other : chosen));
      const suggestion: Suggestion = {
        brk,
        reasons: Object.fromEntries(reasonsOf(brk, request, lookup)),
        level: fair.level,
        worth: objective,
        gap,
      };
      if (!best || open < best.open) best = { suggestion, open };
      if (open === 0) break;
      const far = (against ?? []).flatMap((f) => (f.code === 'areaFarBeyond' ? [f] : []));
      rows.push(...far.map((f) => withinReach(program, candidates, f)));
      spareSec += lateSec;
      if (lateSec > 0) rows.push({ ...program.room, upper: program.room.upper - spareSec });
      if (far.length > 0 || lateSec > 0) continue;
      const { own, other } = columnsOf(program, candidates, new Set(chosen.map((c) => c.candidate.move.id)));
      rows.push(notAgain(own, other, chosen.length));
    }
    if (!best) break;
    suggestions.push(best.suggestion);
    progress({ suggestion: suggestions.length, of: request.count, found: best.suggestion });
    const ids = new Set(stepsOf(best.suggestion.brk).map((s) => s.moveId));
    const { own, other } = columnsOf(program, candidates, ids, (c) => main.includes(c.move.kind));
    rows.push(differs(own, other));
  }
  return suggestions.length > 0
    ? { ok: true, suggestions }
    : { ok: false, code: 'nothingFits', candidates: candidates.length };
};
