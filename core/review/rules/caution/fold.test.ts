import { describe, expect, it } from 'vitest';
import { type Move, Pose } from '../../../model';
import { move, reps, step } from '../../../testing/build';
import { codes, found } from '../../../testing/review';

const posed = (angles: Record<string, number>): Move =>
  move('a', {
    kind: 'mobilise',
    position: 'back',
    figure: {
      path: 'back',
      view: 'front',
      poses: [Pose.parse({ base: 'back', angles: {} }), Pose.parse({ base: 'back', angles })],
    },
  });
const judge = (angles: Record<string, number>) =>
  codes(found([step('a', { dose: reps(3, 4) })], [posed(angles)]));

describe('fold', () => {
  it('stops a deep fold with a twist, and neither by itself', () => {
    expect(judge({ 'trunk.hinge': 45, 'upper.turn': 25 })).toEqual(['foldWithTwist']);
    expect(judge({ 'trunk.hinge': 45 })).not.toContain('foldWithTwist');
    expect(judge({ 'upper.turn': 25 })).toEqual([]);
  });
});
