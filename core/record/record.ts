import type { Lead } from '../lead';
import { besideOf, countsOf } from '../ledger/gives';
import type { DonePart, Milliseconds, Session, Side } from '../model';
import { type ResolvedBreak, resolvedSteps, stepMoves, type Timeline } from '../timing';

/** Part by part, what was planned and what was really done, with what it counts for. */
export const doneParts = (
  resolved: ResolvedBreak,
  timeline: Timeline,
  lead: Pick<Lead, 'doneMs'>,
): DonePart[] => {
  const moveOf = stepMoves(resolved);
  const seconds = new Map(resolvedSteps(resolved).map(({ step, meanwhile }) => [step.id, meanwhile]));
  return timeline.parts.map((part) => {
    const move = moveOf(part.stepId);
    const works = part.kind === 'work';
    const beside = besideOf(part, seconds.get(part.stepId));
    return {
      stepId: part.stepId,
      moveName: part.moveName,
      kind: part.kind,
      side: part.side,
      felt: works ? part.felt : null,
      plannedMs: part.lengthMs,
      doneMs: Math.round(lead.doneMs[part.index] ?? 0),
      moveId: move?.id ?? null,
      area: (works && move?.areas[0]) || null,
      counts: works && move ? countsOf(move) : null,
      muscles: works && move && countsOf(move) === 'held' ? [...move.muscles] : [],
      ...(beside && { beside }),
    };
  });
};

/** Work planned and done, on one side or on both together. */
export interface WorkPair {
  plannedMs: Milliseconds;
  doneMs: Milliseconds;
}

/** One step of a record. Sides are the ways that were led, as said aloud. */
export interface StepRecord {
  stepId: string;
  moveName: string;
  /** What was moved meanwhile; null where nothing was. */
  meanwhile: string | null;
  /** All parts of the step, words and returns included. */
  whole: WorkPair;
  left: WorkPair | null;
  right: WorkPair | null;
  together: WorkPair | null;
}

const add = (pair: WorkPair | null, part: DonePart): WorkPair => ({
  plannedMs: (pair?.plannedMs ?? 0) + part.plannedMs,
  doneMs: (pair?.doneMs ?? 0) + part.doneMs,
});

/** Planned against done, per step and side, in the order in which the steps were first met. */
export const planAgainstDone = (parts: readonly DonePart[]): StepRecord[] => {
  const steps = new Map<string, StepRecord>();
  for (const part of parts) {
    const step = steps.get(part.stepId) ?? {
      stepId: part.stepId,
      moveName: part.moveName,
      meanwhile: null,
      whole: { plannedMs: 0, doneMs: 0 },
      left: null,
      right: null,
      together: null,
    };
    step.whole = add(step.whole, part);
    step.meanwhile ??= part.beside?.moveName ?? null;
    if (part.kind === 'work') {
      const place: Side | 'together' = part.side ?? 'together';
      step[place] = add(step[place], part);
    }
    steps.set(part.stepId, step);
  }
  return [...steps.values()];
};

/** Less than this share of a side was tried rather than done. Common practice, no source. */
export const DONE_SHARE = 0.5;

/** The whole of a record, in work and in time. */
export interface SessionSum extends WorkPair {
  workPlannedMs: Milliseconds;
  workDoneMs: Milliseconds;
  stepsPlanned: number;
  /** Steps in which at least half of the work was done on every side that was planned. */
  stepsDone: number;
  /** On the side that felt it, as on the sheet. */
  leftDoneMs: Milliseconds;
  rightDoneMs: Milliseconds;
}

/** Sums a record. */
export const sumOf = (session: Pick<Session, 'parts'>): SessionSum => {
  const steps = planAgainstDone(session.parts);
  const sides = (s: StepRecord): WorkPair[] => [s.left, s.right, s.together].filter((p) => p !== null);
  const total = (pick: (s: StepRecord) => number): number => steps.reduce((sum, s) => sum + pick(s), 0);
  const felt = (side: Side): Milliseconds =>
    session.parts.reduce((sum, p) => sum + (p.kind === 'work' && p.felt === side ? p.doneMs : 0), 0);
  const work = (key: keyof WorkPair) => total((s) => sides(s).reduce((sum, p) => sum + p[key], 0));
  return {
    plannedMs: total((s) => s.whole.plannedMs),
    doneMs: total((s) => s.whole.doneMs),
    workPlannedMs: work('plannedMs'),
    workDoneMs: work('doneMs'),
    // Words alone are no step: nobody does anything in them.
    stepsPlanned: steps.filter((s) => sides(s).length > 0).length,
    stepsDone: steps.filter(
      (s) => sides(s).length > 0 && sides(s).every((p) => p.doneMs >= p.plannedMs * DONE_SHARE),
    ).length,
    leftDoneMs: felt('left'),
    rightDoneMs: felt('right'),
  };
};
