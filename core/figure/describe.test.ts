import { describe, expect, it } from 'vitest';
import { Motion, Pose } from '../model';
import { describeMotion, describePose, jointActions, motionActions } from '.';

const said = (angles: Pose['angles'], base: Pose['base'] = 'back'): string =>
  describePose(Pose.parse({ angles, base }));

describe('a pose in words', () => {
  it.each([
    [{ 'neck.flex': 30 }, 'Sitting. Head lowered 30°.'],
    [{ 'neck.flex': -22 }, 'Sitting. Head lifted 20°.'],
    [{ 'neck.turn': -58 }, 'Sitting. Head turned to the right 60°.'],
    [
      { 'neck.side': 20, 'neck.turn': 30 },
      'Sitting. Head tilted to the left 20° and turned to the left 30°.',
    ],
    [{ 'neck.glide': -2 }, 'Sitting. Head glided back.'],
    [{ 'upper.flex': 30, 'low.flex': 26 }, 'Sitting. Trunk rounded 55°.'],
    [{ 'trunk.hinge': 30 }, 'Sitting. Trunk leaning forward 30°.'],
    [{ 'low.side': -12, 'upper.side': -18 }, 'Sitting. Trunk bent to the right 30°.'],
    [{ 'upper.turn': 32, 'low.turn': 8 }, 'Sitting. Trunk turned to the left 40°.'],
    [
      { 'left.arm.raise': 90, 'left.arm.across': 0, 'left.elbow.bend': 0 },
      'Sitting. Left arm 90° to the side and elbow straight.',
    ],
    [
      { 'right.arm.raise': 82, 'right.arm.across': 125, 'right.elbow.bend': 90 },
      'Sitting. Right arm 80° across the chest and elbow bent 90°.',
    ],
    [{ 'left.fingers.curl': 88, 'right.fingers.curl': 88 }, 'Sitting. Both hands in fists.'],
    [{ 'left.shoulder.lift': 15, 'right.shoulder.lift': 15 }, 'Sitting. Both shoulders lifted.'],
    [{ 'right.wrist.bend': -60 }, 'Sitting. Right wrist bent back 60°.'],
    [{ 'left.knee.bend': 5 }, 'Sitting. Left knee straightened.'],
    [{ 'left.ankle.bend': -30, 'right.ankle.bend': -30 }, 'Sitting. Both heels lifted.'],
  ] as [Pose['angles'], string][])('%j: %s', (angles, text) => {
    expect(said(angles)).toBe(text);
  });

  it('begins with what carries the body', () => {
    expect(said({}, 'stand')).toBe('Standing. At rest.');
    expect(said({}, 'edge')).toBe('Sitting on the front edge of the seat. At rest.');
    expect(said({}, 'lying on the back')).toMatch(/^Lying on the back\./);
  });
});

describe('a motion in words', () => {
  const motion = (path: Motion['path'], ...poses: Pose['angles'][]): Motion =>
    Motion.parse({ path, poses: poses.map((angles) => ({ angles })) });

  it('says where it starts when that is not rest, and how it goes on', () => {
    expect(describeMotion(motion('there', {}, { 'neck.side': 34 }))).toBe(
      'Sitting. Head tilted to the left 35°.',
    );
    expect(describeMotion(motion('back', {}, { 'neck.turn': 60 }))).toBe(
      'Sitting. Head turned to the left 60°. And back.',
    );
    expect(describeMotion(motion('back', { 'neck.flex': -20 }, { 'neck.flex': 30 }))).toBe(
      'From: Sitting. Head lifted 20°. To: Sitting. Head lowered 30°. And back.',
    );
    expect(
      describeMotion(motion('round', { 'neck.flex': 12 }, { 'neck.turn': 14 }, { 'neck.flex': -10 })),
    ).toMatch(/In a circle\.$/);
  });

  it('lists the joint actions in standard words, with degrees, left before right', () => {
    const list = (from: Pose['angles'], to: Pose['angles']): string[] =>
      jointActions(Pose.parse({ angles: from }), Pose.parse({ angles: to })).map(
        ({ side, joint, action, amount }) => `${side ?? ''} ${joint}: ${action} ${amount}`.trim(),
      );
    expect(list({}, { 'neck.flex': 40 })).toEqual(['Neck: flexion 40']);
    expect(list({}, { 'left.wrist.bend': -62 })).toEqual(['left Wrist: extension 60']);
    expect(list({}, { 'left.hip.twist': -90 })).toEqual(['left Hip: external rotation 45']);
    expect(list({}, { 'right.forearm.turn': -18 })).toEqual(['right Forearm: supination 80']);
    expect(list({}, { 'left.arm.raise': 104, 'left.arm.across': 0 })).toEqual([
      'left Shoulder: abduction 80',
    ]);
    // No farther than the joint usually goes: 60 degrees back, of which 24 are there at rest.
    expect(list({}, { 'left.arm.raise': 64, 'left.arm.across': -80 })).toEqual([
      'left Shoulder: extension 35',
    ]);
    expect(list({ 'left.ankle.bend': 10 }, { 'left.ankle.bend': -30 })).toEqual([
      'left Ankle: plantar flexion 40',
    ]);
    expect(list({}, {})).toEqual([]);
    expect(
      motionActions(motion('round', { 'neck.turn': 20 }, { 'neck.flex': 30 }, { 'neck.turn': 20 })).length,
    ).toBeGreaterThan(0);
  });
});
