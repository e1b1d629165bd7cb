import { otherSide, type Side, type View } from '../model';
import type { Camera } from './hull';
import { rad, type Vec } from './space';

/** Seen a little from above, so that thighs and folded arms are seen at all. */
const PITCH_DEG = 13;

const pitched = (x: Vec, toViewer: Vec): Camera => {
  const [c, s] = [Math.cos(rad(PITCH_DEG)), Math.sin(rad(PITCH_DEG))];
  return { x, y: [-toViewer[0] * -s, -c, toViewer[2] * s], depth: [toViewer[0] * c, s, toViewer[2] * c] };
};

/**
 * The camera of a view. From the front the page is a mirror: the person's left lies left. From behind their
 * left lies left as well, and from a side they face the way they would: seen from their left, to the left.
 */
export const cameraOf = (view: View, near: Side): Camera => {
  if (view === 'front') return pitched([1, 0, 0], [0, 0, 1]);
  if (view === 'back') return pitched([1, 0, 0], [0, 0, -1]);
  const seen = view === 'near' ? near : otherSide(near);
  const s = seen === 'left' ? -1 : 1;
  return { x: [0, 0, s], y: [0, -1, 0], depth: [s, 0, 0] };
};
