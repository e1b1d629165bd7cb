import { PICTURE_ASPECT } from '@kotabi/core/figure';
import { bytesOf, COLOUR, decor, figure, fitted, MARGIN, newPaper, told } from './draw';
import type { HandOut } from './page';
import { type PaperStep, paperSteps } from './steps';
import type { SayPaper } from './words';

/** A strip is as wide as a screen and holds so many steps; a longer break has several, one below the other. */
const MOST = 8;
const LEAST = 4;
const HIGH = 132;
/** Between two strips, to cut along. */
const APART = 10;
const PAD = 6;
/** The room for the figures, without the words below them. */
const FIGURE = 74;
/** The name and the short words at the left end of each strip. */
const HEAD = 84;

/** One step of a strip: both ways beside each other, the left one at the left, and the words below. */
const cell = (
  doc: Parameters<typeof decor>[0],
  { name, dose, move, rung, position, sides }: PaperStep,
  x: number,
  y: number,
  width: number,
  say: SayPaper,
): void => {
  const inner = width - PAD;
  if (!move.onlyWords && move.kind !== 'pause') {
    const ways = sides.includes('left') && sides.includes('right') ? (['left', 'right'] as const) : sides;
    const room = inner / ways.length;
    const wide = Math.min(room, FIGURE * PICTURE_ASPECT);
    ways.forEach((side, i) => {
      told(
        doc,
        'Figure',
        () => {
          const at = x + i * room + (room - wide) / 2;
          const high = wide / PICTURE_ASPECT;
          const top = y + Math.max(0, FIGURE - high) / 2;
          figure(doc, { move, rung, position, side }, at, top, wide);
          if (side)
            fitted(doc, say(side).toUpperCase(), {
              x: x + i * room,
              y: top + high + 1,
              width: room,
              height: 9,
              size: 7.5,
              bold: true,
              colour: COLOUR[side],
              align: 'center',
            });
        },
        side ? `${name}, ${say(side)}` : name,
      );
    });
  }
  const box = { x, width: inner, align: 'center' as const };
  told(doc, 'H2', () => {
    fitted(doc, name, { ...box, y: y + 84, height: 24, size: 9, least: 5.5, bold: true });
  });
  told(doc, 'P', () => {
    fitted(doc, dose, { ...box, y: y + 108, height: 18, size: 8, least: 5.5 });
  });
};

/** A break as strips for the edge of the screen: cut out, and stuck below it. */
export const strip = async ({ resolved, size, say, language }: HandOut): Promise<Uint8Array> => {
  const doc = newPaper(say('strip', { name: resolved.brk.name }), size, language, 'landscape');
  const steps = paperSteps(resolved, say);
  const strips = Math.max(1, Math.ceil(steps.length / MOST));
  // As many on each as on the others.
  const columns = Math.max(LEAST, Math.ceil(steps.length / strips));
  const width = doc.page.width - 2 * MARGIN;
  const wide = (width - HEAD) / columns;
  const aSheet = Math.floor((doc.page.height - 2 * MARGIN + APART) / (HIGH + APART));
  for (let n = 0; n < strips; n++) {
    const row = n % aSheet;
    if (n > 0 && row === 0) doc.addPage();
    const y = MARGIN + row * (HIGH + APART);
    decor(doc, () =>
      doc
        .rect(MARGIN, y, width, HIGH)
        .dash(3, { space: 3 })
        .lineWidth(0.5)
        .strokeColor(COLOUR.line)
        .stroke()
        .undash(),
    );
    const head = { x: MARGIN + PAD, width: HEAD - 2 * PAD };
    told(doc, 'H1', () => {
      fitted(doc, resolved.brk.name, { ...head, y: y + PAD, height: 64, size: 12, bold: true });
    });
    told(doc, 'P', () => {
      const part = strips > 1 ? `${say('partOf', { part: n + 1, parts: strips })}. ` : '';
      const words = part + say('cautionShort');
      fitted(doc, words, { ...head, y: y + 78, height: 46, size: 8.5, colour: COLOUR.muted });
    });
    for (const [i, step] of steps.slice(n * columns, (n + 1) * columns).entries())
      cell(doc, step, MARGIN + HEAD + i * wide, y + PAD, wide, say);
  }
  return bytesOf(doc);
};
