/** A point or direction of the figure's space, in cm: x to the person's right, y up, z forward. */
export type Vec = readonly [number, number, number];

// Written out, since a figure takes some ten thousand of these for each picture it moves through: a general
// vector library was measured at five times the time.
export const add = (a: Vec, b: Vec): Vec => [a[0] + b[0], a[1] + b[1], a[2] + b[2]];
export const sub = (a: Vec, b: Vec): Vec => [a[0] - b[0], a[1] - b[1], a[2] - b[2]];
export const scale = (a: Vec, k: number): Vec => [a[0] * k, a[1] * k, a[2] * k];
export const dot = (a: Vec, b: Vec): number => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
export const cross = (a: Vec, b: Vec): Vec => [
  a[1] * b[2] - a[2] * b[1],
  a[2] * b[0] - a[0] * b[2],
  a[0] * b[1] - a[1] * b[0],
];
export const length = (a: Vec): number => Math.sqrt(dot(a, a));
export const unit = (a: Vec): Vec => scale(a, 1 / (length(a) || 1));
export const mix = (a: Vec, b: Vec, t: number): Vec => along(a, sub(b, a), t);
export const along = (from: Vec, dir: Vec, far: number): Vec => [
  from[0] + dir[0] * far,
  from[1] + dir[1] * far,
  from[2] + dir[2] * far,
];

export const rad = (deg: number): number => (deg * Math.PI) / 180;
export const deg = (r: number): number => (r * 180) / Math.PI;
export const clamp = (v: number, least: number, most: number): number => Math.min(most, Math.max(least, v));

/** Turns a vector about a unit axis (Rodrigues). */
export const turnAbout = (v: Vec, axis: Vec, angleDeg: number): Vec => {
  const [c, s] = [Math.cos(rad(angleDeg)), Math.sin(rad(angleDeg))];
  return add(add(scale(v, c), scale(cross(axis, v), s)), scale(axis, dot(axis, v) * (1 - c)));
};

/** A place with its own directions: the body's right, up and forward there. */
export interface Frame {
  at: Vec;
  right: Vec;
  up: Vec;
  fwd: Vec;
}

export const WORLD: Frame = { at: [0, 0, 0], right: [1, 0, 0], up: [0, 1, 0], fwd: [0, 0, 1] };

/** A point given in a frame, in space. */
export const place = (f: Frame, [x, y, z]: Vec): Vec =>
  add(f.at, add(add(scale(f.right, x), scale(f.up, y)), scale(f.fwd, z)));
/** A direction given in a frame, in space. */
export const direct = (f: Frame, v: Vec): Vec => sub(place(f, v), f.at);
/** A direction of space, as seen in a frame. */
export const within = (f: Frame, v: Vec): Vec => [dot(v, f.right), dot(v, f.up), dot(v, f.fwd)];

/**
 * Bends and turns a frame where it stands: `flex` forward, `side` and `turn` to the person's left, degrees.
 * Turned first, then bent to the side, then forward, each about the frame's own directions.
 */
export const bent = (f: Frame, { flex = 0, side = 0, turn = 0 }): Frame => {
  const about = (g: Frame, axis: Vec, angle: number): Frame => ({
    at: g.at,
    right: turnAbout(g.right, axis, angle),
    up: turnAbout(g.up, axis, angle),
    fwd: turnAbout(g.fwd, axis, angle),
  });
  const flexed = about(f, f.right, flex);
  const leant = about(flexed, flexed.fwd, side);
  return about(leant, leant.up, -turn);
};
