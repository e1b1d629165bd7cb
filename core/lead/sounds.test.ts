import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { arbBreak } from '../testing/arbitrary';
import { alternate, breaths, brk, compile, cues, each, hold, move, reps, step } from '../testing/build';
import {
  advance,
  COUNT_IN_MS,
  changeTempo,
  extendByBreath,
  type Lead,
  pause,
  readyToLead,
  type Sound,
  skip,
  soundsAhead,
  start,
  waitForMe,
} from '.';

// say 6 + hold 30 + back 2, change 4 + hold 30 + back 2; then say 2.5 + 5 x 2 s + back 2.
const line = compile(brk([step('a', { dose: hold(30) }), step('b', { dose: reps(5, 2) })]), [
  move('a', { ways: each(), cues: cues(14, 4) }),
  move('b', { cues: cues(5) }),
]);
const T0 = 50_000;
const ALL = 24 * 3_600_000;
const at = (ms: number, timeline = line): Lead =>
  advance(timeline, start(readyToLead(timeline), T0), T0 + COUNT_IN_MS + ms);
const told = (s: Sound): string =>
  `${Math.round(s.atMs)} ${s.what === 'breath' ? s.phase : s.what === 'signal' ? s.signal : s.left}${s.side ? ` ${s.side}` : ''}`;
const ofKind = (list: readonly Sound[], what: Sound['what']): string[] =>
  list.filter((s) => s.what === what).map(told);

describe('what is heard', () => {
  const all = soundsAhead(line, start(readyToLead(line), T0), ALL);
  it('counts in, and signals the start, the change of side, the last breath, the next step and the end', () => {
    expect(ofKind(all, 'count').slice(0, 3)).toEqual(['0 3', '1000 2', '2000 1']);
    expect(ofKind(all, 'signal')).toEqual([
      '3000 start left',
      '29000 last breath left',
      '41000 side right',
      '65000 last breath right',
      '77000 step',
      '91500 end',
    ]);
  });
  it('rises and falls with each breath that is led, on its side', () => {
    expect(ofKind(all, 'breath').slice(0, 7)).toEqual([
      '9000 in left',
      '13000 out left',
      '19000 in left',
      '23000 out left',
      '29000 in left',
      '33000 out left',
      '45000 in right',
    ]);
  });
  it('counts the last three repetitions', () => {
    expect(ofKind(all, 'count').slice(3)).toEqual(['83500 3', '85500 2', '87500 1']);
  });
  it('changes from side to side with work that does', () => {
    const looks = compile(brk([step('l', { dose: reps(2, 4) })]), [
      move('l', { ways: alternate, cues: cues(5) }),
    ]);
    const signals = ofKind(soundsAhead(looks, at(0, looks), ALL), 'signal');
    expect(signals).toEqual([
      '0 start left',
      '6500 side right',
      '10500 side left',
      '14500 side right',
      '20500 end',
    ]);
  });
});

describe('what is heard from the middle', () => {
  it('is the same, only sooner: whatever the moment, nothing moves by a thousandth of a second', () => {
    fc.assert(
      fc.property(arbBreak, fc.integer({ min: 0, max: 400_000 }), (input, ms) => {
        const any = compile(input.brk, input.moves);
        const whole = soundsAhead(any, at(0, any), ALL);
        // Not in the very moment of something: whether that is heard still, thousandths decide.
        fc.pre(whole.every((s) => Math.abs(s.atMs - ms) > 3));
        const lead = at(ms, any);
        const later = soundsAhead(any, lead, ALL);
        if (lead.status === 'finished') {
          expect(later).toEqual([]);
          return;
        }
        const expected = whole.filter((s) => s.atMs > ms + 1);
        const rest = later.filter((s) => s.atMs > 1).map((s) => ({ ...s, atMs: s.atMs + ms }));
        expect(rest.length).toBe(expected.length);
        for (const [i, s] of rest.entries()) {
          expect(s.what).toBe(expected[i]!.what);
          expect(Math.abs(s.atMs - expected[i]!.atMs)).toBeLessThan(1);
        }
      }),
      { numRuns: 80, seed: 5 },
    );
  });
  it('goes on in the middle of a breath', () => {
    const [first] = soundsAhead(line, at(6000 + 1000), 5000);
    expect(first).toEqual({ what: 'breath', phase: 'in', atMs: 0, lengthMs: 3000, from: 0.25, side: 'left' });
  });
  it('is only what is asked for, and nothing while it stands still or waits', () => {
    expect(soundsAhead(line, at(0), 7000).every((s) => s.atMs < 7000)).toBe(true);
    expect(soundsAhead(line, pause(line, at(10), T0 + COUNT_IN_MS + 10), ALL)).toEqual([]);
    const waits = waitForMe(line, at(10), T0 + COUNT_IN_MS + 10, true);
    expect(soundsAhead(line, waits, ALL).at(-1)!.atMs).toBeLessThan(74_000);
    expect(ofKind(soundsAhead(line, waits, ALL), 'signal')).not.toContain('end');
  });
  it('follows what was added, and breaths that are led slower', () => {
    const now = T0 + COUNT_IN_MS + 6000;
    const longer = extendByBreath(line, at(6000), now, 10_000);
    expect(ofKind(soundsAhead(line, longer, ALL), 'signal')[0]).toBe('30000 last breath left');
    const slow = changeTempo(line, at(6000), now, 1);
    expect(ofKind(soundsAhead(line, slow, ALL), 'signal')[0]).toBe('22000 last breath left');
    expect(soundsAhead(line, slow, ALL)[0]).toMatchObject({ phase: 'in', lengthMs: 4400 });
  });
  it('says nothing beyond an open hold', () => {
    const open = compile(brk([step('a', { dose: { ...hold(20), open: true } }), step('b')]), [
      move('a', { cues: cues(5) }),
      move('b'),
    ]);
    expect(ofKind(soundsAhead(open, at(0, open), ALL), 'signal')).toEqual(['0 start']);
    // It is breathed through all the same, however long it takes.
    const breaths = soundsAhead(open, at(100_000, open), ALL).filter((s) => s.what === 'breath');
    expect(breaths.length).toBeGreaterThan(10);
    const on = skip(open, at(60_000, open), T0 + COUNT_IN_MS + 60_000);
    expect(ofKind(soundsAhead(open, on, ALL), 'signal')).toContain('2000 step');
  });
});

it('calls no breath the last one that is cut short', () => {
  const cut = compile(brk([step('a', { dose: hold(25) })]), [move('a', { cues: cues(5) })]);
  expect(ofKind(soundsAhead(cut, at(0, cut), ALL), 'signal')).toEqual(['0 start', '29500 end']);
  const whole = compile(brk([step('a', { dose: breaths(3) })]), [move('a', { cues: cues(5) })]);
  expect(ofKind(soundsAhead(whole, at(0, whole), ALL), 'signal')).toContain('22500 last breath');
});
