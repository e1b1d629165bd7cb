import type { Move, Position } from '@kotabi/core/model';
import type { Part } from '@kotabi/core/timing';
import { MovingFigure } from '../figure/MovingFigure';
import { type LeadStore, useMoment } from './leadStore';
import { figurePhase } from './phase';

interface Props {
  store: LeadStore;
  part: Part;
  move: Move;
  rung: string | undefined;
  position: Position;
  facing: boolean;
}

/** Steps of one movement that are told apart: finer ones are not seen. */
const STEPS = 240;

/** The figure of the part that is led, where its movement is now. */
export const StageFigure = ({ store, part, move, rung, position, facing }: Props) => {
  const { phase } = useMoment(store, ({ view }) => ({
    phase: Math.round(figurePhase(part, view.remainingMs, move) * STEPS) / STEPS,
  }));
  return (
    <MovingFigure
      move={move}
      rung={rung}
      position={position}
      side={part.side}
      width={380}
      gap="rgba(20,26,36,0.85)"
      facing={facing}
      second={part.direction !== null && part.direction === move.ways.directions?.[1]}
      phase={phase}
    />
  );
};
