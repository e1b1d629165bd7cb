import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { JOINT_NAMES, Motion, Pose, type Prop } from '../model';
import { arbPose } from '../testing/pose';
import { cameraOf } from './camera';
import { drawPose } from './draw';
import { boundsOf, outlineOf, project } from './hull';
import { between, scaled } from './motion';
import { normIn, outsideNorms } from './norms';
import { bodyParts } from './parts';
import { windowOf } from './picture';
import { propParts } from './props';
import { angleOf, restAngle } from './rest';
import { skeletonOf } from './skeleton';
import { cross, dot, length, type Vec } from './space';

const VIEWS = ['front', 'back', 'near', 'far'] as const;

describe('cameras', () => {
  it.each(VIEWS)('%s: looks along directions that are square to each other and of length one', (view) => {
    for (const near of ['left', 'right'] as const) {
      const { x, y, depth } = cameraOf(view, near);
      for (const v of [x, y, depth]) expect(length(v)).toBeCloseTo(1, 9);
      expect(dot(x, y)).toBeCloseTo(0, 9);
      expect(dot(x, depth)).toBeCloseTo(0, 9);
      expect(length(cross(x, y))).toBeCloseTo(1, 9);
    }
  });

  it('keeps left on the left from the front and from behind, and faces left seen from the left', () => {
    const left: Vec = [-10, 0, 0];
    expect(project(cameraOf('front', 'left'), left).x).toBeLessThan(0);
    expect(project(cameraOf('back', 'left'), left).x).toBeLessThan(0);
    const ahead: Vec = [0, 0, 10];
    expect(project(cameraOf('near', 'left'), ahead).x).toBeLessThan(0);
    expect(project(cameraOf('near', 'right'), ahead).x).toBeGreaterThan(0);
    expect(project(cameraOf('far', 'left'), ahead).x).toBeGreaterThan(0);
  });
});

describe('outlines', () => {
  it('lie inside the box of their piece and touch it on all sides, in any pose and view', () => {
    fc.assert(
      fc.property(arbPose, fc.constantFrom(...VIEWS), (pose, view) => {
        const camera = cameraOf(view, 'left');
        for (const { wraps } of bodyParts(skeletonOf(pose)).slice(0, 14))
          for (const wrap of wraps) {
            const [x0, y0, x1, y1] = boundsOf(wrap, camera);
            const points = outlineOf(wrap, camera);
            const xs = points.map((p) => p.x);
            const ys = points.map((p) => p.y);
            expect(Math.min(...xs)).toBeCloseTo(x0, 6);
            expect(Math.max(...xs)).toBeCloseTo(x1, 6);
            expect(Math.min(...ys)).toBeCloseTo(y0, 6);
            expect(Math.max(...ys)).toBeCloseTo(y1, 6);
          }
      }),
      { numRuns: 25 },
    );
  });

  it('turn one way round and are convex', () => {
    for (const { wraps } of bodyParts(skeletonOf(Pose.parse({}))))
      for (const wrap of wraps) {
        const p = outlineOf(wrap, cameraOf('front', 'left'));
        for (let i = 0; i < p.length; i++) {
          const [a, b, c] = [p[i], p[(i + 1) % p.length], p[(i + 2) % p.length]];
          if (!a || !b || !c) continue;
          expect((b.x - a.x) * (c.y - b.y) - (b.y - a.y) * (c.x - b.x)).toBeGreaterThan(-1e-6);
        }
      }
  });
});

describe('the window', () => {
  it('is as wide as it should be for its height, and never smaller than its crop', () => {
    for (const crop of ['whole', 'upper', 'head', 'hands', 'legs'] as const) {
      const box = windowOf(Motion.parse({ crop, poses: [{}] }));
      expect(box.width / box.height).toBeCloseTo(0.92, 9);
    }
    const size = (crop: Motion['crop']) => windowOf(Motion.parse({ crop, poses: [{}] })).height;
    expect(size('head')).toBeLessThan(size('upper'));
    expect(size('upper')).toBeLessThan(size('whole'));
  });

  it('of the mirrored motion is the mirror image', () => {
    const motion = Motion.parse({ poses: [{}, { angles: { 'left.arm.raise': 90, 'left.arm.across': 0 } }] });
    const other = Motion.parse({ poses: [{}, { angles: { 'right.arm.raise': 90, 'right.arm.across': 0 } }] });
    const [a, b] = [windowOf(motion, 'left'), windowOf(other, 'right')];
    expect(a.x + a.width).toBeCloseTo(-b.x, 6);
    expect(a.y).toBeCloseTo(b.y, 6);
  });
});

