import { describe, expect, it } from 'vitest';
import { reaching } from '../figure';
import type { Base, JointName, Pose } from '../model';
import { type Demand, demandsOfPose } from './shown';

const pose = (base: Base, angles: Partial<Record<JointName, number>>): Pose => ({ base, angles }) as Pose;

/** Each demand, the joint that shows it, the first angle that counts, and the nearest one that does not. */
const bounds: [Demand, Base, JointName, number, number, Partial<Record<JointName, number>>?][] = [
  ['neck turned', 'back', 'neck.turn', 35, 34],
  ['neck turned', 'back', 'neck.turn', -35, -34],
  ['neck bent to the side', 'back', 'neck.side', 20, 19],
  ['neck bent to the side', 'back', 'neck.side', -20, -19],
  ['chin to the chest', 'back', 'neck.flex', 30, 29],
  ['chin to the chest', 'back', 'neck.nod', 10, 9, { 'neck.flex': 20 }],
  ['looking up', 'back', 'neck.flex', -12, -11],
  ['looking up', 'back', 'neck.nod', -6, -5, { 'neck.flex': -6 }],
  ['back rounded', 'back', 'upper.flex', 26, 25],
  ['back rounded a little', 'back', 'upper.flex', 15, 14],
  ['back rounded a little', 'back', 'upper.flex', 25, 26],
  ['back rounded', 'back', 'low.flex', 16, 15, { 'upper.flex': 10 }],
  ['back arched', 'back', 'upper.flex', -14, -13],
  ['back arched', 'back', 'low.flex', -7, -6, { 'upper.flex': -7 }],
  ['back turned', 'back', 'upper.turn', 22, 21],
  ['back turned', 'back', 'low.turn', -12, -11, { 'upper.turn': -10 }],
  ['turned while bent', 'back', 'upper.turn', 15, 14, { 'low.flex': 15 }],
  ['turned while bent', 'back', 'low.flex', 15, 14, { 'upper.turn': 15 }],
  ['turned while bent', 'edge', 'trunk.hinge', 25, 24, { 'low.turn': -15 }],
  ['hip turned in', 'back', 'left.hip.twist', 25, 24],
  ['hip bent past level', 'back', 'right.hip.bend', 100, 99],
  ['hip bent past level', 'edge', 'trunk.hinge', 10, 9],
  ['hip stretched back', 'stand', 'left.hip.bend', -12, -11],
  ['back bent to the side', 'back', 'upper.side', 18, 17],
  ['back bent to the side', 'back', 'low.side', -8, -7, { 'upper.side': -10 }],
  ['deep lean forward', 'back', 'trunk.hinge', 35, 34],
  ['deep lean forward', 'back', 'trunk.hinge', 25, 24, { 'upper.flex': 20 }],
  ['arms overhead', 'back', 'right.arm.raise', 100, 99],
  ['arm at shoulder height', 'back', 'left.arm.raise', 68, 67],
  ['arm across', 'back', 'left.arm.across', 118, 117, { 'left.arm.raise': 60 }],
  ['arm across', 'back', 'left.arm.raise', 60, 59, { 'left.arm.across': 118 }],
  ['wrist bent far', 'back', 'left.wrist.bend', 48, 47],
  ['wrist bent far', 'back', 'right.wrist.bend', -48, -47],
  ['hip bent deep', 'back', 'left.hip.bend', 112, 111],
  ['hip bent deep', 'back', 'trunk.hinge', 22, 21],
  ['leg crossed', 'back', 'left.hip.twist', -25, -24],
  ['leg crossed', 'back', 'right.hip.out', -10, -9],
  ['legs wide', 'back', 'left.hip.out', 26, 25],
  ['legs wide', 'stand', 'left.hip.bend', 21, 20, { 'left.hip.out': 26 }],
  ['knee bent deep', 'back', 'left.knee.bend', 100, 99],
  ['knee straight', 'edge', 'right.knee.bend', 35, 36],
  ['arms stretched out', 'back', 'left.arm.raise', 60, 59, { 'left.arm.across': 35, 'left.elbow.bend': 40 }],
  ['arms stretched out', 'back', 'left.arm.across', 35, 36, { 'left.arm.raise': 60, 'left.elbow.bend': 40 }],
  [
    'arms stretched out',
    'back',
    'left.arm.across',
    -35,
    -36,
    { 'left.arm.raise': 60, 'left.elbow.bend': 40 },
  ],
  ['arms stretched out', 'back', 'left.elbow.bend', 40, 41, { 'left.arm.raise': 60, 'left.arm.across': 0 }],
];

