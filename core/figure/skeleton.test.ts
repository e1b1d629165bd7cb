import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { Pose } from '../model';
import { arbPose } from '../testing/pose';
import { BODY } from './body';
import { drawPose } from './draw';
import { mirrorPose } from './mirror';
import { headTiltDeg, SIDES, skeletonOf } from './skeleton';
import { dot, length, sub, type Vec } from './space';

const apart = (a: Vec, b: Vec): number => length(sub(a, b));
const flip = ([x, y, z]: Vec): Vec => [-x, y, z];

describe('forward kinematics', () => {
  it('keeps every bone at its length in any pose', () => {
    fc.assert(
      fc.property(arbPose, (pose) => {
        const s = skeletonOf(pose);
        for (const side of SIDES) {
          const { shoulder, elbow, hand } = s.arm[side];
          const { hip, knee, ankle } = s.leg[side];
          expect(apart(shoulder, elbow)).toBeCloseTo(BODY.upperArm, 6);
          expect(apart(elbow, hand.wrist)).toBeCloseTo(BODY.forearm, 6);
          expect(apart(hip, knee)).toBeCloseTo(BODY.thigh, 6);
          expect(apart(knee, ankle)).toBeCloseTo(BODY.shank, 6);
          expect(dot(hand.along, hand.palm)).toBeCloseTo(0, 6);
          expect(length(hand.along)).toBeCloseTo(1, 6);
        }
        expect(apart(s.pelvis.at, s.low.at)).toBeCloseTo(BODY.pelvis, 6);
        expect(apart(s.low.at, s.mid.at)).toBeCloseTo(BODY.spineLow, 6);
      }),
      { numRuns: 150 },
    );
  });

  it('mirrors exactly: the mirrored pose is the mirror image in space, twice is the pose itself', () => {
    fc.assert(
      fc.property(arbPose, (pose) => {
        const [a, b] = [skeletonOf(pose), skeletonOf(mirrorPose(pose))];
        expect(mirrorPose(mirrorPose(pose))).toEqual(pose);
        const pairs: [Vec, Vec][] = [
          [a.head.at, b.head.at],
          [a.arm.left.elbow, b.arm.right.elbow],
          [a.arm.right.hand.wrist, b.arm.left.hand.wrist],
          [a.leg.left.toe, b.leg.right.toe],
          [a.arm.left.hand.palm, b.arm.right.hand.palm],
        ];
        for (const [here, there] of pairs)
          for (const k of [0, 1, 2]) expect(flip(here)[k]).toBeCloseTo(there[k] as number, 6);
      }),
      { numRuns: 150 },
    );
  });

  it('bends each joint by its own angle, where the angle says so by itself', () => {
    // Checked against plain trigonometry, with the rest of the body at rest.
    const at = (angles: Pose['angles']) => skeletonOf(Pose.parse({ angles }));
    const up = at({ 'left.arm.raise': 180, 'left.elbow.bend': 0 }).arm.left;
    expect(up.hand.wrist[1]).toBeCloseTo(up.shoulder[1] + BODY.upperArm + BODY.forearm, 6);
    const out = at({ 'right.arm.raise': 90, 'right.arm.across': 0, 'right.elbow.bend': 0 }).arm.right;
    expect(out.elbow[1]).toBeCloseTo(out.shoulder[1], 6);
    expect(out.elbow[0] - out.shoulder[0]).toBeCloseTo(BODY.upperArm, 6);
    const ahead = at({
      'left.arm.raise': 90,
      'left.arm.across': 90,
      'left.elbow.bend': 90,
      'left.arm.twist': 0,
    }).arm.left;
    expect(ahead.elbow[2] - ahead.shoulder[2]).toBeCloseTo(BODY.upperArm, 6);
    expect(ahead.hand.wrist[1] - ahead.elbow[1]).toBeCloseTo(BODY.forearm, 6);
    // Goalposts: out to the side, turned outward by a right angle, the forearm stands up.
    const goal = at({
      'left.arm.raise': 90,
      'left.arm.across': 0,
      'left.arm.twist': -90,
      'left.elbow.bend': 90,
    }).arm.left;
    expect(goal.hand.wrist[1] - goal.elbow[1]).toBeCloseTo(BODY.forearm, 6);
    const leg = at({ 'right.hip.out': 0, 'right.hip.bend': 90, 'right.knee.bend': 0 }).leg.right;
    expect(leg.ankle[1]).toBeCloseTo(leg.hip[1], 6);
  });

  it('tilts the head by what neck and trunk add up to', () => {
    for (const deg of [0, 15, 30, 45])
      expect(headTiltDeg(skeletonOf(Pose.parse({ angles: { 'neck.flex': deg } })))).toBeCloseTo(deg, 6);
    expect(
      headTiltDeg(skeletonOf(Pose.parse({ angles: { 'neck.flex': 20, 'upper.flex': 10, 'low.flex': 6 } }))),
    ).toBeCloseTo(36, 6);
  });

  it('leans left to the left of the page, and turns left toward it', () => {
    const s = skeletonOf(Pose.parse({ angles: { 'neck.side': 30 } }));
    expect(s.head.at[0]).toBeLessThan(-3);
    expect(skeletonOf(Pose.parse({ angles: { 'neck.turn': 60 } })).head.fwd[0]).toBeLessThan(-0.8);
  });

  it('stands on its feet, however the knees bend, and sits at the height of the seat', () => {
    for (const bend of [0, 30, 60, 90]) {
      const s = skeletonOf(
        Pose.parse({
          base: 'stand',
          angles: {
            'left.knee.bend': bend,
            'right.knee.bend': bend,
            'left.hip.bend': bend / 2,
            'right.hip.bend': bend / 2,
          },
        }),
      );
      const lowest = Math.min(
        ...SIDES.flatMap((side) => [s.leg[side].heel[1], s.leg[side].ball[1], s.leg[side].toe[1]]),
      );
      expect(lowest).toBeCloseTo(2.4, 6);
    }
    expect(skeletonOf(Pose.parse({})).pelvis.at[1]).toBe(BODY.pelvisY);
  });
});

