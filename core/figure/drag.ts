import { type JointName, jointInfo, type Pose, type Side, type View } from '../model';
import { cameraOf } from './camera';
import { type Camera, type Point, project } from './hull';
import { gripOf, onHead } from './parts';
import { reaching } from './reach';
import { angleOf } from './rest';
import { outward, skeletonOf } from './skeleton';
import { add, clamp, place, scale, sub, unit, type Vec, within } from './space';

/** What can be taken hold of on the figure. */
export const HANDLES = ['head', 'chest', 'left hand', 'right hand', 'left foot', 'right foot'] as const;
export type Handle = (typeof HANDLES)[number];

/** Where the handles are on the page, mm. */
export const handlePoints = (pose: Pose, view: View, near: Side = 'left'): Record<Handle, Point> => {
  const camera = cameraOf(view, near);
  const s = skeletonOf(pose);
  const at = (v: Vec): Point => {
    const { x, y } = project(camera, v);
    return { x: x * 10, y: y * 10 };
  };
  return {
    head: at(onHead(s.head, [0, 6, 0])),
    chest: at(place(s.top, [0, 2, 6])),
    'left hand': at(gripOf(s.arm.left.hand)),
    'right hand': at(gripOf(s.arm.right.hand)),
    'left foot': at(s.leg.left.ankle),
    'right foot': at(s.leg.right.ankle),
  };
};

/** Degrees a joint turns for each cm the handle is drawn. */
const DEG_PER_CM = 2.4;

const turned = (pose: Pose, changes: Partial<Record<JointName, number>>): Pose => {
  const angles = { ...pose.angles };
  for (const [key, by] of Object.entries(changes)) {
    const name = key as JointName;
    const { least, most } = jointInfo(name);
    angles[name] = Math.round(clamp(angleOf(pose, name) + by, least, most));
  }
  return { ...pose, angles };
};

/** In space, the way a handle is drawn on the page. */
const inSpace = (camera: Camera, dxMm: number, dyMm: number): Vec =>
  add(scale(camera.x, dxMm / 10), scale(camera.y, dyMm / 10));

const dragHand = (pose: Pose, side: Side, way: Vec): Pose => {
  const s = skeletonOf(pose);
  const f = outward(s.top, side);
  const { hand, elbow, shoulder } = s.arm[side];
  const to = within(f, sub(add(gripOf(hand), way), f.at));
  const middle = scale(add(shoulder, hand.wrist), 0.5);
  const bent = within(f, sub(elbow, middle));
  const out: Vec = Math.hypot(...bent) > 2 ? unit(bent) : [0.5, -0.7, -0.35];
  return reaching(pose, side, {
    to,
    elbow: out,
    along: within(f, hand.along),
    palm: within(f, hand.palm),
    with: 7,
  });
};

/**
 * The pose after a handle has been drawn over the page by some mm: hands by inverse kinematics, head, chest and
 * feet by turning the joints that carry them. Joints stay within the reach of the drawing.
 */
export const dragHandle = (
  pose: Pose,
  handle: Handle,
  dxMm: number,
  dyMm: number,
  view: View,
  near: Side = 'left',
): Pose => {
  const camera = cameraOf(view, near);
  const way = inSpace(camera, dxMm, dyMm);
  const [toLeft, down, ahead] = [-way[0] * DEG_PER_CM, (dyMm / 10) * DEG_PER_CM, way[2] * DEG_PER_CM];
  const flat = view === 'front' || view === 'back';
  switch (handle) {
    case 'head':
      return turned(pose, flat ? { 'neck.side': toLeft, 'neck.flex': down } : { 'neck.flex': ahead });
    case 'chest':
      return turned(
        pose,
        flat ? { 'upper.side': toLeft, 'upper.flex': down } : { 'trunk.hinge': ahead * 0.8 },
      );
    case 'left hand':
    case 'right hand':
      return dragHand(pose, handle === 'left hand' ? 'left' : 'right', way);
    default: {
      const side: Side = handle === 'left foot' ? 'left' : 'right';
      const outwardDeg = (side === 'left' ? toLeft : -toLeft) * 0.7;
      return turned(
        pose,
        flat
          ? { [`${side}.hip.out`]: outwardDeg, [`${side}.hip.bend`]: -down * 0.6 }
          : { [`${side}.knee.bend`]: -ahead, [`${side}.hip.bend`]: -down * 0.6 },
      );
    }
  }
};
