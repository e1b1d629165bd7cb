import { PICTURE_ASPECT } from '@kotabi/core/figure';
import type { ResolvedBreak } from '@kotabi/core/timing';
import { bytesOf, COLOUR, code, decor, figure, fitted, MARGIN, newPaper, type Paper, told } from './draw';
import type { Size } from './kinds';
import { aboutText, type PaperStep, paperSteps } from './steps';
import type { SayPaper } from './words';

/** What is drawn on a hand-out. */
export interface HandOut {
  resolved: ResolvedBreak;
  size: Size;
  /** Where it can be followed; its code stands in the corner. */
  follow: string | null;
  /** What its words are. */
  say: SayPaper;
  /** The language they are in, as IETF BCP 47 names it. */
  language: string;
}

const HEAD = 62;
const FOOT = 40;
const GAP = 6;
/** A row is no higher and no lower than this: above it would look lost, below it cannot be read. */
const MOST_ROW = 112;
const LEAST_ROW = 54;
/** The column of words in the middle. */
const WORDS = 320;

const head = (doc: Paper, title: string, about: string, follow: string | null, say: SayPaper): void => {
  const width = doc.page.width - 2 * MARGIN - (follow ? 66 : 0);
  told(doc, 'H1', () => {
    fitted(doc, title, { x: MARGIN, y: MARGIN, width, height: 30, size: 21, bold: true });
  });
  told(doc, 'P', () => {
    fitted(doc, about, { x: MARGIN, y: MARGIN + 30, width, height: 16, size: 10.5, colour: COLOUR.muted });
  });
  if (follow)
    told(
      doc,
      'Figure',
      () => code(doc, follow, doc.page.width - MARGIN - 54, MARGIN - 6, 54),
      say('codeOpens', { address: follow }),
    );
  decor(doc, () =>
    doc
      .moveTo(MARGIN, MARGIN + HEAD - 10)
      .lineTo(doc.page.width - MARGIN, MARGIN + HEAD - 10)
      .lineWidth(1.5)
      .strokeColor(COLOUR.ink)
      .stroke(),
  );
};

const foot = (doc: Paper, say: SayPaper): void => {
  const y = doc.page.height - MARGIN - FOOT + 8;
  told(doc, 'P', () => {
    fitted(doc, say('caution'), {
      x: MARGIN,
      y,
      width: doc.page.width - 2 * MARGIN,
      height: FOOT - 8,
      size: 9,
      colour: COLOUR.muted,
    });
  });
};

/** One step on the spine: left pictures left, right pictures right, together on it. */
const row = (doc: Paper, step: PaperStep, number: number, y: number, height: number, say: SayPaper): void => {
  const middle = doc.page.width / 2;
  const wide = Math.min((height - 2 * GAP) * PICTURE_ASPECT, 118);
  const top = y + (height - wide / PICTURE_ASPECT) / 2;
  decor(doc, () => {
    doc.moveTo(MARGIN, y + height).lineTo(doc.page.width - MARGIN, y + height);
    doc.lineWidth(0.5).strokeColor(COLOUR.line).stroke();
    doc
      .moveTo(middle, y)
      .lineTo(middle, y + GAP)
      .moveTo(middle, y + height - GAP)
      .lineTo(middle, y + height);
    doc.lineWidth(1.2).strokeColor(COLOUR.spine).stroke();
  });
  const drawn = { move: step.move, rung: step.rung, position: step.position };
  const ways = step.sides.filter((s) => s !== null);
  const heading = `${number} · ${step.name}`;
  const dose = [step.dose, ways[0] && ways.length === 1 ? say('wayOnly', { way: say(ways[0]) }) : '']
    .filter(Boolean)
    .join(' · ');
  if (ways.length === 0 && !step.move.onlyWords) {
    // Together: the picture straddles the spine, its name on one side, what is felt on the other.
    const half = middle - wide / 2 - 12 - MARGIN;
    const left = { x: MARGIN, width: half, align: 'right' as const };
    told(doc, 'Figure', () => figure(doc, { ...drawn, side: null }, middle - wide / 2, top, wide), step.name);
    told(doc, 'H2', () => {
      fitted(doc, heading, {
        ...left,
        y: y + height * 0.26,
        height: height * 0.36,
        size: 12.5,
        least: 8,
        bold: true,
      });
    });
    told(doc, 'P', () => {
      fitted(doc, dose, {
        ...left,
        y: y + height * 0.64,
        height: 14,
        size: 10.5,
        bold: true,
        colour: COLOUR.both,
      });
    });
    told(doc, 'P', () => {
      fitted(doc, step.feel, {
        x: middle + wide / 2 + 12,
        width: half,
        y: y + height * 0.3,
        height: height * 0.64,
        size: 10,
      });
    });
    return;
  }
  const wing = (middle - WORDS / 2 - MARGIN - wide) / 2;
  for (const side of ways)
    told(
      doc,
      'Figure',
      () =>
        figure(
          doc,
          { ...drawn, side },
          side === 'right' ? doc.page.width - MARGIN - wing - wide : MARGIN + wing,
          top,
          wide,
        ),
      `${step.name}, ${say(side)}`,
    );
  const box = { x: middle - WORDS / 2, width: WORDS, align: 'center' as const };
  told(doc, 'H2', () => {
    fitted(doc, heading, { ...box, y: y + GAP + 1, height: height * 0.34, size: 12.5, least: 8, bold: true });
  });
  const below = y + GAP + 1 + height * 0.34;
  told(doc, 'P', () => {
    fitted(doc, dose, { ...box, y: below, height: 14, size: 10.5, bold: true });
  });
  const feel = ways.length === 2 ? say('thenOther', { feel: step.feel }) : step.feel;
  told(doc, 'P', () => {
    fitted(doc, step.move.onlyWords ? step.say : feel, {
      ...box,
      y: below + 15,
      height: Math.max(9, height - (below - y) - 15 - GAP),
      size: 10,
    });
  });
};

/** A break from the page that is open on, on as many as it takes: figures in order, both sides, dose, what to feel. */
export const breakPages = (
  doc: Paper,
  { resolved, follow, say }: Omit<HandOut, 'size' | 'language'>,
): void => {
  const { name } = resolved.brk;
  const steps = paperSteps(resolved, say);
  const about = aboutText(resolved, say);
  const room = doc.page.height - 2 * MARGIN - HEAD - FOOT;
  const fits = Math.floor(room / LEAST_ROW);
  const pages = Math.max(1, Math.ceil(steps.length / fits));
  const each = Math.ceil(steps.length / pages);
  const height = Math.min(MOST_ROW, room / Math.max(1, each));
  for (let page = 0; page < pages; page++) {
    if (page > 0) doc.addPage();
    head(doc, name, pages > 1 ? say('pageOf', { about, page: page + 1, pages }) : about, follow, say);
    for (const [i, step] of steps.slice(page * each, (page + 1) * each).entries())
      row(doc, step, page * each + i + 1, MARGIN + HEAD + i * height, height, say);
    foot(doc, say);
  }
};

/** One page of a break, or as many as it takes, with what to watch for. */
export const handOut = async ({ size, ...what }: HandOut): Promise<Uint8Array> => {
  const doc = newPaper(what.resolved.brk.name, size, what.language);
  breakPages(doc, what);
  return bytesOf(doc);
};
