import { describe, expect, it } from 'vitest';
import { move } from '../testing/build';
import { fieldProblems, JOINT_NAMES, jointInfo, Motion, Move, Person, Pose, partsOfJoint, rungOf } from '.';

const problems = (
  schema: { safeParse: (v: unknown) => { success: boolean; error?: never } },
  value: unknown,
) => {
  const parsed = schema.safeParse(value) as unknown as ReturnType<typeof Pose.safeParse>;
  return parsed.success ? [] : fieldProblems(parsed.error, value);
};

describe('joints', () => {
  it('come in pairs for the two sides, with a range that holds nought or its rest', () => {
    const left = JOINT_NAMES.filter((n) => n.startsWith('left.'));
    const right = JOINT_NAMES.filter((n) => n.startsWith('right.'));
    expect(left.map((n) => n.slice(5))).toEqual(right.map((n) => n.slice(6)));
    for (const name of JOINT_NAMES) {
      const { least, most, unit } = jointInfo(name);
      expect(least, name).toBeLessThan(most);
      expect(['deg', 'cm']).toContain(unit);
      const { side, joint } = partsOfJoint(name);
      expect(side === null ? joint : `${side}.${joint}`).toBe(name);
    }
  });

  it.each(JOINT_NAMES)('%s: a pose takes it to its ends and no farther, and says so', (name) => {
    const { least, most } = jointInfo(name);
    for (const value of [least, most])
      expect(Pose.safeParse({ angles: { [name]: value } }).success).toBe(true);
    expect(problems(Pose as never, { angles: { [name]: most + 1 } })).toEqual([
      { path: `angles.${name}`, message: `must be at most ${most}`, bound: most, value: most + 1 },
    ]);
    expect(problems(Pose as never, { angles: { [name]: least - 1 } })[0]).toMatchObject({ bound: least });
  });
});

describe('a pose', () => {
  it('refuses a joint it does not know, and more arrows than can be read', () => {
    expect(Pose.safeParse({ angles: { 'neck.wobble': 3 } }).success).toBe(false);
    const press = { on: 'head', toward: 'up' };
    expect(Pose.safeParse({ press: [press, press, press, press] }).success).toBe(true);
    expect(Pose.safeParse({ press: [press, press, press, press, press] }).success).toBe(false);
  });

  it('is part of a motion of one to eight poses', () => {
    expect(Motion.safeParse({ poses: [] }).success).toBe(false);
    expect(Motion.safeParse({ poses: Array.from({ length: 9 }, () => ({})) }).success).toBe(false);
    expect(Motion.parse({ poses: [{}] })).toMatchObject({
      view: 'front',
      path: 'there',
      crop: 'whole',
      props: ['stool'],
    });
  });
});

describe('a move', () => {
  const input = { ...move('a'), cues: { say: 'a', feel: 'b', check: 'c', back: 'd' } };
  const said = (value: unknown) => problems(Move as never, value).map((p) => `${p.path}: ${p.message}`);

  it('may leave out everything that has a usual answer', () => {
    const { otherNames, holding, rungs, discreet, breath, ...bare } = Move.parse(input);
    expect(Move.parse(bare)).toEqual({ ...bare, otherNames, holding, rungs, discreet, breath });
  });

  it.each([
    [
      'a two-way move without a second-side cue',
      { ways: { pattern: 'each', pair: 'side', felt: 'same' } },
      'cues.again: a two-way move needs a second-side cue',
    ],
    [
      'directions without their cue',
      { ways: { pattern: 'together', directions: ['in', 'out'] } },
      'cues.turn: a move with directions needs a cue for the second',
    ],
    [
      'a dose that falls',
      { dose: { least: 30, usual: { measure: 'seconds', amount: 20 }, most: 40 } },
      'dose: doses must rise from least to usual to most',
    ],
    [
      'two rungs of one name',
      {
        rungs: [
          { name: 'x', how: 'y' },
          { name: 'x', how: 'z' },
        ],
      },
      'rungs: each rung needs a name of its own',
    ],
    [
      'a usual rung that is not there',
      { rungs: [{ name: 'x', how: 'y' }], usualRung: 'z' },
      'usualRung: must be the name of one of the rungs',
    ],
    ['a name that is empty', { name: ' ' }, 'name: must have at least 1 character'],
    [
      'a rung that goes too far',
      { rungs: [{ name: 'x', how: 'y', share: 2 }] },
      'rungs.0.share: must be at most 1.5',
    ],
  ])('is refused with %s', (_, more, expected) => {
    expect(said({ ...input, ...more })).toContain(expected);
  });

  it('knows its usual rung, a chosen one, and falls back to the usual one', () => {
    const ladder = Move.parse({
      ...input,
      rungs: [
        { name: 'a', how: 'x' },
        { name: 'b', how: 'y' },
      ],
      usualRung: 'b',
    });
    expect(rungOf(ladder)?.name).toBe('b');
    expect(rungOf(ladder, 'a')?.name).toBe('a');
    expect(rungOf(ladder, 'gone')?.name).toBe('b');
    expect(rungOf({ rungs: [] })).toBeUndefined();
  });
});

describe('a person', () => {
  it('is kept with limits and notes only with consent; tight areas alone need none', () => {
    const base = { id: 'p', groupId: 'g', name: 'P' };
    expect(Person.safeParse({ ...base, tight: [{ area: 'neck', side: 'left' }] }).success).toBe(true);
    for (const more of [{ limits: [{ limit: 'neck' }] }, { note: 'by the window' }]) {
      expect(Person.safeParse({ ...base, ...more }).success).toBe(false);
      expect(Person.safeParse({ ...base, ...more, consent: true }).success).toBe(true);
    }
    expect(Person.safeParse({ ...base, note: '   ' }).success).toBe(true);
  });
});
