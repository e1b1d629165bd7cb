import fc from 'fast-check';
import { beforeAll, describe, expect, it } from 'vitest';
import { library, moveLookup } from '../library/all';
import { type Break, defaultApproach, defaultPace, type Item, type Move, stepsOf } from '../model';
import { reviewed } from '../review';
import { breakOf } from '../review/corpus/build';
import { SOUND } from '../review/corpus/sound';
import { times } from '../testing/all';
import { breaths, brk, cues, each, hold, lookupIn, move, reps, step } from '../testing/build';
import { fitBySolver, fitSlowly } from '../testing/slow-fit';
import { loadSolver } from '../testing/solver-planner';
import { compileTimeline, resolveBreak } from '../timing';
import { bandOf, chooseDoses, dosesOf, type FitProblem, fitBreak, fitProblem } from '.';

// Words of 10 (4.5 s), then work, then 2 s back; each side again with 4 s of change and 2 s back.
const together = (id: string, more: object = {}) =>
  move(id, { kind: 'mobilise', cues: cues(10), dose: { least: 10, usual: hold(20), most: 30 }, ...more });
const sided = (id: string, more: object = {}) => together(id, { ways: each(), ...more });
const fit = (items: Item[], moves: Move[], slotSec: number, more: object = {}) =>
  fitBreak(brk(items, { slotSec, ...more }), lookupIn(moves), defaultApproach);
const dosesIn = (result: ReturnType<typeof fitBreak>) => {
  if (!result.ok) throw new Error(result.code);
  return stepsOf(result.brk).map((s) => s.dose.amount);
};

describe('the band of a step', () => {
  it('is the move’s own, in steps that suit', () => {
    const band = bandOf(step('a'), together('a'), defaultPace, defaultApproach);
    expect(band).toEqual({ least: 10, usual: 20, most: 30, step: 5 });
    expect(dosesOf(band)).toEqual([10, 15, 20, 25, 30]);
    expect(dosesOf({ least: 8, usual: 20, most: 33, step: 5 })).toEqual([10, 15, 20, 25, 30]);
    expect(dosesOf({ least: 4, usual: 6, most: 8, step: 1 })).toEqual([4, 5, 6, 7, 8]);
  });

  it('is carried over into breaths, and back, by the time it takes', () => {
    const inBreaths = bandOf(step('a', { dose: breaths(2) }), together('a'), defaultPace, defaultApproach);
    expect(inBreaths).toEqual({ least: 1, usual: 2, most: 3, step: 1 });
    const deep = together('b', { dose: { least: 2, usual: breaths(3), most: 8 } });
    const inSeconds = bandOf(step('b', { dose: hold(30) }), deep, defaultPace, defaultApproach);
    expect(inSeconds).toEqual({ least: 20, usual: 30, most: 80, step: 5 });
  });

  it('follows the hold length of the approach', () => {
    const own = { ...defaultApproach, holdLength: '30 s' as const };
    expect(bandOf(step('a'), sided('a', { kind: 'stretch' }), defaultPace, own)).toMatchObject({
      usual: 30,
      most: 30,
    });
  });
});

