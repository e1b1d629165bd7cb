import { isTwoWay, otherSide, type Side } from '../../../model';
import { isHeld, type PlacedStep, placedSteps } from '../../facts';
import type { Finding, ReviewRule } from '../../finding';

const isPause = ({ move }: PlacedStep): boolean => move.kind === 'pause' && !move.onlyWords;

/**
 * A rest after one side of something, and none after the other side, with more work right behind it. Between the two sides of
 * it a rest is at home; then the second one is followed by something that lets go, or by the end.
 */
export const pauseOneSide: ReviewRule = ({ resolved }) => {
  const steps = placedSteps(resolved);
  return steps.flatMap((pause, i): Finding[] => {
    const before = steps[i - 1];
    if (!isPause(pause) || !before || !isTwoWay(before.move)) return [];
    const side = before.doneSides;
    if (side === 'both' || side === 'none') return [];
    const twin = steps.find(
      (s) => s.index > i && s.step.moveId === before.step.moveId && s.doneSides === otherSide(side as Side),
    );
    const next = twin && steps[twin.index + 1];
    if (!twin || !next || !isHeld(next)) return [];
    return [
      {
        code: 'pauseOneSide',
        weight: 'look',
        stepIds: [twin.step.id, pause.step.id],
        move: twin.move.name,
        side: otherSide(side as Side),
      },
    ];
  });
};
