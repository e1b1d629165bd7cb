import type { Motion, Muscle, Pose, Prop, Side } from '../model';
import { cameraOf } from './camera';
import { drawPose, type Shape } from './draw';
import { boundsOf } from './hull';
import { mirrorPose } from './mirror';
import { mapPoses, poseAt, stillOf } from './motion';
import { bodyParts, type Part, type PartName } from './parts';
import { skeletonOf } from './skeleton';
import { length, sub } from './space';

/** A window on the page, in mm, as an SVG view box has it. */
export interface Box {
  x: number;
  y: number;
  width: number;
  height: number;
}

type Crop = Motion['crop'];

const inCrop: Record<Crop, (name: PartName) => boolean> = {
  whole: (n) => !n.startsWith('prop'),
  upper: (n) => !/^prop|thigh|shin|shoe/.test(n),
  head: (n) => /^(face|hair|fringe|neck)$| ear$/.test(n),
  hands: (n) => /hand|forearm/.test(n),
  legs: (n) => /thigh|shin|shoe/.test(n),
};
/** Room around what fills the picture, cm, and the least the picture shows. */
const MARGIN: Record<Crop, number> = { whole: 5, upper: 4, head: 11, hands: 5, legs: 6 };
const LEAST: Record<Crop, number> = { whole: 126, upper: 84, head: 50, hands: 46, legs: 76 };

/** Width of a picture by its height. */
export const PICTURE_ASPECT = 0.92;

/** The same motion for the other way. */
export const mirrorMotion = (motion: Motion): Motion => ({
  ...mapPoses(motion, (poses) => poses.map(mirrorPose)),
  props: motion.props.map((prop) => OTHER_SIDE[prop] ?? prop),
});
const OTHER_SIDE: Partial<Record<Prop, Prop>> = {
  'desk on the left': 'desk on the right',
  'desk on the right': 'desk on the left',
  'backrest on the left': 'backrest on the right',
  'backrest on the right': 'backrest on the left',
};

/** The window that holds every pose of a motion, so that the figure does not jump while it moves. */
export const windowOf = (motion: Motion, near: Side = 'left'): Box => {
  const camera = cameraOf(motion.view, near);
  const moments = motion.poses.length === 1 ? [0] : [0, 0.25, 0.5, 0.75, 1];
  let [x0, y0, x1, y1] = [Infinity, Infinity, -Infinity, -Infinity];
  for (const t of moments)
    for (const { name, wraps } of bodyParts(skeletonOf(poseAt(motion, t))))
      if (inCrop[motion.crop](name))
        for (const wrap of wraps) {
          const box = boundsOf(wrap, camera);
          [x0, y0] = [Math.min(x0, box[0]), Math.min(y0, box[1])];
          [x1, y1] = [Math.max(x1, box[2]), Math.max(y1, box[3])];
        }
  const m = MARGIN[motion.crop];
  const height = Math.max(y1 - y0 + 2 * m, (x1 - x0 + 2 * m) / PICTURE_ASPECT, LEAST[motion.crop]);
  const width = height * PICTURE_ASPECT;
  const middle = (x0 + x1) / 2;
  // A whole figure stands on the foot of the picture; a part of it fills the middle.
  const y = motion.crop === 'whole' ? y1 + m - height : (y0 + y1) / 2 - height / 2;
  return { x: (middle - width / 2) * 10, y: y * 10, width: width * 10, height: height * 10 };
};

/** Pieces that are drawn pale where they were at the start: only those that have really gone elsewhere. */
export const ghostOf = (motion: Motion, near: Side = 'left'): Shape[] => {
  const [start, end] = [motion.poses[0] as Pose, stillOf(motion)];
  if (motion.poses.length < 2) return [];
  const [a, b] = [bodyParts(skeletonOf(start)), bodyParts(skeletonOf(end))];
  const moved = new Set(a.filter((part, i) => goneFrom(part, b[i] as Part)).map((p) => p.name));
  return drawPose(start, { view: motion.view, near, props: [] }).filter(
    (s) => moved.has(s.name as PartName) && !/trunk|blade|thigh|shin/.test(s.name),
  );
};
/** Nearer than this a ghost would only blur the outline, cm. */
const GHOST_WAY = 4;
const goneFrom = (from: Part, to: Part): boolean =>
  (from.wraps[0] ?? []).some((blob, i) => {
    const other = to.wraps[0]?.[i];
    return other !== undefined && length(sub(blob.at, other.at)) > GHOST_WAY;
  });

/** Everything a still picture of one way of a move shows. */
export interface Picture {
  box: Box;
  shapes: Shape[];
  ghost: Shape[];
}

/** A still picture: the pose that shows the motion best, with its start as a ghost. */
export const pictureOf = (
  motion: Motion,
  { side = 'left', felt }: { side?: Side; felt?: { muscles: readonly Muscle[]; side: Side | 'both' } } = {},
): Picture => {
  const shown = side === 'right' ? mirrorMotion(motion) : motion;
  return {
    box: windowOf(shown, side),
    shapes: drawPose(stillOf(shown), { view: shown.view, near: side, props: shown.props, felt }),
    ghost: ghostOf(shown, side),
  };
};
