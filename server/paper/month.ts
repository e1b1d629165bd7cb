import { STANDING_CAUTION } from '@kotabi/core/formats';
import { METHOD, type MonthWeek, weekWords } from '@kotabi/core/report';
import { bytesOf, COLOUR, decor, MARGIN, newPaper, type Paper, told } from './draw';
import type { Size } from './kinds';
import { dayText } from './month-text';

/** What is on a month’s page: words, and its weeks in a table. */
export interface MonthOnPaper {
  title: string;
  about: string;
  words: readonly string[];
  weeks: readonly MonthWeek[];
  size: Size;
}

/** Lines of a page that is read at a desk are no longer than this, points. */
const WIDTH = 430;
const SMALL = 9.5;

const ROW = 24;
const BAR = 106;
/** Where the columns of the table begin, from its left edge, points. */
const AT = { week: 0, done: 100, doneBar: 174, tension: 300 } as const;

/** A share of a bar: what is there of what could be. */
const bar = (doc: Paper, x: number, y: number, width: number, share: number, colour: string): void => {
  doc.rect(x, y, width, 9).fill(COLOUR.line);
  if (share > 0) doc.rect(x, y, width * Math.min(1, share), 9).fill(colour);
};

/** The weeks, a row each: breaks done of planned, and the mean tension before and after. */
const weekTable = (doc: Paper, weeks: readonly MonthWeek[], x: number): void => {
  told(doc, 'H2', () => {
    doc.font('bold').fontSize(13).fillColor(COLOUR.ink).text('Week by week', x, doc.y, { width: WIDTH });
  });
  doc.y += 6;
  for (const week of weeks) {
    if (doc.y > doc.page.height - MARGIN - 3 * ROW) doc.addPage();
    const y = doc.y;
    const words = weekWords(week);
    told(doc, 'P', () => {
      const cell = (text: string, at: number, width: number): void => {
        doc
          .font('plain')
          .fontSize(10.5)
          .fillColor(COLOUR.ink)
          .text(text, x + at, y + 4, { width, lineBreak: false });
      };
      cell(`from ${dayText(week.from)}`, AT.week, AT.done);
      cell(words.done === '–' ? '–' : `${words.done} done`, AT.done, 70);
      cell(words.tension === '–' ? '–' : `tension ${words.tension}`, AT.tension, 150);
    });
    decor(doc, () => {
      doc
        .moveTo(x, y)
        .lineTo(x + WIDTH, y)
        .lineWidth(0.6)
        .strokeColor(COLOUR.line)
        .stroke();
      if (week.of > 0) bar(doc, x + AT.doneBar, y + 6, BAR, week.done / week.of, COLOUR.both);
    });
    doc.y = y + ROW;
  }
};

/** The month’s page for an employer, as the bytes of a PDF; a long text goes on on further pages. */
export const monthPage = ({ title, about, words, weeks, size }: MonthOnPaper): Promise<Uint8Array> => {
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
  if (weeks.length > 0) {
    weekTable(doc, weeks, x);
    doc.y += 14;
  }
  paragraph('P', METHOD, SMALL, 8, true);
  paragraph('P', STANDING_CAUTION, SMALL, 0, true);
  return bytesOf(doc);
};
