import { describe, expect, it } from 'vitest';
import { Break, type Item, type Move, Step } from '../model';
import { alternate, brk, compile, cues, each, hold, lookupIn, move, step } from '../testing/build';
import { isWork, mostMs, placedSteps, resolveBreak, stepDose, workingOf, workingText } from '.';

// Worked by hand with the default pace: 140 words/min, cycle 10 s, change 4, set rest 5, shortest cue 2, return 2
// (common practice, no source).
const rep = (
  amount: number,
  repSec: number | 'breath' | 'half a breath' | 'two breaths',
  more: object = {},
) => ({ measure: 'reps', amount, repSec, ...more }) as const;
const of = (items: Item[], moves: Move[], more = {}) => {
  const timeline = compile(brk(items, more), moves);
  return {
    total: timeline.totals.totalMs / 1000,
    left: timeline.totals.leftMs / 1000,
    right: timeline.totals.rightMs / 1000,
    most: mostMs(timeline) / 1000,
    text: workingText(workingOf(timeline.parts)),
    timeline,
  };
};
const doseOf = (one: Step, moves: Move[]): string => {
  const resolved = resolveBreak(brk([one]), lookupIn(moves));
  const [placed] = resolved.ok ? placedSteps(resolved.value) : [];
  return placed ? stepDose(placed) : expect.fail('not resolved');
};

