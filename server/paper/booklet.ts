import type { ResolvedBreak } from '@kotabi/core/timing';
import { bytesOf, COLOUR, code, fitted, MARGIN, newPaper, told } from './draw';
import type { Size } from './kinds';
import { breakPages } from './page';
import type { SayPaper } from './words';

/** A week as its first page shows it. */
export interface WeekOnPaper {
  title: string;
  /** Whose it is. */
  whose: string;
  days: { day: string; breaks: { at: string; name: string }[] }[];
}

interface Booklet {
  week: WeekOnPaper;
  /** Each break of the week once, in the order in which they come. */
  breaks: readonly ResolvedBreak[];
  size: Size;
  follow: string | null;
  say: SayPaper;
  language: string;
}

const TOP = 74;
const LINE = 17;
const COLUMNS = 2;
const CODE = 54;
/** The times stand in a column of their own. */
const CLOCK = 42;

/** The days of a week with their times, in two columns: a day is never cut, and all of them find room. */
const daysOf = (doc: ReturnType<typeof newPaper>, { days }: WeekOnPaper): void => {
  const width = (doc.page.width - 2 * MARGIN - 24) / COLUMNS;
  const room = doc.page.height - 2 * MARGIN - TOP;
  const lines = days.map((d) => d.breaks.length + 2);
  // The first column takes days until half of the lines stand in it.
  const half = lines.reduce((sum, n) => sum + n, 0) / COLUMNS;
  let before = 0;
  const columnOf = lines.map((n) => {
    const column = before + n / 2 > half ? 1 : 0;
    before += n;
    return column;
  });
  const longest = Math.max(
    ...[0, 1].map((c) => lines.reduce((sum, n, i) => sum + (columnOf[i] === c ? n : 0), 0)),
    1,
  );
  const line = Math.min(LINE, room / longest);
  const down = [MARGIN + TOP, MARGIN + TOP];
  days.forEach(({ day, breaks }, i) => {
    const column = columnOf[i] ?? 0;
    let y = down[column] ?? MARGIN + TOP;
    const box = { x: MARGIN + column * (width + 24), width };
    const size = Math.min(12.5, line * 0.74);
    told(doc, 'H2', () => {
      fitted(doc, day, { ...box, y, height: line, size: size + 1, bold: true });
    });
    y += line;
    for (const { at, name } of breaks) {
      told(doc, 'P', () => {
        fitted(doc, at, { ...box, y, height: line, size, least: 5 });
        fitted(doc, name, {
          ...box,
          x: box.x + CLOCK,
          width: width - CLOCK,
          y,
          height: line,
          size,
          least: 5,
        });
      });
      y += line;
    }
    down[column] = y + line;
  });
};

/** A week to hold in the hand: when what is done, and then each break once, on pages of its own. */
export const booklet = async ({
  week,
  breaks,
  size,
  follow,
  say,
  language,
}: Booklet): Promise<Uint8Array> => {
  const doc = newPaper(`${week.title}: ${week.whose}`, size, language);
  const width = doc.page.width - 2 * MARGIN - (follow ? CODE + 12 : 0);
  told(doc, 'H1', () => {
    fitted(doc, week.title, { x: MARGIN, y: MARGIN, width, height: 30, size: 21, bold: true });
  });
  told(doc, 'P', () => {
    fitted(doc, week.whose, { x: MARGIN, y: MARGIN + 32, width, height: 18, size: 12, colour: COLOUR.muted });
  });
  if (follow)
    told(
      doc,
      'Figure',
      () => code(doc, follow, doc.page.width - MARGIN - CODE, MARGIN - 6, CODE),
      say('codeOpens', { address: follow }),
    );
  daysOf(doc, week);
  for (const resolved of breaks) {
    doc.addPage();
    breakPages(doc, { resolved, follow: null, say });
  }
  return bytesOf(doc);
};
