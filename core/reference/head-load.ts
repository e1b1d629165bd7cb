import { published } from './published';

const H = published.headLoad;

/** The published points: tilt in degrees, load in pounds. Hansraj 2014, from memory; 0 degrees is the middle of 10 to 12. */
export const HEAD_LOAD_POINTS: readonly { tiltDeg: number; loadLb: number }[] = [
  { tiltDeg: 0, loadLb: H.at0Lb },
  { tiltDeg: 15, loadLb: H.at15Lb },
  { tiltDeg: 30, loadLb: H.at30Lb },
  { tiltDeg: 45, loadLb: H.at45Lb },
  { tiltDeg: 60, loadLb: H.at60Lb },
];

/**
 * Load on the neck of a head tilted forward, in pounds and kilograms: straight lines between the published
 * points. Null below 0 and above 60 degrees: nothing is published there, and nothing is guessed.
 */
export const headLoad = (tiltDeg: number): { lb: number; kg: number; published: boolean } | null => {
  const last = HEAD_LOAD_POINTS.at(-1);
  if (!last || tiltDeg < 0 || tiltDeg > last.tiltDeg) return null;
  const at = HEAD_LOAD_POINTS.findIndex((p) => p.tiltDeg >= tiltDeg);
  const to = HEAD_LOAD_POINTS[at];
  const from = HEAD_LOAD_POINTS[Math.max(0, at - 1)];
  if (!to || !from) return null;
  const share = to.tiltDeg === from.tiltDeg ? 1 : (tiltDeg - from.tiltDeg) / (to.tiltDeg - from.tiltDeg);
  const lb = from.loadLb + (to.loadLb - from.loadLb) * share;
  return { lb, kg: lb * H.kgPerLb, published: to.tiltDeg === tiltDeg };
};
