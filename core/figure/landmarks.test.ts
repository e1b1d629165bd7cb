import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { Muscle, Pose, type Side } from '../model';
import { arbPose } from '../testing/pose';
import { feltMarks } from './felt';
import { LANDMARK_NAMES, landingOf } from './landmarks';
import { mirrorPose } from './mirror';
import { outsideNorms } from './norms';
import { reaching } from './reach';
import { skeletonOf } from './skeleton';
import { length, sub, type Vec } from './space';

const flip = ([x, y, z]: Vec): Vec => [-x, y, z];
const same = (a: Vec, b: Vec): boolean => length(sub(a, b)) < 1e-6;

describe('places a hand can go to', () => {
  it.each(LANDMARK_NAMES)('%s: is mirrored with the body, for either hand, in any pose', (name) => {
    fc.assert(
      fc.property(arbPose, (pose) => {
        const [a, b] = [skeletonOf(pose), skeletonOf(mirrorPose(pose))];
        for (const [side, other] of [
          ['left', 'right'],
          ['right', 'left'],
        ] as [Side, Side][]) {
          const [here, there] = [landingOf(name, a, side), landingOf(name, b, other)];
          expect(same(flip(here.at), there.at)).toBe(true);
          for (const key of ['palm', 'along'] as const) {
            expect(here[key] === undefined).toBe(there[key] === undefined);
            const [p, q] = [here[key], there[key]];
            if (p && q) expect(same(flip(p), q)).toBe(true);
          }
        }
      }),
      { numRuns: 12 },
    );
  });

  it.each(LANDMARK_NAMES)('%s: lies on the body or on what is beside it, not in the air', (name) => {
    const s = skeletonOf(Pose.parse({}));
    for (const side of ['left', 'right'] as const) {
      const { at } = landingOf(name, s, side);
      expect(Math.abs(at[0])).toBeLessThan(40);
      expect(at[1]).toBeGreaterThan(-2);
      expect(at[1]).toBeLessThan(140);
      expect(Math.abs(at[2])).toBeLessThan(70);
    }
  });

  it('the mirrored reach is the reach of the other hand, to the degree', () => {
    for (const to of ['chest', 'far shoulder', 'own knee', 'crown', 'seat'] as const) {
      const left = reaching(Pose.parse({}), 'left', { to });
      const right = reaching(Pose.parse({}), 'right', { to });
      expect(mirrorPose(left), to).toEqual(right);
    }
  });

  it('keeps forearm and wrist inside their norms, wherever the hand is sent', () => {
    for (const to of LANDMARK_NAMES) {
      const outside = outsideNorms(reaching(Pose.parse({}), 'left', { to })).map((c) => c.motion);
      expect(
        outside.filter((m) => /forearm|wrist|elbow/.test(m)),
        to,
      ).toEqual([]);
    }
  });
});

describe('marks of what is felt', () => {
  it.each(Muscle.options)('%s: left and right are mirror images, in any pose', (muscle) => {
    fc.assert(
      fc.property(arbPose, (pose) => {
        const marks = (p: Pose, side: Side): Vec[] =>
          feltMarks(skeletonOf(p), [muscle], side).flatMap((m) => m.wraps.flatMap((w) => w.map((b) => b.at)));
        const [left, right] = [marks(pose, 'left'), marks(mirrorPose(pose), 'right')];
        expect(left.length).toBe(right.length);
        left.forEach((at, i) => {
          expect(same(flip(at), right[i] as Vec)).toBe(true);
        });
      }),
      { numRuns: 8 },
    );
  });
});
