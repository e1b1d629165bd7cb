import { dot, type Frame, type Vec, WORLD } from './space';

/** A rounded lump: an ellipsoid with its radii along the directions of a frame, cm. */
export interface Blob {
  at: Vec;
  radii: Vec;
  frame: Frame;
}

/** A piece that is wrapped tightly round its blobs. */
export type Wrap = readonly Blob[];

export const ball = (at: Vec, r: number): Blob => ({ at, radii: [r, r, r], frame: WORLD });
export const oval = (frame: Frame, at: Vec, radii: Vec): Blob => ({ at, radii, frame });

/** How space lies on the page: directions of the page's x, y (downwards) and of depth (toward the viewer). */
export interface Camera {
  x: Vec;
  y: Vec;
  depth: Vec;
}

/** A point of the page, cm; y grows downwards. */
export interface Point {
  x: number;
  y: number;
}

export const project = ({ x, y }: Camera, v: Vec): Point => ({ x: dot(v, x), y: dot(v, y) });

const round = (count: number) =>
  Array.from({ length: count }, (_, i) => {
    const a = (i * Math.PI * 2) / count;
    return [Math.cos(a), Math.sin(a)] as const;
  });
/**
 * Corners enough that a curve looks round at the size it is drawn: few for a finger, many for a head. Multiples of
 * four, so that up, down, left and right are among them and an outline reaches its box.
 */
const FEW = round(20);
const SOME = round(32);
const MANY = round(56);
const directionsFor = (wrap: Wrap): typeof FEW => {
  const largest = Math.max(...wrap.map(({ radii }) => Math.max(...radii)));
  return largest < 2 ? FEW : largest < 5 ? SOME : MANY;
};

/** A blob on the page: its middle, and its three half-axes as the camera sees them. */
interface Flat {
  x: number;
  y: number;
  axes: readonly (readonly [number, number])[];
}

const flatten = ({ at, radii: [a, b, c], frame: { right, up, fwd } }: Blob, { x, y }: Camera): Flat => ({
  x: dot(at, x),
  y: dot(at, y),
  axes: [
    [a * dot(right, x), a * dot(right, y)],
    [b * dot(up, x), b * dot(up, y)],
    [c * dot(fwd, x), c * dot(fwd, y)],
  ],
});

/** The outline of a wrap as the camera sees it: its farthest point in every direction of the page. */
export const outlineOf = (wrap: Wrap, camera: Camera): Point[] => {
  const flats = wrap.map((blob) => flatten(blob, camera));
  return directionsFor(wrap).map(([c, s]) => {
    let best = -Infinity;
    let [px, py] = [0, 0];
    for (const { x, y, axes } of flats) {
      let [size, dx, dy] = [0, 0, 0];
      for (const [ax, ay] of axes) {
        const along = ax * c + ay * s;
        size += along * along;
        dx += along * ax;
        dy += along * ay;
      }
      size = Math.sqrt(size) || 1;
      const far = x * c + y * s + size;
      if (far > best) {
        best = far;
        px = x + dx / size;
        py = y + dy / size;
      }
    }
    return { x: px, y: py };
  });
};

/** The upright box round a wrap: left, top, right and bottom, cm. */
export const boundsOf = (wrap: Wrap, camera: Camera): [number, number, number, number] => {
  const box: [number, number, number, number] = [Infinity, Infinity, -Infinity, -Infinity];
  for (const blob of wrap) {
    const { x, y, axes } = flatten(blob, camera);
    const w = Math.hypot(...axes.map(([ax]) => ax));
    const h = Math.hypot(...axes.map(([, ay]) => ay));
    box[0] = Math.min(box[0], x - w);
    box[1] = Math.min(box[1], y - h);
    box[2] = Math.max(box[2], x + w);
    box[3] = Math.max(box[3], y + h);
  }
  return box;
};

/** Depth of a wrap: the mean of its blobs, cm toward the viewer. */
export const depthOf = (wrap: Wrap, camera: Camera): number =>
  wrap.reduce((sum, b) => sum + dot(b.at, camera.depth), 0) / wrap.length;