describe('fitting, by hand', () => {
  const [a, b] = [together('a'), together('b')];

  it('fills the slot to within one dose step, as near to the usual doses as that allows', () => {
    // 6.5 s round the work of each: 13 s. 63 s leave 50 s of work: 25 + 25 is the fullest, 25 + 20 is within 5 s of
    // it and nearer to the usual, and the longer first step wins over 20 + 25.
    const result = fit([step('a'), step('b')], [a, b], 63);
    expect(dosesIn(result)).toEqual([25, 20]);
    expect(result).toMatchObject({ ok: true, beforeMs: 53_000, afterMs: 58_000, dropped: [] });
    // 45 s: 20 + 20 is within 5 s and costs nothing.
    expect(dosesIn(fit([step('a'), step('b')], [a, b], 58))).toEqual([20, 20]);
    expect(dosesIn(fit([step('a'), step('b')], [a, b], 73))).toEqual([30, 25]);
  });

  it('counts both sides of a dose', () => {
    // 4.5 + 2 + 4 + 2 = 12.5 s round the work; 52.5 s leave 40 s: 20 a side. One step is 10 s of the break.
    expect(dosesIn(fit([step('a')], [sided('a')], 53))).toEqual([20]);
    expect(dosesIn(fit([step('a')], [sided('a')], 63))).toEqual([25]);
    expect(dosesIn(fit([step('a')], [sided('a')], 62))).toEqual([20]);
  });

  it('drops whole steps only when the least doses do not fit: the lowest priority first, of equals the later', () => {
    const three = [step('a'), step('b'), step('c')];
    const moves = [a, b, together('c')];
    // Three at 10 s are 49.5 s.
    expect(fit(three, moves, 50)).toMatchObject({ ok: true, dropped: [] });
    expect(fit(three, moves, 49)).toMatchObject({ ok: true, dropped: [{ id: 'c' }] });
    expect(fit([step('a', { priority: 1 }), step('b'), step('c')], moves, 49)).toMatchObject({
      dropped: [{ id: 'a' }],
    });
    expect(fit([step('a'), step('b'), step('c', { keep: true })], moves, 49)).toMatchObject({
      dropped: [{ id: 'b' }],
    });
  });

  it('lets settling, breath and close stay longest', () => {
    const moves = [together('s', { kind: 'settle' }), a, together('z', { kind: 'close' })];
    expect(fit([step('s'), step('a'), step('z')], moves, 49)).toMatchObject({ dropped: [{ id: 'a' }] });
  });

  it('never touches what is locked, nor what is uneven on purpose', () => {
    const uneven = { side: 'left', amount: 30, reason: 'tighter' } as const;
    const result = fit(
      [step('a', { locked: true }), step('b'), step('u', { uneven })],
      [a, b, sided('u')],
      130,
    );
    // 26.5 s and 62.5 s stay; 30 s would fit, 25 s is within one dose step of that and nearer to the usual.
    expect(dosesIn(result)).toEqual([20, 25, 20]);
  });

  it('says so when even what must stay does not fit', () => {
    const all = [step('a', { keep: true }), step('b', { keep: true })];
    expect(fit(all, [a, b], 20)).toMatchObject({
      ok: false,
      code: 'tooMuchKept',
      leastMs: 33_000,
      slotMs: 20_000,
    });
  });

  it('takes a link out of a series, and a series of one is a plain step', () => {
    const chain: Item = {
      type: 'chain',
      id: 'c',
      nesting: 'side by side',
      sides: 'both',
      links: [step('a'), step('b')],
    };
    const result = fit([chain], [sided('a'), sided('b')], 40);
    expect(result).toMatchObject({
      ok: true,
      dropped: [{ id: 'b' }],
      brk: { items: [{ type: 'step', id: 'a' }] },
    });
  });

  it('keeps whole breaths whole', () => {
    // 25 s and 30 s are three breaths, 15 s and 20 s two: of the same length, the dose nearest to the usual.
    expect(dosesIn(fit([step('a')], [a], 40, { wholeBreaths: true }))).toEqual([25]);
    expect(fit([step('a')], [a], 40, { wholeBreaths: true })).toMatchObject({ afterMs: 36_500 });
  });

  it('fits an empty break, and twelve steps into eight minutes', () => {
    expect(fit([], [], 60)).toMatchObject({ ok: true, afterMs: 0 });
    const moves = Array.from({ length: 12 }, (_, i) => (i % 2 ? sided(`m${i}`) : together(`m${i}`)));
    const result = fit(
      moves.map((m) => step(m.id)),
      moves,
      480,
    );
    if (!result.ok) throw new Error(result.code);
    // Six together (6.5 s round each) and six sided (12.5 s round each) are 114 s; 6 d + 12 d = 366 s.
    expect(result.dropped).toEqual([]);
    expect(result.afterMs).toBeLessThanOrEqual(480_000);
    expect(result.afterMs).toBeGreaterThan(470_000);
  });
});

const arbProblem = (steps: number, options: number): fc.Arbitrary<FitProblem> =>
  fc
    .record({
      free: fc.array(
        fc.record({
          least: fc.integer({ min: 1, max: 4 }),
          below: fc.integer({ min: 0, max: 3 }),
          count: fc.integer({ min: 1, max: options }),
          unit: fc.constantFrom(2000, 2500, 5000, 8571, 10_000),
        }),
        { minLength: 1, maxLength: steps },
      ),
      share: fc.double({ min: 0, max: 1, noNaN: true }),
      fixedMs: fc.constantFrom(0, 6500, 30_000),
    })
    .map(({ free, share, fixedMs }) => {
      const list = free.map(({ least, below, count, unit }, i) => {
        const usual = least + below;
        return {
          stepId: `s${i}`,
          doseStepMs: unit,
          options: Array.from({ length: count }, (_, k) => ({
            amount: least + k,
            workMs: (least + k) * unit,
            cost: ((least + k - usual) / usual) ** 2,
          })),
        };
      });
      const most = list.reduce((sum, { options: o }) => sum + (o.at(-1)?.workMs ?? 0), 0);
      return { slotMs: Math.round(fixedMs + share * 1.1 * most), fixedMs, free: list };
    });

