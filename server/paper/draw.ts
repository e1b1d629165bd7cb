import { createRequire } from 'node:module';
import { PICTURE_ASPECT } from '@kotabi/core/figure';
import type { Move, Position, Side } from '@kotabi/core/model';
import { PALETTES, stillPicture } from '@kotabi/core/pictures';
import PDFDocument from 'pdfkit';
import { create as codeOf } from 'qrcode';
import type { Size } from './kinds';

export type Paper = PDFKit.PDFDocument;

export const COLOUR = {
  ink: '#20293A',
  muted: '#5C6270',
  line: '#D8D0BF',
  spine: '#CBBFA6',
  left: '#44539F',
  right: '#93500F',
  both: '#3F6B5C',
} as const;

const require = createRequire(import.meta.url);
/** The letters as TrueType: from a compressed font, PDFKit would unpack each of them anew for every document. */
const font = (cut: '400Regular' | '700Bold'): string =>
  require.resolve(`@expo-google-fonts/atkinson-hyperlegible-next/${cut}/AtkinsonHyperlegibleNext_${cut}.ttf`);

export const MARGIN = 36;

/** An empty document in our letters, with its language and title, tagged for readers. */
export const newPaper = (
  title: string,
  size: Size,
  language: string,
  layout: 'portrait' | 'landscape' = 'portrait',
): Paper => {
  const doc = new PDFDocument({
    size: size === 'A4' ? 'A4' : 'LETTER',
    layout,
    margin: MARGIN,
    bufferPages: true,
    tagged: true,
    lang: language,
    displayTitle: true,
    pdfVersion: '1.7',
    info: { Title: title, Creator: 'Kotabi' },
  });
  doc.registerFont('plain', font('400Regular'));
  doc.registerFont('bold', font('700Bold'));
  return doc;
};

/** The whole document as bytes. */
export const bytesOf = (doc: Paper): Promise<Uint8Array> =>
  new Promise((done, failed) => {
    const pieces: Buffer[] = [];
    doc.on('data', (piece: Buffer) => pieces.push(piece));
    doc.on('end', () => done(new Uint8Array(Buffer.concat(pieces))));
    doc.on('error', failed);
    doc.end();
  });

/** A piece of what readers are told, in order: a heading, a paragraph, a figure with its words. */
export const told = (
  doc: Paper,
  type: 'H1' | 'H2' | 'P' | 'Figure',
  draw: () => void,
  alt?: string,
): void => {
  doc.addStructure(doc.struct(type, alt === undefined ? {} : { alt }, draw));
};

/** What is only there to be seen. */
export const decor = (doc: Paper, draw: () => void): void => {
  doc.markContent('Artifact', { type: 'Layout' });
  draw();
  doc.endMarkedContent();
};

/** Falling strokes for the left, rising ones for the right: so that black and white says the same as colour. */
const hatch = (doc: Paper, d: string, side: Side | 'both', scale: number): void => {
  doc.save();
  doc.path(d).fillOpacity(0.55).fill(COLOUR[side]).fillOpacity(1);
  if (side !== 'both') {
    const numbers = [...d.matchAll(/(-?\d+) (-?\d+)/g)];
    const xs = numbers.map((m) => Number(m[1]));
    const ys = numbers.map((m) => Number(m[2]));
    const [x0, x1, y0, y1] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)];
    doc.path(d).clip();
    const step = 3.2 / scale;
    const high = y1 - y0;
    doc.lineWidth(1 / scale).strokeColor(COLOUR[side]);
    for (let x = x0 - high; x < x1 + high; x += step)
      if (side === 'left')
        doc
          .moveTo(x, y0)
          .lineTo(x + high, y1)
          .stroke();
      else
        doc
          .moveTo(x, y1)
          .lineTo(x + high, y0)
          .stroke();
  }
  doc.restore();
};

/** The head of an arrow. */
const head = (
  doc: Paper,
  from: { x: number; y: number },
  to: { x: number; y: number },
  long: number,
): void => {
  const angle = Math.atan2(to.y - from.y, to.x - from.x);
  const wing = (by: number): [number, number] => [
    to.x - long * Math.cos(angle + by),
    to.y - long * Math.sin(angle + by),
  ];
  doc.polygon([to.x, to.y], wing(0.45), wing(-0.45)).fill(COLOUR.ink);
};

interface Drawn {
  move: Move;
  side: Side | null;
  rung?: string | undefined;
  position?: Position;
}

/** A move as a vector picture of a width, with its upper left corner there. */
export const figure = (
  doc: Paper,
  { move, side, rung, position }: Drawn,
  x: number,
  y: number,
  width: number,
): void => {
  const still = stillPicture(move, side ?? 'left', rung, undefined, position);
  const { box } = still;
  const scale = width / box.width;
  doc.save();
  doc.rect(x, y, width, width / PICTURE_ASPECT).clip();
  doc.translate(x, y).scale(scale).translate(-box.x, -box.y);
  for (const { d } of still.ghost) doc.path(d).fill('#ECE5D8');
  for (const shape of still.shapes) {
    if (shape.tone === 'felt') {
      hatch(doc, shape.d, shape.side ?? 'both', scale);
      continue;
    }
    // A thin gap of the paper round each piece keeps crossing arms readable; under it, since a piece is made of several outlines.
    doc
      .path(shape.d)
      .lineJoin('round')
      .lineWidth(1.8 / scale)
      .stroke('#FFFFFF');
    doc.path(shape.d).fill(PALETTES.sage[shape.tone]);
  }
  for (const arrow of still.arrows) {
    const [first, ...rest] = arrow.points;
    if (!first) continue;
    doc.moveTo(first.x, first.y);
    for (const p of rest) doc.lineTo(p.x, p.y);
    doc
      .lineWidth(1.1 / scale)
      .strokeColor(COLOUR.ink)
      .stroke();
    const end = rest.at(-1);
    const before = rest.at(-2) ?? first;
    if (end) head(doc, before, end, 4 / scale);
  }
  doc.restore();
};

/** A code that opens an address. */
export const code = (doc: Paper, address: string, x: number, y: number, width: number): void => {
  const { modules } = codeOf(address, { errorCorrectionLevel: 'M' });
  const cell = width / modules.size;
  for (let row = 0; row < modules.size; row++)
    for (let column = 0; column < modules.size; column++)
      if (modules.get(row, column)) doc.rect(x + column * cell, y + row * cell, cell, cell);
  doc.fill(COLOUR.ink);
};

/** Text in a box of a width: as large as asked, smaller where it would not fit into the height. Gives the height it took. */
export const fitted = (
  doc: Paper,
  text: string,
  {
    x,
    y,
    width,
    height,
    size,
    least = 6,
    bold = false,
    colour = COLOUR.ink,
    align = 'left',
  }: {
    x: number;
    y: number;
    width: number;
    height: number;
    size: number;
    least?: number;
    bold?: boolean;
    colour?: string;
    align?: 'left' | 'center' | 'right';
  },
): number => {
  doc.font(bold ? 'bold' : 'plain').fillColor(colour);
  let at = size;
  while (at > least && doc.fontSize(at).heightOfString(text, { width, align }) > height) at -= 0.5;
  doc.fontSize(at);
  const took = doc.heightOfString(text, { width, align });
  doc.text(text, x, y, { width, align, height: Math.max(height, at), ellipsis: true });
  return Math.min(took, height);
};
