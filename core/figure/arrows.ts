import type { Motion, Pose, PressPoint, Side, Toward } from '../model';
import { cameraOf } from './camera';
import { type Camera, type Point, project } from './hull';
import { poseAt } from './motion';
import { inHand, onHead } from './parts';
import { type Skeleton, skeletonOf } from './skeleton';
import { add, place, scale, type Vec } from './space';

/** A small arrow on the page, in mm: its points from tail to tip. */
export interface Arrow {
  points: Point[];
  /** `move`: the way a part goes. `press`: pressure without movement. */
  kind: 'move' | 'press';
}

/** Points whose way tells a movement; a joint only counts when what hangs on it does not say it already. */
const TRACKED: readonly ((s: Skeleton) => Vec)[] = [
  (s) => onHead(s.head, [0, 11, 3]),
  (s) => onHead(s.head, [0, -1, 11]),
  (s) => inHand(s.arm.left.hand, 12, 0, 0),
  (s) => inHand(s.arm.right.hand, 12, 0, 0),
  (s) => s.arm.left.elbow,
  (s) => s.arm.right.elbow,
  (s) => add(s.arm.left.shoulder, place({ ...s.top, at: [0, 0, 0] }, [0, 6, 0])),
  (s) => add(s.arm.right.shoulder, place({ ...s.top, at: [0, 0, 0] }, [0, 6, 0])),
  (s) => s.leg.left.knee,
  (s) => s.leg.right.knee,
  (s) => s.leg.left.toe,
  (s) => s.leg.right.toe,
  (s) => add(s.pelvis.at, [0, -9, -7]),
];

const toMm = (points: readonly Point[]): Point[] => points.map(({ x, y }) => ({ x: x * 10, y: y * 10 }));

const HEAD = [0, 1];
const SHOULDERS = [6, 7];
const LEGS = [8, 9, 10, 11];
/** Below the hips, where they leave the seat. */
const UNDER_HIPS = 12;

/** Ways shorter than this on the page are not worth an arrow, cm. */
const LEAST_WAY = 3.5;
/** A second point gets an arrow of its own when it goes at least this share of the longest way. */
const ALSO_SHARE = 0.8;

const STEPS = 24;
const wayLength = (points: readonly Point[]): number =>
  points
    .slice(1)
    .reduce((sum, p, i) => sum + Math.hypot(p.x - (points[i] as Point).x, p.y - (points[i] as Point).y), 0);

const ways = (motion: Motion, camera: Camera): Point[][] => {
  const until = motion.path === 'back' ? 0.5 : motion.path === 'round' ? 0.85 : 1;
  const skeletons = Array.from({ length: STEPS + 1 }, (_, i) =>
    skeletonOf(poseAt(motion, (i / STEPS) * until)),
  );
  return TRACKED.map((point) => skeletons.map((s) => project(camera, point(s))));
};

/** The last part of a way, so that the arrow ends where the body is. */
const tailOf = (points: Point[], share: number): Point[] =>
  points.slice(Math.floor(points.length * (1 - share)));

/** So many points to each side a corner is rounded over: a way from pose to pose has corners, a movement has none. */
const ROUND_OVER = 5;
const rounded = (points: readonly Point[]): Point[] =>
  points.map((_, i) => {
    const reach = Math.min(ROUND_OVER, i, points.length - 1 - i);
    const near = points.slice(i - reach, i + reach + 1);
    const mean = (of: (p: Point) => number) => near.reduce((sum, p) => sum + of(p), 0) / near.length;
    return { x: mean((p) => p.x), y: mean((p) => p.y) };
  });

/** Arrows for what moves most: one, or one for each of two that move alike (both hands, both elbows). */
export const moveArrows = (motion: Motion, near: Side = 'left'): Arrow[] => {
  if (motion.poses.length < 2) return [];
  const camera = cameraOf(motion.view, near);
  const measured = ways(motion, camera).map((points, i) => ({ i, points, far: wayLength(points) }));
  const farthest = (of: readonly number[]) =>
    measured.filter((m) => of.includes(m.i)).reduce((a, b) => (b.far > a.far ? b : a));
  const longest = farthest(measured.map((m) => m.i).filter((i) => i !== UNDER_HIPS));
  // A hold is told by what sinks or turns, not by how the hands came to where they lie.
  const body = farthest(motion.path === 'there' ? [...HEAD, ...LEGS] : SHOULDERS);
  const tells = motion.path === 'there' ? body.far >= LEAST_WAY : body.far >= longest.far * ALSO_SHARE;
  // Getting off the seat is told by what leaves it.
  const rises = motion.poses.some(({ base }) => base === 'off the seat');
  const first = rises ? farthest([UNDER_HIPS]) : tells ? body : longest;
  if (first.far < LEAST_WAY) return [];
  const twin = [...HEAD, UNDER_HIPS].includes(first.i)
    ? undefined
    : first.i % 2 === 0
      ? first.i + 1
      : first.i - 1;
  const share = motion.path === 'round' ? 0.8 : motion.path === 'there' && !tells ? 0.4 : 0.62;
  return measured
    .filter((m) => m.i === first.i || (m.i === twin && m.far >= first.far * ALSO_SHARE))
    .map(({ points }) => ({ kind: 'move', points: toMm(tailOf(rounded(points), share)) }));
};

const PRESS_AT: Record<PressPoint, (s: Skeleton) => Vec> = {
  head: (s) => onHead(s.head, [0, 9, 0]),
  'left hand': (s) => inHand(s.arm.left.hand, 9, 0, 0),
  'right hand': (s) => inHand(s.arm.right.hand, 9, 0, 0),
  'left elbow': (s) => s.arm.left.elbow,
  'right elbow': (s) => s.arm.right.elbow,
  'left knee': (s) => s.leg.left.knee,
  'right knee': (s) => s.leg.right.knee,
  'left foot': (s) => s.leg.left.ball,
  'right foot': (s) => s.leg.right.ball,
  chest: (s) => place(s.top, [0, 4, 11]),
};
const TOWARD: Record<Toward, Vec> = {
  up: [0, 1, 0],
  down: [0, -1, 0],
  forward: [0, 0, 1],
  back: [0, 0, -1],
  left: [-1, 0, 0],
  right: [1, 0, 0],
};
const PRESS_LENGTH = 13;
const PRESS_GAP = 4;

/** Arrows for the pressure a pose names; one that points straight at the viewer is not drawn. */
export const pressArrows = (pose: Pose, { view }: Pick<Motion, 'view'>, near: Side = 'left'): Arrow[] => {
  const camera = cameraOf(view, near);
  const s = skeletonOf(pose);
  return pose.press.flatMap(({ on, toward }): Arrow[] => {
    const dir = TOWARD[toward];
    const at = PRESS_AT[on](s);
    const points = [PRESS_GAP, PRESS_LENGTH].map((far) => project(camera, add(at, scale(dir, far))));
    return wayLength(points) < LEAST_WAY ? [] : [{ kind: 'press', points: toMm(points) }];
  });
};
