import { PICTURE_ASPECT } from '@kotabi/core/figure';
import { bytesOf, COLOUR, code, decor, figure, fitted, MARGIN, newPaper, told } from './draw';
import type { HandOut } from './page';
import { aboutText, paperSteps } from './steps';

/** So many pictures on one wall: more are not looked at. The first ones that are done, frames and words left out. */
const MOST = 12;

/** A poster for the wall: large pictures, names, doses. */
export const poster = async ({ resolved, size, follow, say, language }: HandOut): Promise<Uint8Array> => {
  const doc = newPaper(resolved.brk.name, size, language, 'landscape');
  const steps = paperSteps(resolved, say)
    .filter((s) => !s.move.onlyWords && s.move.kind !== 'pause')
    .slice(0, MOST);
  const width = doc.page.width - 2 * MARGIN;
  told(doc, 'H1', () => {
    fitted(doc, resolved.brk.name, {
      x: MARGIN,
      y: MARGIN - 8,
      width: width - 80,
      height: 40,
      size: 30,
      bold: true,
    });
  });
  told(doc, 'P', () => {
    fitted(doc, aboutText(resolved, say), {
      x: MARGIN,
      y: MARGIN + 32,
      width: width - 80,
      height: 18,
      size: 13,
      colour: COLOUR.muted,
    });
  });
  if (follow)
    told(
      doc,
      'Figure',
      () => code(doc, follow, doc.page.width - MARGIN - 64, MARGIN - 10, 64),
      say('codeOpens', { address: follow }),
    );
  const top = MARGIN + 66;
  const room = doc.page.height - top - MARGIN - 26;
  const columns = Math.max(1, Math.min(6, Math.ceil(steps.length / (steps.length > 4 ? 2 : 1))));
  const rows = Math.max(1, Math.ceil(steps.length / columns));
  const [cellW, cellH] = [width / columns, room / rows];
  const wide = Math.min(cellW - 14, (cellH - 52) * PICTURE_ASPECT);
  for (const [i, step] of steps.entries()) {
    const x = MARGIN + (i % columns) * cellW;
    const y = top + Math.floor(i / columns) * cellH;
    const [side = null] = step.sides;
    told(
      doc,
      'Figure',
      () =>
        figure(
          doc,
          { move: step.move, rung: step.rung, position: step.position, side },
          x + (cellW - wide) / 2,
          y,
          wide,
        ),
      step.name,
    );
    const box = { x: x + 4, width: cellW - 8, align: 'center' as const };
    const below = y + wide / PICTURE_ASPECT + 2;
    told(doc, 'H2', () => {
      fitted(doc, step.name, { ...box, y: below, height: 30, size: 13, bold: true });
    });
    told(doc, 'P', () => {
      fitted(doc, step.dose, { ...box, y: below + 30, height: 16, size: 11.5, colour: COLOUR.both });
    });
  }
  decor(doc, () =>
    doc
      .moveTo(MARGIN, doc.page.height - MARGIN - 24)
      .lineTo(doc.page.width - MARGIN, doc.page.height - MARGIN - 24)
      .lineWidth(0.5)
      .strokeColor(COLOUR.line)
      .stroke(),
  );
  told(doc, 'P', () => {
    fitted(doc, say('caution'), {
      x: MARGIN,
      y: doc.page.height - MARGIN - 20,
      width,
      height: 22,
      size: 9,
      colour: COLOUR.muted,
    });
  });
  return bytesOf(doc);
};
