import { describe, expect, it } from 'vitest';
import { poseAt, reversed } from '../figure';
import { inHand, onHead } from '../figure/parts';
import { type Skeleton, skeletonOf } from '../figure/skeleton';
import type { Vec } from '../figure/space';
import { library } from '../library/all';
import type { Motion, Move } from '../model';
import { shownMotion } from './still';

/** What draws the circle of a move: poses are drawn for the left way, so where both sides move it is the left one. */
const DRAWS: Record<string, (s: Skeleton) => Vec> = {
  'shoulder-rolls': (s) => s.arm.left.shoulder,
  'blade-circles-arms-out': (s) => s.arm.left.shoulder,
  'elbow-circles': (s) => s.arm.left.elbow,
  'large-arm-circles': (s) => inHand(s.arm.left.hand, 12, 0, 0),
  'small-arm-circles': (s) => inHand(s.arm.left.hand, 12, 0, 0),
  'wrist-circles': (s) => inHand(s.arm.left.hand, 12, 0, 0),
  'ankle-circles': (s) => s.leg.left.toe,
  'nose-circles': (s) => onHead(s.head, [0, -1, 11]),
  'full-neck-circle': (s) => onHead(s.head, [0, 11, 0]),
};
const STEPS = 48;

/** Twice the area that a point goes round, counted against the clock in the plane of two axes. */
const goesRound = (motion: Motion, point: (s: Skeleton) => Vec, across: 0 | 2, up: 1 | 2): number => {
  const way = Array.from({ length: STEPS }, (_, i) => point(skeletonOf(poseAt(motion, i / STEPS))));
  return way.reduce((sum, p, i) => {
    const next = way[(i + 1) % STEPS] as Vec;
    return sum + p[across] * next[up] - next[across] * p[up];
  }, 0);
};

/**
 * What a direction says of the way round, as anybody means it: back is over the top to the back, outward over the top away from
 * the middle, right and left are one’s own, and what is named first is gone to first. x is the person's right, y up, z forward.
 */
const SAYS: Record<string, (motion: Motion, point: (s: Skeleton) => Vec) => boolean> = {
  back: (m, p) => goesRound(m, p, 2, 1) > 0,
  backward: (m, p) => goesRound(m, p, 2, 1) > 0,
  forward: (m, p) => goesRound(m, p, 2, 1) < 0,
  outward: (m, p) => goesRound(m, p, 0, 1) > 0,
  inward: (m, p) => goesRound(m, p, 0, 1) < 0,
  'up over to the right': (m, p) => goesRound(m, p, 0, 1) < 0,
  'up over to the left': (m, p) => goesRound(m, p, 0, 1) > 0,
  'to the left first': (m, p) => p(skeletonOf(poseAt(m, 0.2)))[0] < 0,
  'to the right first': (m, p) => p(skeletonOf(poseAt(m, 0.2)))[0] > 0,
};

describe('a circle goes the way that is said', () => {
  it.each(Object.keys(DRAWS))('%s, on every rung and in every place, both directions', (id) => {
    const move = library.find((m) => m.id === id) as Move;
    const [first, second] = move.ways.directions as [string, string];
    const point = DRAWS[id] as (s: Skeleton) => Vec;
    for (const rung of move.rungs.map((r) => r.name))
      for (const position of [move.position, ...move.alsoIn]) {
        const motion = shownMotion(move, rung, undefined, position);
        expect(SAYS[first]?.(motion, point), `${rung}, ${position}: ${first}`).toBe(true);
        expect(SAYS[second]?.(reversed(motion), point), `${rung}, ${position}: ${second}`).toBe(true);
      }
  });

  it('is looked at for every circle of the library but the eights, which go both ways', () => {
    const round = library.filter((m) => m.ways.directions && m.figure?.path === 'round').map((m) => m.id);
    expect(round.filter((id) => !id.includes('figure-eight')).sort()).toEqual(Object.keys(DRAWS).sort());
  });
});
