import type { Move, Position } from '@kotabi/core/model';
import type { Part } from '@kotabi/core/timing';
import { MovingFigure } from '../figure/MovingFigure';
import { useLessMotion } from '../figure/useLessMotion';
import { useMoment, type WatchedStore } from './leadStore';
import { figurePhase } from './phase';
import { RestFigure } from './RestFigure';

interface Props {
  store: WatchedStore;
  part: Part;
  move: Move;
  rung: string | undefined;
  position: Position;
  facing: boolean;
  /** Pixels; as large as read from afar when absent. */
  width?: number;
}

/** Steps of one movement that are told apart: finer ones are not seen. */
const STEPS = 240;

/** The figure of the part that is led, where its movement is now. */
export const StageFigure = ({ store, part, move, rung, position, facing, width = 380 }: Props) => {
  const still = useLessMotion();
  const { phase, half } = useMoment(store, ({ view }) => ({
    // What stands still anyway is not drawn anew.
    phase: still ? 0 : Math.round(figurePhase(part, view.remainingMs, move) * STEPS) / STEPS,
    half: view.remainingMs < part.lengthMs / 2,
  }));
  // On the way the figure is where people are: it gets up with them, and does not stand there already.
  if (part.kind === 'position') return <RestFigure position={half ? part.to : part.from} facing={facing} />;
  return (
    <MovingFigure
      move={move}
      rung={rung}
      position={position}
      side={part.side}
      width={width}
      gap="rgba(20,26,36,0.85)"
      facing={facing}
      second={part.direction !== null && part.direction === move.ways.directions?.[1]}
      phase={phase}
    />
  );
};