describe('fitting, against slow and foreign solvers', () => {
  let solver: Awaited<ReturnType<typeof loadSolver>>;
  beforeAll(async () => {
    solver = await loadSolver();
  });

  it('agrees with trying everything, dose by dose', () => {
    fc.assert(
      fc.property(arbProblem(5, 5), (problem) => {
        const [fast, slow] = [chooseDoses(problem), fitSlowly(problem)];
        expect(fast === null).toBe(slow === null);
        if (!fast || !slow) return;
        expect([...fast.amounts.values()]).toEqual(slow.amounts);
        expect(fast.totalMs).toBe(slow.totalMs);
      }),
      { numRuns: times(150, 300), seed: 41 },
    );
  });

  it('agrees with HiGHS on how full and how near', () => {
    fc.assert(
      fc.property(arbProblem(8, 7), (problem) => {
        const [fast, mip] = [chooseDoses(problem), fitBySolver(solver, problem)];
        expect(fast === null).toBe(mip === null);
        if (!fast || !mip) return;
        expect(fast.cost).toBeCloseTo(mip.cost, 5);
        expect(fast.totalMs).toBeLessThanOrEqual(Math.round(mip.totalMs));
      }),
      { numRuns: 40, seed: 42 },
    );
  });

  it('predicts to the millisecond what the compiled break takes', () => {
    const moves = [
      sided('a'),
      together('b', { dose: { least: 2, usual: reps(5, 2.5), most: 9 } }),
      sided('c'),
    ];
    const items: Item[] = [
      step('a', { sets: 2 }),
      step('b', { dose: reps(5, 2.5) }),
      {
        type: 'chain',
        id: 'x',
        nesting: 'side by side',
        sides: 'both',
        links: [step('c'), step('a', { id: 'a2' })],
      },
    ];
    for (const slotSec of [150, 190, 240, 300]) {
      const result = fit(items, moves, slotSec);
      if (!result.ok) throw new Error(result.code);
      const resolved = resolveBreak(result.brk, lookupIn(moves));
      if (!resolved.ok) throw new Error('broken test');
      const { totals } = compileTimeline(resolved.value);
      expect(totals.totalMs).toBe(result.afterMs);
      expect(totals.leftMs).toBe(totals.rightMs);
      expect(totals.totalMs).toBeLessThanOrEqual(slotSec * 1000);
      expect(fitProblem(resolved.value, compileTimeline(resolved.value)).free).toHaveLength(
        stepsOf(result.brk).length,
      );
    }
  });
});

describe('fitting sound breaks', () => {
  const shelf = { library, lookup: moveLookup() };
  const found = (b: Break) => {
    const made = reviewed(b, shelf, defaultApproach);
    return made.ok ? made.findings : expect.fail(b.name);
  };
  it.each(SOUND.map(([name, lines, more = {}]) => ({ name, lines, more })))(
    '“$name” into a shorter or longer slot brings in nothing graver than a look',
    ({ name, lines, more }) => {
      const sound = breakOf(name, lines, more);
      const before = new Set(found(sound).map((f) => f.code));
      for (const share of [0.6, 0.75, 0.9, 1.1, 1.3, 1.6]) {
        const slotSec = Math.max(20, Math.round((sound.slotSec * share) / 5) * 5);
        const fitted = fitBreak({ ...sound, slotSec }, shelf.lookup, defaultApproach);
        if (!fitted.ok) continue;
        const graver = found(fitted.brk).filter((f) => f.weight !== 'look' && !before.has(f.code));
        expect(graver, `${share}`).toEqual([]);
      }
    },
  );

  it('gives the two sides the same where each is a step of its own, and lets them go together', () => {
    const [name, lines] = SOUND.find(([one]) => one === 'sides in steps of their own')!;
    const sound = breakOf(name, lines);
    const amounts = (share: number) => {
      const fitted = fitBreak(
        { ...sound, slotSec: Math.round(sound.slotSec * share) },
        shelf.lookup,
        defaultApproach,
      );
      if (!fitted.ok) throw new Error(fitted.code);
      const of = (moveId: string) => stepsOf(fitted.brk).filter((s) => s.moveId === moveId);
      return ['ear-to-shoulder', 'nose-to-armpit'].map((id) => of(id).map((s) => [s.sides, s.dose.amount]));
    };
    for (const share of [0.5, 0.6, 0.75, 0.9, 1.1, 1.3])
      for (const sides of amounts(share)) {
        expect([0, 2]).toContain(sides.length);
        if (sides.length === 2) expect(sides[0]?.[1], `${share}`).toBe(sides[1]?.[1]);
      }
  });

  it('leaves a dose that own words say as they say it', () => {
    const said = breakOf('said', [
      'sit-tall',
      ['shoulder-rolls', { dose: 8, words: 'Roll the shoulders {direction}, eight times.' }],
      ['ear-to-shoulder', { dose: 20 }],
      'arms-up-breath',
    ]);
    for (const share of [0.8, 1.4]) {
      const fitted = fitBreak(
        { ...said, slotSec: Math.round(said.slotSec * share) },
        shelf.lookup,
        defaultApproach,
      );
      const roll = fitted.ok && stepsOf(fitted.brk).find((s) => s.moveId === 'shoulder-rolls');
      if (roll) expect(roll.dose.amount).toBe(8);
      expect(fitted.ok).toBe(true);
    }
  });
});
