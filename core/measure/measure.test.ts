import { describe, expect, it } from 'vitest';
import { Area, Limit, Measure, ReachKind } from '../model';
import {
  BODY,
  ENOUGH_REPEATS,
  mayTake,
  REACHES,
  reachChange,
  readingOf,
  repeatsIn,
  smallestChange,
  wrongIn,
} from '.';

const measure = (more: object): Measure =>
  Measure.parse({ id: 'm', groupId: 'g', personId: 'p', takenAt: '2026-11-20T10:00:00.000Z', ...more });

describe('the smallest change that readings alone do not make', () => {
  it.each([
    // usual error x sqrt(2), on the grid of the reading: a quarter of an hour gives half an hour.
    ['arm on the clock', 0.5],
    ['finger to wall', 3],
    ['finger to floor', 3],
    ['hands on a strap', 3],
    ['chin to shoulder', 1],
    ['wrist angle', 15],
  ] as const)('%s: %d', (kind, change) => {
    expect(smallestChange(kind)).toMatchObject({ change, from: 'usual error' });
  });

  it('comes from readings taken twice, once there are enough of them', () => {
    // Ten pairs that differ by 2 cm: standard error sqrt(4 / 2) = 1.414; 1.96 x 1.414 x 1.414 = 3.92, read as 4 cm.
    const pairs = Array.from({ length: ENOUGH_REPEATS }, (): [number, number] => [30, 32]);
    const own = smallestChange('finger to wall', pairs);
    expect(own).toMatchObject({ change: 4, from: 'own repeats', repeats: 10 });
    expect(own.exact).toBeCloseTo(3.92, 9);
    expect(smallestChange('finger to wall', pairs.slice(1)).from).toBe('usual error');
    // Nobody reads finer than one step.
    const alike = pairs.map(([a]): [number, number] => [a, a]);
    expect(smallestChange('finger to wall', alike).change).toBe(1);
  });

  it('reads pairs before and after, and leaves single readings out', () => {
    const reach = [
      { kind: 'finger to wall', side: 'left', before: [30, 31], after: [28] },
      { kind: 'wrist angle', side: 'left', before: [50, 55], after: [] },
    ];
    expect(repeatsIn([measure({ reach })], 'finger to wall')).toEqual([[30, 31]]);
    expect([readingOf([]), readingOf([3]), readingOf([3, 4])]).toEqual([null, 3, 3.5]);
  });
});

describe('what a reach did', () => {
  it('is real only beyond the error, and farther by what farther means', () => {
    expect(reachChange('finger to wall', 30, 26)).toMatchObject({ fartherBy: 4, real: true });
    expect(reachChange('finger to wall', 30, 28)).toMatchObject({ fartherBy: 2, real: false });
    expect(reachChange('arm on the clock', 3.5, 4)).toMatchObject({ fartherBy: 0.5, real: true });
    expect(reachChange('arm on the clock', 4, 3.5)).toMatchObject({ fartherBy: -0.5 });
    expect(reachChange('hands on a strap', 2, -2)).toMatchObject({ fartherBy: 4, real: true });
    expect(reachChange('wrist angle', null, 40)).toBeNull();
  });
});

describe('what cannot be measured', () => {
  it.each([
    [{ kind: 'wrist angle', side: 'left', before: [95], after: [] }, 'reach.0.before.0', 90, 95],
    [{ kind: 'wrist angle', side: 'left', before: [42], after: [] }, 'reach.0.before.0', 5, 42],
    [{ kind: 'finger to wall', side: 'left', before: [], after: [-1] }, 'reach.0.after.0', 0, -1],
    [
      { kind: 'arm on the clock', side: 'both', before: [3], after: [] },
      'reach.0.side',
      'left or right',
      'both',
    ],
    [{ kind: 'finger to floor', side: 'left', before: [3], after: [] }, 'reach.0.side', 'both', 'left'],
  ])('%o is refused at its place', (reach, path, bound, value) => {
    expect(wrongIn(measure({ reach: [reach] }))).toMatchObject([{ path, bound, value }]);
  });

  it('is said twice', () => {
    const tension = [
      { area: 'neck', side: 'left', before: 3, after: 2 },
      { area: 'neck', side: 'left', before: 4, after: 2 },
    ];
    expect(() => measure({ tension })).toThrow('must be there once');
  });
});

describe('every reach', () => {
  it('can be read: bounds on its grid, and words for how it is taken', () => {
    for (const kind of ReachKind.options) {
      const { least, most, step, how, usualError } = REACHES[kind];
      const side = REACHES[kind].sides === 'both' ? 'both' : 'left';
      expect(wrongIn(measure({ reach: [{ kind, side, before: [least, most], after: [] }] })), kind).toEqual(
        [],
      );
      expect(how.length, kind).toBeGreaterThan(60);
      expect([usualError > 0, step > 0], kind).toEqual([true, true]);
    }
  });

  it('is left out for whoever it could harm, and for nobody else', () => {
    const out = (kind: ReachKind): string[] =>
      Limit.options.filter((limit) => !mayTake(kind, [{ limit }]).may);
    expect(out('finger to floor')).toEqual(
      expect.arrayContaining(['dizziness', 'blood or eye pressure', 'osteoporosis', 'low back']),
    );
    expect(out('chin to shoulder')).toEqual(expect.arrayContaining(['neck', 'dizziness', 'recent surgery']));
    expect(out('arm on the clock')).toContain('shoulder');
    expect(out('wrist angle')).toContain('wrist or hand');
    // A sore knee keeps nobody from turning the head.
    for (const limit of ['knee', 'hip', 'cannot stand', 'balance'] as const)
      for (const kind of ['chin to shoulder', 'wrist angle', 'arm on the clock'] as const)
        expect(mayTake(kind, [{ limit }]).may, `${kind}, ${limit}`).toBe(true);
    for (const kind of ReachKind.options) expect(mayTake(kind, []), kind).toEqual({ may: true, why: [] });
  });

  it('is left out near what a doctor has stopped, and taken far from it', () => {
    expect(mayTake('wrist angle', [{ limit: 'wrist or hand', stopped: true }]).may).toBe(false);
    expect(mayTake('wrist angle', [{ limit: 'recent surgery', at: 'hip' }]).may).toBe(true);
    expect(mayTake('wrist angle', [{ limit: 'recent surgery' }]).may).toBe(false);
  });
});

describe('the body', () => {
  it('has every area that can be tense, once', () => {
    expect(BODY.map((b) => b.area).sort()).toEqual(Area.options.filter((a) => a !== 'breath').sort());
  });
});
