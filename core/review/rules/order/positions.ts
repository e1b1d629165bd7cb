import { type Move, type Position, SEATED } from '../../../model';
import { placedSteps } from '../../facts';
import type { Finding, ReviewRule } from '../../finding';

/** Going back once, to end where one began, is nothing to speak of; more is to and fro. Common practice. */
export const SPARE_CHANGES = 1;

/** Sit, stand and sit again; or back and edge of the seat more than once to and fro. */
export const positions: ReviewRule = ({ resolved, timeline }) => {
  const steps = placedSteps(resolved);
  const runs: { position: Position; stepIds: string[]; moves: Move[] }[] = [
    { position: 'back', stepIds: [], moves: [] },
  ];
  for (const { position, step, move } of steps) {
    // A pause is done as one sits or stands.
    if (move.kind === 'pause') continue;
    const last = runs.at(-1);
    if (last?.position === position) {
      last.stepIds.push(step.id);
      last.moves.push(move);
    } else runs.push({ position, stepIds: [step.id], moves: [move] });
  }
  const changes = runs.length - 1;
  const needed = new Set(runs.map((r) => r.position)).size - 1;
  const low = (p: Position) => SEATED.includes(p);
  const satAgain = runs.findIndex((r, i) => low(r.position) && !low(runs[i - 1]?.position ?? 'back'));
  const stoodAgain = satAgain >= 0 && runs.slice(satAgain).some((r) => !low(r.position));
  if (changes - needed <= SPARE_CHANGES && !stoodAgain) return [];
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