describe('things', () => {
  const parts = (props: Prop[], pose: Partial<Pose>) => {
    const p = Pose.parse(pose);
    return propParts(props, p, skeletonOf(p));
  };
  it('stand where they are used: a seat under the hips, a desk under standing hands, a wall beside the hand', () => {
    const middle = (props: Prop[], pose: Partial<Pose>): Vec => {
      const blobs = parts(props, pose)[0]?.wraps[0] ?? [];
      const sum = blobs.reduce<[number, number, number]>(
        ([x, y, z], b) => [x + b.at[0], y + b.at[1], z + b.at[2]],
        [0, 0, 0],
      );
      return [sum[0] / blobs.length, sum[1] / blobs.length, sum[2] / blobs.length];
    };
    expect(Math.abs(middle(['stool'], {})[2])).toBeLessThan(8);
    expect(middle(['stool'], { base: 'edge' })[2]).toBeLessThan(middle(['stool'], {})[2]);
    const standing = {
      base: 'stand' as const,
      angles: { 'left.arm.raise': 80, 'left.arm.across': 90, 'right.arm.raise': 80, 'right.arm.across': 90 },
    };
    const hand = skeletonOf(Pose.parse(standing)).arm.left.hand.wrist;
    expect(Math.abs(middle(['desk'], standing)[1] - hand[1])).toBeLessThan(8);
    const out = {
      base: 'stand' as const,
      angles: { 'left.arm.raise': 90, 'left.arm.across': 0, 'left.elbow.bend': 0 },
    };
    expect(middle(['wall'], out)[0]).toBeLessThan(-60);
  });

  it('are drawn behind the body', () => {
    const names = drawPose(Pose.parse({}), { props: ['chair'] }).map((s) => s.tone);
    expect(names.indexOf('seat')).toBe(0);
    expect(names.lastIndexOf('seat')).toBeLessThan(names.indexOf('trunk'));
  });
});

describe('norms of single joints', () => {
  it.each(JOINT_NAMES)('%s: rests inside its norm', (name) => {
    const norm = normIn(Pose.parse({}), name);
    const rest = restAngle('back', name);
    expect(rest).toBeGreaterThanOrEqual(norm.least);
    expect(rest).toBeLessThanOrEqual(norm.most);
    expect(outsideNorms(Pose.parse({ angles: { [name]: rest } }))).toEqual([]);
  });

  const shared = JOINT_NAMES.filter((n) => /^(upper|low|trunk)\.|neck\.flex|hip\.bend/.test(n));
  it.each(shared)('%s: what the rest of the pose leaves of it is what is not outside', (name) => {
    // How far out a thigh is depends on how far it is lifted, and is another norm.
    const about = (pose: Pose): string[] =>
      outsideNorms(pose)
        .map((o) => o.motion)
        .filter((motion) => !motion.endsWith('abduction'));
    fc.assert(
      fc.property(arbPose, (pose) => {
        const { least, most } = normIn(pose, name);
        fc.pre(least < most);
        const at = (angle: number): string[] => about({ ...pose, angles: { ...pose.angles, [name]: angle } });
        const inside = at((least + most) / 2);
        expect(at(most).filter((m) => !inside.includes(m))).toEqual([]);
        expect(at(least).filter((m) => !inside.includes(m))).toEqual([]);
        expect(at(most + 1).length).toBeGreaterThan(inside.length);
        expect(at(least - 1).length).toBeGreaterThan(inside.length);
      }),
      { numRuns: 50 },
    );
  });
});

describe('a share of a motion', () => {
  const motion = Motion.parse({
    poses: [{ angles: { 'neck.side': 0 } }, { angles: { 'neck.side': 40, 'left.arm.raise': 124 } }],
  });
  it('goes the same way, not so far, in whole degrees', () => {
    const half = scaled(motion, 0.5);
    expect(half.poses[0]).toEqual(motion.poses[0]);
    expect(half.poses[1]?.angles['neck.side']).toBe(20);
    // From the 24 degrees in which a seated arm rests.
    expect(half.poses[1]?.angles['left.arm.raise']).toBe(74);
    expect(scaled(motion, 1).poses[1]?.angles).toEqual(motion.poses[1]?.angles);
  });

  it('between two poses every joint is on its way, in any poses', () => {
    fc.assert(
      fc.property(arbPose, arbPose, fc.double({ min: 0.01, max: 0.99, noNaN: true }), (a, b, t) => {
        const from = { ...a, base: 'back' as const };
        const to = { ...b, base: 'back' as const };
        const mid = between(from, to, t);
        for (const name of JOINT_NAMES) {
          const [p, q, m] = [angleOf(from, name), angleOf(to, name), angleOf(mid, name)];
          expect(m).toBeGreaterThanOrEqual(Math.min(p, q) - 1e-9);
          expect(m).toBeLessThanOrEqual(Math.max(p, q) + 1e-9);
        }
        expect(between(from, to, 0)).toBe(from);
        expect(between(from, to, 1)).toBe(to);
      }),
      { numRuns: 60 },
    );
  });
});