describe('more doses', () => {
  it('a hold inside a repetition: together, 5 reps of 2 s with 3 s held, cue 12', () => {
    const m = move('a', { cues: cues(12) });
    expect(of([step('a', { dose: rep(5, 2, { holdSec: 3 }) })], [m])).toMatchObject({
      total: 32.5,
      text: '5.5 + 25 + 2 = 32.5',
    });
    expect(doseOf(step('a', { dose: rep(5, 2, { holdSec: 3 }) }), [m])).toBe('5 times, each held 3 s');
    const parts = of([step('a', { dose: rep(5, 2, { holdSec: 3 }) })], [m]).timeline.parts;
    expect(parts.find(isWork)?.repHeldMs).toBe(3000);
    const turned = move('b', { ways: { pattern: 'together', directions: ['outward', 'inward'] } });
    const own = step('b', { dose: rep(5, 2, { holdSec: 3 }), second: { amount: 8, reason: 'said' } });
    expect(doseOf(own, [turned])).toBe('5 times outward, 8 times inward, each held 3 s');
  });

  it('held on an alternating move: 20 s, cue 14, again 4, one whole side after the other', () => {
    const m = move('a', { ways: alternate, cues: cues(14, 4) });
    const made = of([step('a', { dose: hold(20) })], [m]);
    expect(made).toMatchObject({ total: 54, left: 20, right: 20, text: '(6 + 20 + 2) + (4 + 20 + 2) = 54' });
    expect(made.timeline.parts.filter(isWork).map((p) => [p.side, p.lengthMs, p.held])).toEqual([
      ['left', 20_000, true],
      ['right', 20_000, true],
    ]);
  });

  it('repetitions over two breaths, and over half a breath', () => {
    const m = move('a', { cues: cues(10) });
    expect(of([step('a', { dose: rep(4, 'two breaths') })], [m])).toMatchObject({
      total: 86.5,
      text: '4.5 + 80 + 2 = 86.5',
    });
    expect(of([step('a', { dose: rep(10, 'half a breath') })], [m])).toMatchObject({
      total: 56.5,
      text: '4.5 + 50 + 2 = 56.5',
    });
    expect(doseOf(step('a', { dose: rep(4, 'two breaths') }), [m])).toBe('4 × two breaths');
    expect(doseOf(step('a', { dose: rep(1, 'half a breath') }), [m])).toBe('half a breath');
  });

  it('a step with a breath of its own: 3 breaths at 4 a minute, and at ratio 2 each 5 s in, 10 s out', () => {
    const m = move('a', { cues: cues(10) });
    const slow = step('a', {
      dose: { measure: 'breaths', amount: 3 },
      breath: { breathsPerMinute: 4, exhaleRatio: 2 },
    });
    const made = of([slow, step('a', { id: 'b', dose: { measure: 'breaths', amount: 3 } })], [m]);
    expect(made.total).toBe(51.5 + 36.5);
    const [own, usual] = made.timeline.parts.filter(isWork);
    expect(own?.breath).toEqual({ cycleMs: 15_000, inMs: 5000 });
    expect(usual?.breath).toEqual({ cycleMs: 10_000, inMs: 4000 });
    expect(doseOf(slow, [m])).toBe('3 breaths, at 4 a minute, 2 times as long out as in');
  });

  it('a range: together, hold 15 to 20, cue 10', () => {
    const m = move('a', { cues: cues(10) });
    const range = { measure: 'seconds', amount: 15, to: 20 } as const;
    expect(of([step('a', { dose: range })], [m])).toMatchObject({
      total: 21.5,
      most: 26.5,
      text: '4.5 + 15 + 2 = 21.5 to 26.5',
    });
    expect(doseOf(step('a', { dose: range }), [m])).toBe('15 to 20 s');
    // Left and right get the same range.
    const sided = move('b', { ways: each(), cues: cues(10) });
    const both = of([step('b', { dose: range })], [sided]);
    expect(both.most - both.total).toBe(10);
    expect(Step.safeParse({ ...step('a'), dose: { ...range, to: 15 } }).error?.issues[0]).toMatchObject({
      path: ['dose', 'to'],
      message: 'must be more than the lower end, which is 15',
    });
  });

  it('a range of repetitions from side to side', () => {
    const m = move('a', { ways: alternate, cues: cues(12) });
    const made = of([step('a', { dose: rep(3, 4, { to: 5 }) })], [m]);
    expect(made).toMatchObject({ total: 31.5, most: 31.5 + 16 });
  });

  it('an open hold is timed at its planned length, and says that it is open', () => {
    const m = move('a', { cues: cues(10) });
    const open = step('a', { dose: { measure: 'seconds', amount: 30, open: true } });
    const made = of([open], [m]);
    expect(made.total).toBe(36.5);
    expect(made.timeline.parts.find(isWork)?.open).toBe(true);
    expect(doseOf(open, [m])).toBe('about 30 s, until you go on');
  });

  const chain = (links: Step[], more: object = {}): Item =>
    Break.shape.items.element.parse({ type: 'chain', id: 'ch', links, ...more });

  it('rounds: a series of two together holds of 10, twice; cues 8 and 6, again 3 and 3', () => {
    const moves = [move('a', { cues: cues(8, 3) }), move('b', { cues: cues(6, 3) })];
    const links = [step('a', { dose: hold(10) }), step('b', { dose: hold(10) })];
    expect(of([chain(links, { rounds: 2 })], moves).total).toBe(52.5);
  });

  const links = [
    move('a', { ways: each(), cues: cues(14, 4) }),
    move('b', { ways: each(), cues: cues(12, 4) }),
    move('c', { ways: each(), cues: cues(8, 3) }),
  ];
  const steps = [step('a'), step('b'), step('c', { dose: hold(10) })];
  const rest = move('rest', { kind: 'pause', alsoIn: ['edge'], returnSec: 0, cues: cues(2) });

  it('a rest of 10 between the sides of the series of 127', () => {
    const made = of([chain(steps, { between: [step('rest', { dose: hold(10) })] })], [...links, rest]);
    expect(made).toMatchObject({ total: 137, left: 50, right: 50 });
  });

  it('a rest of 5 as a link of it', () => {
    const made = of([chain([...steps, step('rest', { dose: hold(5) })])], [...links, rest]);
    expect(made).toMatchObject({ total: 137, left: 50, right: 50 });
  });

  it('a turned link: one arm works through the series, felt on the left and then on the right', () => {
    const felt = [move('a', { ways: each('same') }), move('b', { ways: each('opposite') })];
    const turned = chain([step('a', { dose: hold(10) }), step('b', { dose: hold(10), turned: true })]);
    const work = of([turned], felt).timeline.parts.filter(isWork);
    expect(work.map((p) => [p.pass, p.side, p.felt])).toEqual([
      [0, 'left', 'left'],
      [0, 'right', 'left'],
      [1, 'right', 'right'],
      [1, 'left', 'right'],
    ]);
    const opposite = chain([step('a', { dose: hold(10) }), step('b', { dose: hold(10) })]);
    expect(
      of([opposite], felt)
        .timeline.parts.filter(isWork)
        .map((p) => p.side),
    ).toEqual(['left', 'left', 'right', 'right']);
  });

  it('another amount in the second direction', () => {
    const m = move('a', { ways: { pattern: 'together', directions: ['up', 'down'] }, cues: cues(9, 4, 3) });
    const uneven = step('a', { dose: rep(10, 2.5), second: { amount: 4, reason: 'stiffer that way' } });
    expect(of([uneven], [m])).toMatchObject({ total: 45, text: '(4 + 25) + (4 + 10) + 2 = 45' });
    expect(doseOf(uneven, [m])).toBe('10 times up, 4 times down');
  });

  it('repetitions of crossed arms take turns; what is done one by one does not', () => {
    const arms = { pattern: 'each', pair: 'arm on top', felt: 'both' } as const;
    const crossed = move('a', { ways: arms, cues: cues(12) });
    const sidesOf = (one: Step, moves: Move[]) =>
      of([one], moves)
        .timeline.parts.filter(isWork)
        .map((p) => p.side);
    expect(sidesOf(step('a', { dose: rep(2, 4) }), [crossed])).toEqual(['left', 'right', 'left', 'right']);
    expect(sidesOf(step('a', { dose: hold(10) }), [crossed])).toEqual(['left', 'right']);
    const turns = move('b', { ways: alternate, cues: cues(12, 4) });
    const first = step('b', { dose: rep(3, 4), oneByOne: true });
    expect(sidesOf(first, [turns])).toEqual(['left', 'right']);
    expect(of([first], [turns])).toMatchObject({
      left: 12,
      right: 12,
      text: '(5.5 + 12 + 2) + (4 + 12 + 2) = 37.5',
    });
    expect(doseOf(first, [turns])).toBe('3 times, all of one side first');
  });

  it('whole breaths count with the step’s own breath, not with a rounded cycle', () => {
    const m = move('a', { cues: cues(10) });
    const nine = step('a', { dose: hold(30), wholeBreaths: true, breath: { breathsPerMinute: 9 } });
    const [work] = of([nine], [m]).timeline.parts.filter(isWork);
    expect(Math.round((work?.lengthMs ?? 0) / (work?.breath?.cycleMs ?? 1))).toBe(5);
    expect(doseOf(nine, [m])).toBe('5 breaths, at 9 a minute');
  });

  it('a pause stays where one is and takes nothing away', () => {
    const edge = move('e', { position: 'edge', things: ['strap'] });
    const made = of([step('e'), step('rest', { dose: hold(10) }), step('e', { id: 'e2' })], [edge, rest]);
    expect(made.timeline.parts.filter((p) => p.kind === 'position' || p.kind === 'fetch')).toHaveLength(2);
  });

  it('a second movement meanwhile: the wrist drawn back while the other leg is straightened ten times', () => {
    const wrist = move('wrist', {
      ways: each(),
      cues: { ...cues(14, 4), say: 'Draw the {side} hand back.', again: 'Now the {side}.' },
    });
    const leg = move('leg', {
      name: 'Straighten the knee',
      ways: alternate,
      cues: { ...cues(5), say: 'Straighten your {side} knee.', again: 'Now the {side} knee.' },
      dose: { least: 4, usual: rep(6, 2), most: 10 },
      things: ['strap'],
    });
    const one = step('wrist', { dose: hold(20), meanwhile: { moveId: 'leg', times: 10, side: 'other' } });
    const made = of([one], [wrist, leg]);
    const said = made.timeline.parts.flatMap((p) => p.lines.filter((l) => ['say', 'again'].includes(l.role)));
    expect(said.map((l) => l.text)).toEqual([
      'Draw the left hand back. At the same time: straighten your right knee. Ten times.',
      'Now the right. At the same time: now the left knee. Ten times.',
    ]);
    // 15 words are 6.5 s, 13 are 6; the strap of the second movement is fetched: 5. The work is the hold’s alone.
    expect(made).toMatchObject({
      total: 61.5,
      left: 20,
      right: 20,
      text: '5 + (6.5 + 20 + 2) + (6 + 20 + 2) = 61.5',
    });
    expect(made.timeline.parts.filter(isWork).map((p) => p.meanwhile)).toEqual([
      { moveId: 'leg', moveName: 'Straighten the knee', times: 10, side: 'right' },
      { moveId: 'leg', moveName: 'Straighten the knee', times: 10, side: 'left' },
    ]);
    expect(doseOf(one, [wrist, leg])).toBe('20 s each side, meanwhile 10 times: straighten the knee');
  });
});