describe('the drawing', () => {
  const flipPath = (d: string): string => {
    const numbers = (p: string) =>
      [...p.matchAll(/[ML](-?\d+) (-?\d+)/g)].map((m) => [Number(m[1]), Number(m[2])] as const);
    return numbers(d)
      .map(([x, y]) => `${-x || 0},${y}`)
      .sort()
      .join(' ');
  };
  const points = (d: string): string =>
    [...d.matchAll(/[ML](-?\d+) (-?\d+)/g)]
      .map((m) => `${Number(m[1]) || 0},${m[2]}`)
      .sort()
      .join(' ');
  const swapped = (name: string): string =>
    name.replace(/\b(left|right)\b/, (s) => (s === 'left' ? 'right' : 'left'));

  it('of the mirrored pose is the exact mirror image, from the front, from behind and from the side', () => {
    fc.assert(
      fc.property(arbPose, fc.constantFrom('front', 'back', 'near', 'far'), (pose, view) => {
        const a = drawPose(pose, { view, near: 'left', props: [] });
        const b = new Map(
          drawPose(mirrorPose(pose), { view, near: 'right', props: [] }).map((s) => [s.name as string, s]),
        );
        for (const shape of a) {
          const twin = b.get(swapped(shape.name));
          expect(twin?.tone).toBe(shape.tone);
          // Whole mm: a half is rounded the other way in a mirror, so points may differ by one.
          const [p, q] = [flipPath(shape.d).split(' '), points(twin?.d ?? '').split(' ')];
          expect(Math.abs(p.length - q.length)).toBeLessThanOrEqual(Math.max(6, p.length * 0.1));
          const centre = (list: string[]) => {
            const xs = list.map((t) => Number(t.split(',')[0]));
            return [Math.min(...xs), Math.max(...xs)] as const;
          };
          const [[p0, p1], [q0, q1]] = [centre(p), centre(q)];
          expect(Math.abs(p0 - q0)).toBeLessThanOrEqual(1);
          expect(Math.abs(p1 - q1)).toBeLessThanOrEqual(1);
        }
      }),
      { numRuns: 60 },
    );
  });

  it('puts hands behind the head behind it, and crossing arms in front of the trunk', () => {
    const order = (angles: Pose['angles']) => drawPose(Pose.parse({ angles })).map((s) => s.name);
    const across = order({ 'left.arm.raise': 82, 'left.arm.across': 126, 'left.elbow.bend': 14 });
    expect(across.indexOf('left upper arm')).toBeGreaterThan(across.indexOf('trunk'));
    expect(across.indexOf('left hand')).toBeGreaterThan(across.indexOf('trunk'));
  });

  it('shows the shoulder blades only from behind, the hair over the face from behind and under it in front', () => {
    const names = (view: 'front' | 'back') => drawPose(Pose.parse({}), { view }).map((s) => s.name);
    expect(names('front')).not.toContain('left blade');
    expect(names('back')).toContain('left blade');
    expect(names('front').indexOf('hair')).toBeLessThan(names('front').indexOf('face'));
    expect(names('back').indexOf('hair')).toBeGreaterThan(names('back').indexOf('face'));
  });

  it('tints by side, and says when a place lies on the far side of the body', () => {
    const felt = (view: 'front' | 'back') =>
      drawPose(Pose.parse({}), { view, felt: { muscles: ['pectorals'], side: 'right' } }).filter(
        (s) => s.tone === 'felt',
      );
    expect(felt('front')).toHaveLength(1);
    expect(felt('front')[0]).toMatchObject({ side: 'right', behind: false });
    expect(felt('back')[0]).toMatchObject({ side: 'right', behind: true });
  });
});
