import {
  type Approach,
  type Break,
  doseStep,
  type Milliseconds,
  type Move,
  type Pace,
  type Step,
} from '../model';
import { coldHolds, SHORT_HOLD_MS } from '../review/rules/order/mobilised';
import { isReset, RESET_REPS } from '../review/rules/sides/directions';
import { saysDose } from '../review/rules/words/said-numbers';
import { type ResolvedBreak, resolvedSteps, type Timeline, workMs } from '../timing';
import { bandOf, dosesOf } from './band';
import { twinsOf } from './twins';

/** One dose a step can have: how long all its work takes then, and how far it is from the usual one. */
export interface DoseOption {
  amount: number;
  workMs: Milliseconds;
  /** ((dose - usual) / usual)^2 */
  cost: number;
}

/** A step whose dose may change, with the step that is its other side, if that is a step of its own. */
export interface FreeStep {
  stepId: string;
  twinId?: string;
  options: readonly DoseOption[];
  /** One step of its dose, once on one side: 5 s, one breath or one repetition. */
  doseStepMs: Milliseconds;
}

/** Doses into a slot: what cannot change, and what can. */
export interface FitProblem {
  slotMs: Milliseconds;
  /** Words, changes, returns, and the work of steps that are locked. */
  fixedMs: Milliseconds;
  free: readonly FreeStep[];
}

/** A step keeps its dose when it is locked, uneven on purpose, said in own words, or nothing but words. */
const isFree = (step: Step, move: Move): boolean =>
  !step.locked && !step.uneven && !move.onlyWords && !saysDose(step);

/**
 * A few rolls one way let go and owe nothing; more of them would owe the other way. A short hold of what nothing has moved
 * stays a short one.
 */
const mostOf = (step: Step, move: Move, pace: Pace, cold: ReadonlySet<string>): number => {
  if (move.ways.directions && step.directions !== 'both' && isReset(step)) return RESET_REPS;
  const short = (amount: number): boolean => workMs(step.dose, amount, pace, false) <= SHORT_HOLD_MS;
  if (!cold.has(step.id) || !short(step.dose.amount)) return Number.POSITIVE_INFINITY;
  return step.dose.measure === 'seconds' ? SHORT_HOLD_MS / 1000 : step.dose.amount;
};

const optionsOf = (
  step: Step,
  move: Move,
  brk: Break,
  approach: Approach,
  nowMs: Milliseconds,
  cold: ReadonlySet<string>,
): DoseOption[] => {
  const whole = step.wholeBreaths ?? brk.wholeBreaths;
  const once = (amount: number): Milliseconds => workMs(step.dose, amount, brk.pace, whole);
  // Sides, directions and sets make the same multiple of every dose.
  const times = nowMs / once(step.dose.amount);
  const { usual, ...band } = bandOf(step, move, brk.pace, approach);
  const most = mostOf(step, move, brk.pace, cold);
  return dosesOf({ usual, ...band })
    .filter((amount) => amount <= most || amount === step.dose.amount)
    .map((amount) => ({
      amount,
      workMs: Math.round(once(amount) * times),
      cost: ((amount - usual) / usual) ** 2,
    }));
};

/** Reads a fitting problem off a compiled break. */
export const fitProblem = (resolved: ResolvedBreak, { parts, totals }: Timeline): FitProblem => {
  const { brk, approach } = resolved;
  const work = new Map<string, Milliseconds>();
  for (const p of parts) if (p.kind === 'work') work.set(p.stepId, (work.get(p.stepId) ?? 0) + p.lengthMs);
  let fixedMs = totals.totalMs;
  const steps = resolvedSteps(resolved);
  const cold = new Set(coldHolds(resolved).map((s) => s.step.id));
  const twins = twinsOf(steps.map((s) => s.step));
  const byId = new Map(steps.map((s) => [s.step.id, s]));
  const done = new Set<string>();
  const free = steps.flatMap(({ step, move }): FreeStep[] => {
    const twin = byId.get(twins.get(step.id) ?? '');
    const nowMs = (work.get(step.id) ?? 0) + (twin ? (work.get(twin.step.id) ?? 0) : 0);
    if (done.has(step.id) || nowMs === 0 || !isFree(step, move)) return [];
    // Where one of the two keeps its dose, so does the other.
    if (twin && !isFree(twin.step, twin.move)) return [];
    if (twin) done.add(twin.step.id);
    fixedMs -= nowMs;
    return [
      {
        stepId: step.id,
        ...(twin && { twinId: twin.step.id }),
        options: optionsOf(step, move, brk, approach, nowMs, cold),
        doseStepMs: (twin ? 2 : 1) * workMs(step.dose, doseStep(step.dose), brk.pace, false),
      },
    ];
  });
  return { slotMs: brk.slotSec * 1000, fixedMs, free };
};

/** The shortest the steps can be made. */
export const leastMs = ({ fixedMs, free }: FitProblem): Milliseconds =>
  free.reduce((sum, { options }) => sum + Math.min(...options.map((o) => o.workMs)), fixedMs);

/** The finest dose step of any step that can change: 5 s, one breath or one repetition, as time; 0 without any. */
export const finestMs = ({ free }: FitProblem): Milliseconds =>
  free.length === 0 ? 0 : Math.min(...free.map((f) => f.doseStepMs));
