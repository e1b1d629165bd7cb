import { METHOD } from '@kotabi/core/report';
import { bytesOf, COLOUR, MARGIN, newPaper, told } from './draw';
import type { Size } from './kinds';

/** What is on a month’s page: nothing but words. */
export interface MonthOnPaper {
  title: string;
  about: string;
  words: readonly string[];
  size: Size;
}

/** Lines of a page that is read at a desk are no longer than this, points. */
const WIDTH = 430;
const SMALL = 9.5;

/** The month’s page for an employer, as the bytes of a PDF; a long text goes on on further pages. */
export const monthPage = ({ title, about, words, size }: MonthOnPaper): Promise<Uint8Array> => {
  const doc = newPaper(title, size, 'en');
  const x = MARGIN + 24;
  const paragraph = (type: 'H1' | 'P', text: string, points: number, gap: number, muted = false): void => {
    told(doc, type, () => {
      doc
        .font(type === 'H1' ? 'bold' : 'plain')
        .fontSize(points)
        .fillColor(muted ? COLOUR.muted : COLOUR.ink)
        .text(text, x, doc.y, { width: WIDTH, lineGap: 3 });
    });
    doc.y += gap;
  };
  doc.y = MARGIN + 24;
  paragraph('H1', title, 22, 2);
  paragraph('P', about, 13, 22, true);
  for (const text of words.filter((w) => w.trim() !== '')) paragraph('P', text, 12.5, 9);
  doc.y += 10;
  paragraph('P', METHOD, SMALL, 0, true);
  return bytesOf(doc);
};
