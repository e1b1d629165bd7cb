import type { Side } from '../model';

/** A point of the page; x grows to the right, y downwards. */
export interface Point {
  x: number;
  y: number;
}

/** What a shape is made of; the interface gives each a colour. */
export type Tone =
  | 'seat'
  | 'shoe'
  | 'shin'
  | 'thigh'
  | 'trunk'
  | 'upper arm'
  | 'forearm'
  | 'skin'
  | 'hair'
  | 'felt';

/** One piece of cut paper: an SVG path in the figure's own units, and what it is. */
export interface Shape {
  d: string;
  tone: Tone;
  /** Where it is felt, for pieces that show that. */
  side?: Side | 'both';
}

const round = (n: number): number => Math.round(n * 10) / 10;
export const at = ({ x, y }: Point): string => `${round(x)} ${round(y)}`;

/** Turns a point about another, degrees, clockwise on the page. */
export const turnAbout = (p: Point, centre: Point, deg: number): Point => {
  const a = (deg * Math.PI) / 180;
  const [dx, dy] = [p.x - centre.x, p.y - centre.y];
  return {
    x: centre.x + dx * Math.cos(a) - dy * Math.sin(a),
    y: centre.y + dx * Math.sin(a) + dy * Math.cos(a),
  };
};

/** A limb with round ends, wider at its start than at its end. */
export const limb = (from: Point, to: Point, fromWidth: number, toWidth: number): string => {
  const length = Math.hypot(to.x - from.x, to.y - from.y) || 1;
  const [nx, ny] = [-(to.y - from.y) / length, (to.x - from.x) / length];
  const off = (p: Point, r: number): string => at({ x: p.x + nx * r, y: p.y + ny * r });
  const [a, b] = [fromWidth / 2, toWidth / 2];
  return `M${off(from, a)} A${a} ${a} 0 0 1 ${off(from, -a)} L${off(to, -b)} A${b} ${b} 0 0 1 ${off(to, b)} Z`;
};

/** An ellipse, turned by degrees. */
export const ellipse = (centre: Point, rx: number, ry: number, deg = 0): string => {
  const a = turnAbout({ x: centre.x - rx, y: centre.y }, centre, deg);
  const b = turnAbout({ x: centre.x + rx, y: centre.y }, centre, deg);
  return `M${at(a)} A${rx} ${ry} ${deg} 0 1 ${at(b)} A${rx} ${ry} ${deg} 0 1 ${at(a)} Z`;
};

/** A closed outline through points, its corners as given. */
export const outline = (points: readonly Point[]): string => `M${points.map(at).join(' L')} Z`;
