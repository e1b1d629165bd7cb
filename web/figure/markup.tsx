import type { Position, Side } from '@kotabi/core/model';
import { type Drawn, stillPicture } from '@kotabi/core/pictures';
import { renderToStaticMarkup } from 'react-dom/server';
import { FigureCanvas } from './Figure';

/** A figure as SVG text, for pages that are written once and not run. */
export const figureMarkup = (move: Drawn, side: Side, rung: string | undefined, position: Position): string =>
  renderToStaticMarkup(
    <FigureCanvas {...stillPicture(move, side, rung, undefined, position)} width={200} gap="#F8F4EA" />,
  );