describe('what a pose asks', () => {
  it.each(bounds)(
    '%s (%s): %s counts from %i, not yet at %i',
    (demand, base, joint, from, before, rest = {}) => {
      expect(demandsOfPose(pose(base, { ...rest, [joint]: from }))).toContain(demand);
      expect(demandsOfPose(pose(base, { ...rest, [joint]: before }))).not.toContain(demand);
    },
  );

  it('is nothing while sitting tall, and only standing while standing', () => {
    expect(demandsOfPose(pose('back', {}))).toEqual([]);
    expect(demandsOfPose(pose('edge', {}))).toEqual(['edge of the seat']);
    expect(demandsOfPose(pose('stand', {}))).toEqual(['standing']);
    expect(demandsOfPose(pose('lying on back' as Base, {}))).toContain('on the floor');
  });

  it('tells arms that work together from arms that only do the same', () => {
    const raised = { 'left.arm.raise': 70, 'right.arm.raise': 70 };
    expect(demandsOfPose(pose('back', { ...raised, 'left.arm.across': 0, 'right.arm.across': 0 }))).toContain(
      'arms alike',
    );
    const uneven = demandsOfPose(pose('back', { 'left.arm.raise': 90, 'right.arm.raise': 64 }));
    expect(uneven).toContain('both arms');
    expect(uneven).not.toContain('arms alike');
    const even = pose('back', {
      'left.arm.raise': 90,
      'right.arm.raise': 65,
      'left.arm.across': 0,
      'right.arm.across': 0,
    });
    expect(demandsOfPose(even)).not.toContain('both arms');
    const one = demandsOfPose(pose('back', { 'left.arm.raise': 90 }));
    expect(one.filter((d) => d === 'both arms' || d === 'arms alike')).toEqual([]);
  });

  it.each([
    ['arm.raise', 50, 49],
    ['elbow.bend', 100, 99],
    ['wrist.bend', 40, 39],
    ['wrist.bend', -40, -39],
  ] as const)('counts an arm as moved by %s from %i, not at %i', (joint, from, before) => {
    const other = {
      'right.arm.raise': 50,
      'right.arm.across': 0,
      'left.arm.across': 0,
      'left.arm.raise': 30,
    };
    const arms = (angle: number) =>
      demandsOfPose(pose('stand', { ...other, [`left.${joint}`]: angle })).some(
        (d) => d === 'both arms' || d === 'arms alike',
      );
    expect(arms(from)).toBe(true);
    expect(arms(before)).toBe(false);
  });

  it('tells a hand behind the back from one beside the hip', () => {
    const behind = {
      'right.arm.raise': 56,
      'right.arm.across': -63,
      'right.arm.twist': -60,
      'right.elbow.bend': 80,
    };
    const beside = { 'right.arm.raise': 35, 'right.arm.across': -56, 'right.elbow.bend': 20 };
    expect(
      demandsOfPose(reaching(pose('edge', behind), 'right', { to: 'low back', elbow: [0.8, 0, -0.6] })),
    ).toContain('arm behind');
    expect(
      demandsOfPose(reaching(pose('back', beside), 'right', { to: 'seat', elbow: [0.5, 0, -0.9] })),
    ).not.toContain('arm behind');
  });

  it('tells a lean with a long back, on the feet, from a fold', () => {
    const lean = { 'trunk.hinge': 40 };
    expect(demandsOfPose(pose('stand', lean))).toContain('hinge with a long back');
    expect(demandsOfPose(pose('stand', lean))).not.toContain('deep lean forward');
    expect(demandsOfPose(pose('stand', { ...lean, 'low.flex': 15 }))).toContain('deep lean forward');
    expect(demandsOfPose(pose('edge', lean))).toContain('deep lean forward');
  });

  it('sees the head back and turned, or tilted, at once', () => {
    for (const more of [{ 'neck.turn': 20 }, { 'neck.turn': -20 }, { 'neck.side': 10 }, { 'neck.side': -10 }])
      expect(demandsOfPose(pose('back', { 'neck.flex': -6, ...more }))).toContain('looking up while turned');
    for (const less of [
      { 'neck.flex': -5, 'neck.turn': 20 },
      { 'neck.flex': -6, 'neck.turn': 19 },
      { 'neck.flex': -6, 'neck.side': 9 },
    ])
      expect(demandsOfPose(pose('back', less))).not.toContain('looking up while turned');
  });

  it('tells lying on the back from lying on a side, and wide knees on a seat from a wide stand', () => {
    expect(demandsOfPose(pose('lying on the back', {}))).toContain('lying on the back');
    expect(demandsOfPose(pose('lying on the left side', {}))).toContain('lying on the side');
    expect(demandsOfPose(pose('lying on the left side', {}))).not.toContain('lying on the back');
    expect(demandsOfPose(pose('edge', { 'left.hip.out': 26 }))).toContain('knees wide on the seat');
    expect(demandsOfPose(pose('stand', { 'left.hip.out': 26, 'left.hip.bend': 30 }))).not.toContain(
      'knees wide on the seat',
    );
    expect(demandsOfPose(pose('stand', { 'left.knee.bend': 40 }))).toContain('knee bent under load');
    expect(demandsOfPose(pose('stand', { 'left.knee.bend': 39 }))).not.toContain('knee bent under load');
    expect(demandsOfPose(pose('edge', { 'left.knee.bend': 90 }))).not.toContain('knee bent under load');
  });

  it('tells standing on one leg from walking, and from a foot lifted on a seat', () => {
    for (const side of ['left', 'right'] as const)
      expect(demandsOfPose(pose('stand', { [`${side}.hip.bend`]: 60, [`${side}.knee.bend`]: 90 }))).toContain(
        'on one leg',
      );
    expect(demandsOfPose(pose('stand', { 'left.knee.bend': 20 }))).not.toContain('on one leg');
    expect(demandsOfPose(pose('edge', { 'left.hip.bend': 110 }))).not.toContain('on one leg');
  });

  it('sees a head below the heart where one sits or stands, not where one lies', () => {
    const folded = { 'trunk.hinge': 110, 'upper.flex': 30, 'low.flex': 30, 'neck.flex': 20 };
    expect(demandsOfPose(pose('edge', folded))).toContain('head low');
    expect(demandsOfPose(pose('stand', { ...folded, 'trunk.hinge': 120 }))).toContain('head low');
    expect(demandsOfPose(pose('edge', { 'trunk.hinge': 30 }))).not.toContain('head low');
  });
});
