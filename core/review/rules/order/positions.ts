import { type Move, type Position, SEATED } from '../../../model';
import { type PlacedStep, placedSteps } from '../../facts';
import type { Finding, ReviewRule } from '../../finding';

/** Going back once, to end where one began, is nothing to speak of; more is to and fro. Common practice. */
export const SPARE_CHANGES = 1;

const low = (p: Position): boolean => SEATED.includes(p);
type Run = { position: Position; stepIds: string[]; moves: Move[] };

/** How often one changes beyond what is needed, and whether one stands, sits and stands again. */
const troubleOf = (places: readonly Position[]): { spare: number; satAgain: number; stoodAgain: boolean } => {
  const satAgain = places.findIndex((p, i) => low(p) && !low(places[i - 1] ?? 'back'));
  return {
    spare: places.length - new Set(places).size,
    satAgain,
    stoodAgain: satAgain >= 0 && places.slice(satAgain).some((p) => !low(p)),
  };
};
const isTrouble = ({ spare, stoodAgain }: ReturnType<typeof troubleOf>): boolean =>
  spare > SPARE_CHANGES || stoodAgain;

/**
 * Where a group would be that stays where it is as long as it can: a step that names no place of its own is done there, back
 * on the seat or at its edge, if its move can be. Nobody stands, or sits down, for want of a word.
 */
const stayed = (steps: readonly PlacedStep[]): Position[] => {
  const runs: Position[][] = [['back']];
  for (const { step, move, position } of steps) {
    const can =
      step.position || !low(position) ? [position] : [move.position, ...move.alsoIn].filter((p) => low(p));
    const run = runs.at(-1) as Position[];
    const both = run.filter((p) => can.includes(p));
    if (both.length > 0) runs[runs.length - 1] = both;
    else runs.push(can);
  }
  return runs.flatMap(([place]) => place ?? []);
};

/** Sit, stand and sit again; or back and edge of the seat more than once to and fro. */
export const positions: ReviewRule = ({ resolved, timeline }) => {
  // A pause is done as one sits or stands.
  const steps = placedSteps(resolved).filter(({ move }) => move.kind !== 'pause');
  const runs: Run[] = [{ position: 'back', stepIds: [], moves: [] }];
  for (const { position, step, move } of steps) {
    const last = runs.at(-1);
    if (last?.position === position) {
      last.stepIds.push(step.id);
      last.moves.push(move);
    } else runs.push({ position, stepIds: [step.id], moves: [move] });
  }
  const changes = runs.length - 1;
  const trouble = troubleOf(runs.map((r) => r.position));
  // Nobody goes to and fro because no place was written down: that is nothing to remark on.
  if (!isTrouble(trouble) || !isTrouble(troubleOf(stayed(steps)))) return [];
  const { stoodAgain, satAgain } = trouble;
  const at = stoodAgain
    ? satAgain
    : runs.findIndex((r, i) => runs.slice(0, i).some((b) => b.position === r.position));
  const [run, before] = [runs[at], runs[at - 1]];
  if (!run || !before) return [];
  const lostMs = timeline.parts.reduce((sum, p) => sum + (p.kind === 'position' ? p.lengthMs : 0), 0);
  // The shorter of the two stretches is the one to be done as the one beside it.
  const fixable = (from: typeof run, to: Position): boolean =>
    from.moves.every((move) => move.position === to || move.alsoIn.includes(to));
  const target = fixable(run, before.position)
    ? { from: run, to: before.position }
    : fixable(before, run.position) && before.stepIds.length > 0
      ? { from: before, to: run.position }
      : null;
  const finding: Finding = {
    code: 'toAndFro',
    weight: 'look',
    stepIds: run.stepIds,
    from: before.position,
    to: run.position,
    changes,
    lostMs,
    ...(target && { fix: { do: 'positions', position: target.to, stepIds: target.from.stepIds } }),
  };
  return [finding];
};
