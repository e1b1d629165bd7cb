import type { ReachKind } from '@kotabi/core/model';
import { useMoves } from '../../api/queries';
import { Figure } from '../../figure/Figure';

/** The move whose picture shows how each reach is taken. */
const SHOWN: Record<Exclude<ReachKind, 'arm on the clock'>, string> = {
  'finger to wall': 'turn-arms-out',
  'finger to floor': 'fold-between-knees',
  'hands on a strap': 'strap-behind-back',
  'chin to shoulder': 'look-over-shoulder',
  'wrist angle': 'fingers-up',
};

/** How a reach is taken, drawn. The words beside it say the same. */
export const ReachDrawing = ({ kind }: { kind: Exclude<ReachKind, 'arm on the clock'> }) => {
  const { lookup } = useMoves();
  const move = lookup(SHOWN[kind]);
  return move ? <Figure move={move} width={170} plain /> : <span />;
};
