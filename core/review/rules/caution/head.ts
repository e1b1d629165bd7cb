import type { Fix } from '../../../edit/fix';
import { variantOf } from '../../../model';
import { demandsOf } from '../../../needs';
import { eachStep } from '../../each-step';
import type { Finding } from '../../finding';
import { headOf } from '../../poses';

/** A head tipped back is not turned by more than this as well. Common practice, no source. */
export const TURNED_DEG = 20;
/** How far back "lift the gaze, slow" goes. Common practice, no source. */
export const LIFTED_DEG = 25;

/** Full circles through the back, a head tipped back and turned, and looking up farther than the approach does. */
export const head = eachStep(({ step, move, variant }, { resolved }): Finding[] => {
  const { headCircles, lookingUp } = resolved.approach;
  const at = { stepIds: [step.id], move: move.name } as const;
  const { backDeg, turnDeg } = headOf(variant);
  // Looked for only when something is found: most steps have nothing.
  const fix = (): { fix?: Fix } => {
    const easier = move.rungs.find((r) => {
      const h = headOf(variantOf(move, r.name, variant.position));
      return h.turnDeg <= TURNED_DEG && h.backDeg <= LIFTED_DEG;
    });
    return easier && easier.name !== step.rung
      ? { fix: { do: 'rung', stepId: step.id, rung: easier.name } }
      : {};
  };
  const asks = demandsOf(variant);
  if (move.region === 'neck' && move.figure?.path === 'round' && asks.has('looking up'))
    return headCircles === 'full circle'
      ? []
      : [{ ...at, code: 'backwardCircle', weight: 'caution', ...fix() }];
  if (turnDeg > TURNED_DEG)
    return [
      {
        ...at,
        code: 'extensionWithTurn',
        weight: 'stop',
        backDeg: Math.round(backDeg),
        turnDeg: Math.round(turnDeg),
        ...fix(),
      },
    ];
  if (lookingUp === 'lift the gaze' && backDeg > LIFTED_DEG)
    return [
      {
        ...at,
        code: 'lookingUpFar',
        weight: 'caution',
        backDeg: Math.round(backDeg),
        mostDeg: LIFTED_DEG,
        ...fix(),
      },
    ];
  return [];
});
