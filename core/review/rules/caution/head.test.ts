import { describe, expect, it } from 'vitest';
import { type Approach, type Move, Pose } from '../../../model';
import { move, reps, step } from '../../../testing/build';
import { codes, found, framed, libStep, mended } from '../../../testing/review';

const posed = (angles: Record<string, number>): Move =>
  move('a', {
    kind: 'mobilise',
    figure: {
      path: 'back',
      view: 'front',
      poses: [Pose.parse({ base: 'back', angles: {} }), Pose.parse({ base: 'back', angles })],
    },
  });
const judge = (angles: Record<string, number>, approach: Partial<Approach> = {}) =>
  codes(found([step('a', { dose: reps(3, 4) })], [posed(angles)], { approach }));

describe('head', () => {
  it('stops a head that is tipped back and turned', () => {
    expect(judge({ 'neck.flex': -18, 'neck.turn': 30 })).toEqual(['extensionWithTurn']);
    expect(judge({ 'neck.flex': -18, 'neck.turn': 15 })).toEqual([]);
    expect(judge({ 'neck.turn': 45 })).toEqual([]);
    expect(
      found([step('a', { dose: reps(3, 4) })], [posed({ 'neck.flex': -18, 'neck.turn': 30 })])[0]?.weight,
    ).toBe('stop');
  });

  it('looks up no farther than the approach does', () => {
    expect(judge({ 'neck.flex': -35 })).toEqual(['lookingUpFar']);
    expect(judge({ 'neck.flex': -20 })).toEqual([]);
    expect(judge({ 'neck.flex': -35 }, { lookingUp: 'full extension' })).toEqual([]);
  });

  it('knows full circles through the back, unless they are the way one teaches', () => {
    const circle = libStep('full-neck-circle', { rung: 'wide' });
    expect(codes(found([circle]))).toContain('backwardCircle');
    expect(codes(found([circle], [], { approach: { headCircles: 'full circle' } }))).not.toContain(
      'backwardCircle',
    );
    expect(mended(framed([circle], []), [], 'backwardCircle').codes).not.toContain('backwardCircle');
  });
});
