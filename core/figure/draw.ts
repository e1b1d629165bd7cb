import type { Muscle, Pose, Prop, Side, View } from '../model';
import { cameraOf } from './camera';
import { feltMarks } from './felt';
import { type Camera, depthOf, outlineOf, type Point, project } from './hull';
import { bodyParts, inHand, type Part, type PartName, type Tone } from './parts';
import { propParts } from './props';
import { type Skeleton, skeletonOf } from './skeleton';
import { dot, sub, type Vec } from './space';

/** One piece of cut paper on the page, as SVG path data in mm; pieces come from back to front. */
export interface Shape {
  name: PartName | `felt ${string}`;
  tone: Tone | 'felt';
  d: string;
  /** Where it is felt, for pieces that show that. */
  side?: Side | 'both';
  /** Felt on the far side of the body: shown through it. */
  behind?: boolean;
}

/** What is drawn beside the pose itself. */
export interface Look {
  view?: View;
  /** The side that is near in a side view: the side of the way. */
  near?: Side;
  props?: readonly Prop[];
  /** Muscles that are tinted, and the side they are felt on. */
  felt?: { muscles: readonly Muscle[]; side: Side | 'both' };
}

/** Paths are in whole mm, which are quick to write and fine enough. */
const MM = 10;

/** A closed outline as path data, mm; every outline runs the same way round, so that overlapping ones unite. */
export const pathOf = (points: readonly Point[]): string => {
  let d = '';
  let [lastX, lastY] = [NaN, NaN];
  for (const point of points) {
    const [x, y] = [Math.round(point.x * MM), Math.round(point.y * MM)];
    if (x === lastX && y === lastY) continue;
    d += `${d === '' ? 'M' : 'L'}${x} ${y}`;
    [lastX, lastY] = [x, y];
  }
  return `${d}Z`;
};

export const partPath = ({ wraps }: Pick<Part, 'wraps'>, camera: Camera): string =>
  wraps.map((wrap) => pathOf(outlineOf(wrap, camera))).join('');

/** A hand this near to the middle of the head on the page may lie behind it, cm. */
const HEAD_REACH = 15;

const pageDistance = (a: Vec, b: Vec, camera: Camera): Point => project(camera, sub(a, b));

/** Arms lie on what they touch unless they are clearly behind it, cm. */
const ARM_LIFT = 7;

/** Depth of each part, with what must lie on what: shirt over thighs, hair over or under the face. */
const depths = (parts: readonly Part[], s: Skeleton, camera: Camera): Map<PartName, number> => {
  const found = new Map(
    parts.map((p) => [p.name, p.wraps.reduce((sum, w) => sum + depthOf(w, camera), 0) / p.wraps.length]),
  );
  const of = (name: PartName): number => found.get(name) ?? 0;
  const facing = dot(s.top.fwd, camera.depth);
  const looking = dot(s.head.fwd, camera.depth);
  const head = Math.max(
    of('face'),
    of('trunk') + (facing > 0.3 || s.head.at[1] > s.top.at[1] + 10 ? 0.5 : -60),
  );
  found.set('face', head);
  found.set('hair', head + (looking > 0.5 ? -0.3 : 0.3));
  found.set('fringe', head + (looking < -0.5 ? 0.2 : 0.4));
  found.set(
    'neck',
    looking < -0.2 ? head + 0.1 : Math.min(head - 0.35, Math.max(of('neck'), of('trunk') + 0.1)),
  );
  for (const side of ['left', 'right'] as const) {
    const ear = dot(
      sub((parts.find((p) => p.name === `${side} ear`) as Part).wraps[0]?.[0]?.at ?? s.head.at, s.head.at),
      camera.depth,
    );
    found.set(`${side} ear`, head + (ear > 4 ? 0.6 : ear < -4 ? -0.8 : looking < -0.5 ? -0.1 : -0.2));
    const thigh = of(`${side} thigh`);
    const shin = of(`${side} shin`);
    if (Math.abs(facing) > 0.3 || Math.abs(thigh - of('trunk')) < 4)
      found.set(`${side} thigh`, Math.min(thigh, of('trunk') - 0.5));
    found.set(`${side} shin`, Math.max(shin, of(`${side} thigh`) + 0.1));
    found.set(`${side} blade`, facing < -0.25 ? of('trunk') + 0.2 : -1e6);
    const arm = s.arm[side];
    const before = dot(sub(arm.hand.wrist, s.top.at), camera.depth);
    for (const piece of ['upper arm', 'forearm', 'hand'] as const) {
      const name = `${side} ${piece}` as const;
      const lift = piece === 'upper arm' && before < -4 ? 1.5 : ARM_LIFT;
      found.set(name, of(name) + lift);
    }
    const { x, y } = pageDistance(inHand(arm.hand, 8, 0, 0), s.head.at, camera);
    const pastHead = dot(sub(inHand(arm.hand, 8, 0, 0), s.head.at), camera.depth);
    if (Math.hypot(x, y) < HEAD_REACH && pastHead < -2) {
      found.set(`${side} hand`, head - 1);
      found.set(`${side} forearm`, head - 0.9);
    }
  }
  return found;
};

/**
 * Draws a pose as pieces of cut paper, from back to front, in mm on the page: every piece is the exact
 * outline of its solid as the view sees it. The mirror image of a pose is the mirror image of its drawing.
 */
export const drawPose = (pose: Pose, look: Look = {}): Shape[] => {
  const { view = 'front', near = 'left', props = ['stool'], felt } = look;
  const s = skeletonOf(pose);
  const camera = cameraOf(view, near);
  const parts = [...propParts(props, pose, s), ...bodyParts(s)];
  const depth = depths(parts, s, camera);
  const of = (p: Part): number => {
    const d = depth.get(p.name) ?? 0;
    return p.tone === 'seat' ? d - 24 : p.tone === 'prop' ? d + 9 : d;
  };
  const drawn = parts
    .filter((p) => of(p) > -1e5)
    .map((p): { shape: Shape; at: number } => ({
      shape: { name: p.name, tone: p.tone, d: partPath(p, camera) },
      at: of(p),
    }));
  for (const mark of felt ? feltMarks(s, felt.muscles, felt.side) : []) {
    const behind = dot(mark.normal, camera.depth) < -0.35;
    const carrier = depth.get(mark.on) ?? 0;
    drawn.push({
      shape: {
        name: `felt ${mark.muscle} ${mark.side}`,
        tone: 'felt',
        side: felt?.side === 'both' ? 'both' : mark.side,
        behind,
        d: partPath(mark, camera),
      },
      at: carrier + 0.05,
    });
  }
  return drawn.sort((a, b) => a.at - b.at).map(({ shape }) => shape);
};
