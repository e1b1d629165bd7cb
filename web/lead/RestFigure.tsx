import { pictureOf } from '@kotabi/core/figure';
import { type Base, Motion, type Position } from '@kotabi/core/model';
import { FigureCanvas } from '../figure/Figure';

/** What carries the body in each position. */
const BASES: Record<Position, Base> = {
  back: 'back',
  edge: 'edge',
  'wide edge': 'edge',
  standing: 'stand',
  floor: 'lying on the back',
  'floor seat': 'cross-legged',
};

/** Somebody at rest in a position, as people are while they change it. */
export const RestFigure = ({ position, facing }: { position: Position; facing: boolean }) => {
  const motion = Motion.parse({ poses: [{ base: BASES[position] }], view: 'front' });
  return <FigureCanvas {...pictureOf(motion)} width={380} gap="rgba(20,26,36,0.85)" facing={facing} />;
};
