import { PICTURE_ASPECT } from '@kotabi/core/figure';
import { bytesOf, COLOUR, decor, figure, fitted, newPaper, told } from './draw';
import type { HandOut } from './page';
import { paperSteps } from './steps';

/** Four cards on a sheet, to be cut along the lines. */
const COLUMNS = 2;
const ROWS = 2;
const PAD = 14;

/** Cue cards for whoever leads: one step a card, what is said, what is felt, what is checked, left and right apart. */
export const cueCards = async ({ resolved, size, say, language }: HandOut): Promise<Uint8Array> => {
  const doc = newPaper(say('cueCards', { name: resolved.brk.name }), size, language);
  const steps = paperSteps(resolved, say);
  const width = doc.page.width / COLUMNS;
  const height = doc.page.height / ROWS;
  for (const [i, step] of steps.entries()) {
    const at = i % (COLUMNS * ROWS);
    if (i > 0 && at === 0) doc.addPage();
    const x = (at % COLUMNS) * width;
    const y = Math.floor(at / COLUMNS) * height;
    decor(doc, () =>
      doc
        .rect(x, y, width, height)
        .dash(3, { space: 3 })
        .lineWidth(0.5)
        .strokeColor(COLOUR.line)
        .stroke()
        .undash(),
    );
    const inner = width - 2 * PAD;
    const box = { x: x + PAD, width: inner };
    told(doc, 'H2', () => {
      fitted(doc, `${say('partOf', { part: i + 1, parts: steps.length })} · ${step.name}`, {
        ...box,
        y: y + PAD + 4,
        height: 36,
        size: 15,
        bold: true,
      });
    });
    told(doc, 'P', () => {
      fitted(doc, step.dose, {
        ...box,
        y: y + PAD + 42,
        height: 16,
        size: 12,
        bold: true,
        colour: COLOUR.both,
      });
    });
    const together = step.sides.every((s) => s === null);
    const wide = together ? Math.min(inner * 0.62, height * 0.36) : inner / 2 - 6;
    const top = y + PAD + 64;
    if (!step.move.onlyWords)
      for (const side of step.sides) {
        const left =
          side === null ? x + (width - wide) / 2 : side === 'right' ? x + width - PAD - wide : x + PAD;
        told(
          doc,
          'Figure',
          () => {
            figure(doc, { move: step.move, rung: step.rung, position: step.position, side }, left, top, wide);
            if (side)
              fitted(doc, say(side).toUpperCase(), {
                x: left,
                y: top + wide / PICTURE_ASPECT + 1,
                width: wide,
                height: 12,
                size: 10,
                bold: true,
                colour: COLOUR[side],
                align: 'center',
              });
          },
          `${step.name}${side ? `, ${say(side)}` : ''}`,
        );
      }
    let down = top + wide / PICTURE_ASPECT + 20;
    const until = y + height - PAD;
    const words = [
      step.say ? say('saidLine', { words: step.say }) : '',
      step.feel ? say('feltLine', { words: step.feel }) : '',
      step.check && step.check !== step.feel ? say('checkLine', { words: step.check }) : '',
    ].filter((text) => text !== '');
    for (const [n, text] of words.entries()) {
      const room = (until - down) / (words.length - n);
      told(doc, 'P', () => {
        down += fitted(doc, text, { ...box, y: down, height: room - 4, size: 12.5 }) + 4;
      });
    }
  }
  return bytesOf(doc);
};
